/** A column's heading: a name alone, a column of figures, or one whose name only assistive technology reads. */
export type Column = string | { name: string; kind: 'figure' | 'hidden' }

/** The headings of a table. */
export const TableHead = ({ columns }: { columns: readonly Column[] }) => (
  <thead>
    <tr>
      {columns.map((column) => {
        if (typeof column === 'string')
          return (
            <th scope="col" key={column}>
              {column}
            </th>
          )
        return column.kind === 'figure' ? (
          <th scope="col" className="figure" key={column.name}>
            {column.name}
          </th>
        ) : (
          <th scope="col" aria-label={column.name} key={column.name} />
        )
      })}
    </tr>
  </thead>
)
