import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { api } from './api'

export interface Stored<Document> {
  version: number
  document: Document
}

/** A library of the hall: where it answers, and what its answer calls the documents. */
export interface LibraryPlace {
  path: '/api/people' | '/api/exercises' | '/api/gear' | '/api/rooms'
  many: 'people' | 'exercises' | 'gear' | 'rooms'
}

/** The documents of a library, by name, fresh whenever one comes back to the page, and which of them is being edited. */
export function useLibrary<Document extends { id: string; name: string }>({ path, many }: LibraryPlace, first: Stored<Document>[]) {
  const client = useQueryClient()
  const [editing, setEditing] = useState<Stored<Document> | 'new'>()
  const { data: stored } = useQuery({
    queryKey: [path],
    queryFn: async () => (await api<Record<string, Stored<Document>[]>>('GET', path))[many]!,
    initialData: first,
    refetchOnWindowFocus: 'always',
  })
  const documents = useMemo(() => stored.map(({ document }) => document), [stored])
  const replace = (change: (now: Stored<Document>[]) => Stored<Document>[]) => {
    client.setQueryData<Stored<Document>[]>([path], (now = []) => change(now))
    setEditing(undefined)
  }
  return {
    stored,
    documents,
    /** What the editor is opened with; `undefined` for a new one. */
    edited: editing === 'new' ? undefined : editing,
    editing: editing !== undefined,
    edit: setEditing,
    close: () => setEditing(undefined),
    put: (...next: Stored<Document>[]) => {
      const ids = new Set(next.map(({ document }) => document.id))
      replace((now) =>
        [...now.filter(({ document }) => !ids.has(document.id)), ...next].sort((a, b) => a.document.name.localeCompare(b.document.name)),
      )
    },
    drop: (id: string) => replace((now) => now.filter(({ document }) => document.id !== id)),
  }
}
