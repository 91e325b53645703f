import { useForm } from '@mantine/form'
import { useMutation } from '@tanstack/react-query'
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
  const form = useForm<Document>({
    initialValues: structuredClone(stored?.document) ?? blank(),
    validate: (draft) => {
      const checked = read(schema, draft)
      return checked.ok ? {} : errorsOf(checked.problems)
    },
  })
  const draft = form.values
  const told = (error: Error) => {
    const problems = error instanceof ApiError ? error.problems : []
    const said = problems.length > 0 ? problems : [{ code: 'failed', field: '', message: error.message }]
    form.setErrors(errorsOf(said.map((problem) => ({ ...problem, field: problem.field.replace(new RegExp(`^${key}\\.?`), '') }))))
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
  const problems = Object.entries(form.errors).map(([field, message]) => ({ code: '', field, message: String(message) }))
  return {
    draft,
    /** Whether anything was typed that is not stored. */
    dirty: form.isDirty(),
    busy: storing.isPending || erasing.isPending,
    set: (change: Partial<Document>) => form.setValues(change),
    problems,
    /** Tells something that only the form knows. */
    tell: (problems: readonly Problem[]) => form.setErrors(errorsOf(problems)),
    errorOf: (field: string) => errorAt(problems, field),
    store: () => {
      if (!form.validate().hasErrors) storing.mutate(schema.parse(form.getValues()))
    },
    erase: stored && (() => erasing.mutate()),
  }
}

/** What is wrong, field by field. */
function errorsOf(problems: readonly Problem[]): Record<string, string> {
  const errors: Record<string, string> = {}
  for (const { field, message } of problems) errors[field] ??= message
  return errors
}
