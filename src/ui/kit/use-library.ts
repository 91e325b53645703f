import { useState } from 'react'

export interface Stored<Document> {
  version: number
  document: Document
}

/** The documents of a library as a page shows them, by name, and which of them is being edited. */
export function useLibrary<Document extends { id: string; name: string }>(first: Stored<Document>[]) {
  const [stored, setStored] = useState(first)
  const [editing, setEditing] = useState<Stored<Document> | 'new'>()
  return {
    stored,
    documents: stored.map((each) => each.document),
    /** What the editor is opened with; `undefined` for a new one. */
    edited: editing === 'new' ? undefined : editing,
    editing: editing !== undefined,
    edit: setEditing,
    close: () => setEditing(undefined),
    put: (...next: Stored<Document>[]) => {
      const ids = new Set(next.map((each) => each.document.id))
      setStored((now) =>
        [...now.filter((each) => !ids.has(each.document.id)), ...next].sort((a, b) => a.document.name.localeCompare(b.document.name)),
      )
      setEditing(undefined)
    },
    drop: (id: string) => {
      setStored((now) => now.filter((each) => each.document.id !== id))
      setEditing(undefined)
    },
  }
}
