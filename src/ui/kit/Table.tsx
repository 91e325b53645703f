import { Table as MantineTable, type TableTdProps } from '@mantine/core'
import type { ReactNode } from 'react'
import styles from './Table.module.css'

/** A column's heading: a name alone, a column of figures, or one whose name only assistive technology reads. */
export type Column = string | { name: string; kind: 'figure' | 'hidden' }

interface TableProps {
  columns: readonly Column[]
  /** Rows. */
  children: ReactNode
  label?: string | undefined
  className?: string
  /** A grid of figures, which is read across and down: it stays one on a phone. */
  grid?: boolean
}

/** What each column is called, for the phone, where every cell says it itself. */
const namesFor = (columns: readonly Column[]) =>
  Object.fromEntries(
    columns.map((column, index) => [
      `--column-${index + 1}`,
      typeof column === 'string' ? JSON.stringify(column) : column.kind === 'hidden' ? '""' : JSON.stringify(column.name),
    ]),
  )

/** A table of the planner: headings, and rows under them; on a phone a row is what its cells say, one after the other. */
export const Table = ({ columns, children, label, className = '', grid = false }: TableProps) => (
  <MantineTable
    className={`${styles.table} ${grid ? '' : styles.stacks} ${className}`}
    style={grid ? undefined : namesFor(columns)}
    aria-label={label}
    verticalSpacing={9}
    horizontalSpacing={10}
    borderColor="var(--line)"
  >
    <MantineTable.Thead>
      <MantineTable.Tr>
        {columns.map((column) => {
          const { name, kind } = typeof column === 'string' ? { name: column, kind: 'name' } : column
          return kind === 'hidden' ? (
            <MantineTable.Th scope="col" aria-label={name} key={name} />
          ) : (
            <MantineTable.Th scope="col" className={kind === 'figure' ? styles.figure : undefined} key={name}>
              {name}
            </MantineTable.Th>
          )
        })}
      </MantineTable.Tr>
    </MantineTable.Thead>
    <MantineTable.Tbody>{children}</MantineTable.Tbody>
  </MantineTable>
)

export const Row = MantineTable.Tr

/** What the rest of its row is about. */
export const RowHead = ({ children }: { children?: ReactNode }) => <MantineTable.Th scope="row">{children}</MantineTable.Th>

/** `figure`: a number, among others of its column. */
export const Cell = ({ figure, className = '', ...rest }: TableTdProps & { figure?: boolean }) => (
  <MantineTable.Td className={figure ? `${styles.figure} ${className}` : className} {...rest} />
)
