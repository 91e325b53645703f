import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { read } from '@core/base/read'
import type { Problem } from '@core/base/result'
import { api, ApiError } from './api'
import type { Stored } from './use-library'

interface DocumentForm<Document> {
  schema: z.ZodType<Document>
  /** Where the library answers, such as `/api/people`, and what the body calls one document. */
  path: string
  key: string
  stored: Stored<Document> | undefined
  blank: () => Document
  onStored: (stored: Stored<Document>) => void
  onErased: (id: string) => void
}

/** What is wrong with a field, said beside it: without the name that the field has in a document. */
export function errorAt(problems: readonly Problem[], field: string): string | undefined {
  const message = problems.find((problem) => problem.field === field)?.message
  if (message === undefined) return undefined
  const [first = '', ...rest] = message.split(' ')
  const said = first === field || first.endsWith(`.${field}`) ? rest.join(' ') : message
  return said.charAt(0).toUpperCase() + said.slice(1)
}

/** A form for one document of a library: what is typed stays until it is stored or given up, and what is wrong is told at its field. */
export function useDocumentForm<Document extends { id: string }>({
  schema,
  path,
  key,
  stored,
  blank,
  onStored,
  onErased,
}: DocumentForm<Document>) {
  const [initial] = useState<Document>(() => structuredClone(stored?.document) ?? blank())
  const [draft, setDraft] = useState(initial)
  const [problems, setProblems] = useState<Problem[]>([])
  const told = (error: Error) => {
    const problems = error instanceof ApiError ? error.problems : []
    const said = problems.length > 0 ? problems : [{ code: 'failed', field: '', message: error.message }]
    setProblems(said.map((problem) => ({ ...problem, field: problem.field.replace(new RegExp(`^${key}\\.?`), '') })))
  }
  const storing = useMutation({
    mutationFn: (document: Document) =>
      stored
        ? api<Stored<Document>>('PUT', `${path}/${draft.id}`, { version: stored.version, [key]: document })
        : api<Stored<Document>>('POST', path, document),
    onSuccess: (made) => onStored(made),
    onError: told,
  })
  const erasing = useMutation({
    mutationFn: () => api('DELETE', `${path}/${draft.id}`),
    onSuccess: () => onErased(draft.id),
    onError: told,
  })
  return {
    draft,
    /** Whether anything was typed that is not stored. */
    dirty: JSON.stringify(draft) !== JSON.stringify(initial),
    busy: storing.isPending || erasing.isPending,
    set: (change: Partial<Document>) => setDraft((now) => ({ ...now, ...change })),
    setDraft,
    problems,
    /** Tells something that only the form knows. */
    tell: setProblems,
    errorOf: (field: string) => errorAt(problems, field),
    store: () => {
      const checked = read(schema, draft)
      if (!checked.ok) return setProblems(checked.problems)
      setProblems([])
      storing.mutate(checked.value)
    },
    erase: stored && (() => erasing.mutate()),
  }
}
