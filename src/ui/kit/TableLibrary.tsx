import { Button, TextInput } from '@mantine/core'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react'
import { Table, type Column } from './Table'
import kit from './kit.module.css'
import shell from '../shell/shell.module.css'

/** Goes onto a row of a long table. */
export interface RowPlace {
  ref: (row: HTMLTableRowElement | null) => void
  'data-index': number
}

interface TableLibraryProps<Item> {
  title: string
  /** How many there are, in words. */
  count: string
  rows: readonly Item[]
  nameOf: (row: Item) => string
  columns: readonly Column[]
  /** A row; `at` is where it stands among all of them, for the list that draws only what is seen. */
  show: (row: Item, at: RowPlace) => ReactNode
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
export function TableLibrary<Item>({
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
}: TableLibraryProps<Item>) {
  const [query, setQuery] = useState('')
  const found = rows.filter((row) => nameOf(row).toLowerCase().includes(query.trim().toLowerCase()))
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>{title}</h1>
        <span className="second">{count}</span>
        <span className="push">
          {actions}
          <Button variant="default" onClick={onSave} disabled={rows.length === 0}>
            Save as CSV
          </Button>
          <Button variant="default" onClick={onImport}>
            Import
          </Button>
          <Button onClick={onNew}>{newLabel}</Button>
        </span>
      </div>
      <div className={shell.sheet}>
        <TextInput
          aria-label={find.label}
          placeholder={find.placeholder}
          value={query}
          onChange={(event) => setQuery(event.currentTarget.value)}
          mb="sm"
          maw={360}
        />
        {rows.length === 0 && (
          <div className={kit.empty}>
            <h2>{empty.title}</h2>
            <p>{empty.text}</p>
          </div>
        )}
        {rows.length > 0 && found.length === 0 && <p className="second">{find.none}</p>}
        {found.length > 0 && (
          <Table columns={columns}>
            <LongRows rows={found} show={show} width={columns.length} />
          </Table>
        )}
        {children}
      </div>
    </div>
  )
}

interface LongRowsProps<Item> extends Pick<TableLibraryProps<Item>, 'show'> {
  rows: readonly Item[]
  /** In columns. */
  width: number
}

/** The rows that are seen, and some round them; a roster may have thousands. */
function LongRows<Item>({ rows, show, width }: LongRowsProps<Item>) {
  const start = useRef<HTMLTableRowElement>(null)
  const [margin, setMargin] = useState(0)
  useLayoutEffect(() => setMargin((start.current?.getBoundingClientRect().top ?? 0) + window.scrollY), [])
  const virtual = useWindowVirtualizer({ count: rows.length, estimateSize: () => 54, overscan: 30, scrollMargin: margin })
  const seen = virtual.getVirtualItems()
  const before = (seen[0]?.start ?? margin) - margin
  const after = virtual.getTotalSize() - ((seen.at(-1)?.end ?? margin) - margin)
  return (
    <>
      <tr ref={start} aria-hidden>
        <td colSpan={width} style={{ height: before, padding: 0 }} />
      </tr>
      {seen.map(({ index }) => show(rows[index]!, { ref: virtual.measureElement, 'data-index': index }))}
      <tr aria-hidden>
        <td colSpan={width} style={{ height: Math.max(0, after), padding: 0 }} />
      </tr>
    </>
  )
}
