import { useRef } from 'react'
import { measureNames } from '@core/results/outcome'
import { Cell, Row, RowHead, Table } from '../kit/Table'
import type { Cells, RowOf } from './cells'
import { moveBy, pastedCells } from './sheet-keys'
import { columnKey, type Column } from './use-sheet'
import styles from './record.module.css'

interface ResultsGridProps {
  columns: Column[]
  rows: RowOf[]
  cells: Cells
}

/** Results to be typed, pasted and corrected, by keys as in a sheet: down and up, to the sides at the ends of a text. */
export function ResultsGrid({ columns, rows, cells }: ResultsGridProps) {
  const grid = useRef<HTMLDivElement>(null)
  const goTo = (down: number, right: number) => {
    const field = grid.current?.querySelector<HTMLInputElement>(`input[data-at="${down}/${right}"]`)
    field?.focus()
    field?.select()
    return field !== undefined && field !== null
  }
  const paste = (text: string, down: number, right: number) => {
    const block = pastedCells(text)
    if (!block) return false
    void cells.store(
      block.flatMap((texts, byRow) =>
        texts.flatMap((pasted, byColumn) => {
          const [row, column] = [rows[down + byRow], columns[right + byColumn]]
          return row && column ? [{ row, column, text: pasted }] : []
        }),
      ),
    )
    return true
  }
  return (
    <div ref={grid} className={styles.gridScroll}>
      <Table
        grid
        className={styles.grid!}
        label="Results"
        columns={['Who', ...columns.map((column) => `${column.name} (${measureNames[column.measure]})`)]}
      >
        {rows.map((row, down) => (
          <Row key={row.key}>
            <RowHead>{row.name}</RowHead>
            {columns.map((column, right) => {
              const problem = cells.problemOf(column, row)
              return (
                <Cell key={columnKey(column)}>
                  <input
                    className={styles.gridField}
                    data-at={`${down}/${right}`}
                    aria-label={`${row.name}, ${column.name}, ${measureNames[column.measure]}`}
                    aria-invalid={problem !== undefined}
                    autoComplete="off"
                    value={cells.textOf(column, row)}
                    onChange={(event) => cells.type(column, row, event.currentTarget.value)}
                    onFocus={(event) => event.currentTarget.select()}
                    onBlur={(event) => void cells.store([{ column, row, text: event.currentTarget.value }])}
                    onPaste={(event) => {
                      if (paste(event.clipboardData.getData('text/plain'), down, right)) event.preventDefault()
                    }}
                    onKeyDown={(event) => {
                      if (event.key === 'Escape') return cells.giveUp(column, row)
                      const by = moveBy(event, event.currentTarget)
                      if (!by) return
                      event.preventDefault()
                      // Leaving the cell stores it; at the edge of the sheet it is stored where it is.
                      if (!goTo(down + by[0], right + by[1])) void cells.store([{ column, row, text: event.currentTarget.value }])
                    }}
                  />
                  {problem && (
                    <span className={styles.gridProblem} role="alert">
                      {problem}
                    </span>
                  )}
                </Cell>
              )
            })}
          </Row>
        ))}
      </Table>
    </div>
  )
}
