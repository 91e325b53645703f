import { useForm } from '@mantine/form'
import { useMutation } from '@tanstack/react-query'
import type { z } from 'zod'
import { read } from '@core/base/read'
import type { Problem } from '@core/base/result'
import { ApiError } from '../kit/api'
import { errorAt } from '../kit/use-document-form'

interface Asking<Values extends Record<string, unknown>, Sent> {
  schema: z.ZodType<Sent>
  initial: Values
  /** What only the form knows to be wrong, field by field. */
  check?: (values: Values) => Partial<Record<keyof Values, string | undefined>>
  /** What is sent, out of what was typed. */
  from: (values: Values) => unknown
  send: (sent: Sent) => Promise<unknown>
  done: () => void
}

/** A small form that asks for something once: what is wrong is said at its field, or above the button where it is of none. */
export function useAskingForm<Values extends Record<string, unknown>, Sent>({
  schema,
  initial,
  check,
  from,
  send,
  done,
}: Asking<Values, Sent>) {
  const form = useForm<Values>({ initialValues: initial, validate: (values) => present(check?.(values) ?? {}) })
  const told = (problems: readonly Problem[]) => {
    const named = problems.map((problem) => ({ ...problem, field: problem.field.split('.').at(-1) ?? '' }))
    const errors = Object.keys(initial).flatMap((field) => {
      const message = errorAt(named, field)
      return message === undefined ? [] : [[field, message] as const]
    })
    const [other] = named.filter(({ field }) => !(field in initial))
    form.setErrors(Object.fromEntries(other ? [...errors, ['form', other.message]] : errors))
  }
  const sending = useMutation({
    mutationFn: send,
    onSuccess: done,
    onError: (error: Error) => {
      const problems = error instanceof ApiError ? error.problems : []
      told(problems.length > 0 ? problems : [{ code: 'failed', field: '', message: error.message }])
    },
  })
  const submit = form.onSubmit((values) => {
    const checked = read(schema, from(values))
    if (checked.ok) sending.mutate(checked.value)
    else told(checked.problems)
  })
  return { form, submit, busy: sending.isPending, problem: form.errors.form as string | undefined }
}

const present = (errors: Record<string, string | undefined>) =>
  Object.fromEntries(Object.entries(errors).filter(([, message]) => message !== undefined))
