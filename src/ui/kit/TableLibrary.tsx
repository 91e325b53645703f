import { Button, TextInput } from '@mantine/core'
import { useState, type ReactNode } from 'react'
import { TableHead, type Column } from './TableHead'

interface TableLibraryProps<Row> {
  title: string
  /** How many there are, in words. */
  count: string
  rows: readonly Row[]
  nameOf: (row: Row) => string
  columns: readonly Column[]
  show: (row: Row) => ReactNode
  find: { label: string; placeholder: string; none: string }
  empty: { title: string; text: string }
  newLabel: string
  actions?: ReactNode
  onNew: () => void
  onImport: () => void
  onSave: () => void
  children?: ReactNode
}

/** The page of a library that is a table: its head, search by name, and what there is to do with all of it. */
export function TableLibrary<Row>({
  title,
  count,
  rows,
  nameOf,
  columns,
  show,
  find,
  empty,
  newLabel,
  actions,
  onNew,
  onImport,
  onSave,
  children,
}: TableLibraryProps<Row>) {
  const [query, setQuery] = useState('')
  const found = rows.filter((row) => nameOf(row).toLowerCase().includes(query.trim().toLowerCase()))
  return (
    <div className="page">
      <div className="page-head">
        <h1>{title}</h1>
        <span className="second">{count}</span>
        <span className="push">
          {actions}
          <Button variant="default" onClick={onSave} disabled={rows.length === 0}>
            Save as CSV
          </Button>
          <Button variant="default" onClick={onImport}>
            Read a table
          </Button>
          <Button onClick={onNew}>{newLabel}</Button>
        </span>
      </div>
      <div className="sheet">
        <TextInput
          aria-label={find.label}
          placeholder={find.placeholder}
          value={query}
          onChange={(event) => setQuery(event.currentTarget.value)}
          mb="sm"
          maw={360}
        />
        {rows.length === 0 && (
          <div className="empty">
            <h2>{empty.title}</h2>
            <p>{empty.text}</p>
          </div>
        )}
        {rows.length > 0 && found.length === 0 && <p className="second">{find.none}</p>}
        {found.length > 0 && (
          <table className="plain">
            <TableHead columns={columns} />
            <tbody>{found.map(show)}</tbody>
          </table>
        )}
        {children}
      </div>
    </div>
  )
}
