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
}

/** A table of the planner: headings, and rows under them. */
export const Table = ({ columns, children, label, className = '' }: TableProps) => (
  <MantineTable
    className={`${styles.table} ${className}`}
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
