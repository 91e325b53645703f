/** Reading a table that somebody else has made: which column is which, and what becomes of each row. */

/** Which column of the table each of ours is; what is missing is left at its default. */
export type ColumnMatch<Column extends string> = Partial<Record<Column, number>>

/** What became of a row, or what is wrong with it. `line` counts from 2, after the headings. */
export type TableRow<Value> = { line: number; text: string } & ({ value: Value } | { wrong: string })

/** Guesses which column is which by its heading; the first column is `main` if no heading says so. */
export function matchColumns<Column extends string>(
  headings: readonly string[],
  likely: Readonly<Record<Column, RegExp>>,
  main: Column,
): ColumnMatch<Column> {
  const match: ColumnMatch<Column> = {}
  for (const column of Object.keys(likely) as Column[]) {
    const at = headings.findIndex((heading, index) => likely[column].test(heading) && !Object.values(match).includes(index))
    if (at >= 0) match[column] = at
  }
  if (match[main] === undefined && headings.length > 0) match[main] = 0
  return match
}

/** The rows that are not empty, each as `take` reads it. */
export function readTable<Column extends string, Value>(
  rows: readonly (readonly string[])[],
  match: ColumnMatch<Column>,
  take: (cell: (column: Column) => string) => { value: Value } | { wrong: string },
): TableRow<Value>[] {
  return rows.flatMap((cells, index): TableRow<Value>[] => {
    if (cells.every((cell) => cell.trim() === '')) return []
    const cell = (column: Column) => {
      const at: number | undefined = match[column]
      return at === undefined ? '' : (cells[at] ?? '').replace(/\r\n?/g, '\n').trim()
    }
    return [
      {
        line: index + 2,
        text: cells
          .map((cell) => cell.trim())
          .filter(Boolean)
          .join(', '),
        ...take(cell),
      },
    ]
  })
}

/** The entries of a cell that holds several, between semicolons. */
export const entriesOf = (cell: string): string[] =>
  cell
    .split(';')
    .map((entry) => entry.trim())
    .filter(Boolean)
