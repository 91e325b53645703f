import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { PasswordReset, ResetRequest } from '@core/access/credentials'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { AskingForm } from './AskingForm'
import { NewPasswordField } from './OwnFields'
import { useAskingForm } from './use-asking-form'

/** Asks for a link for a new password. */
export function AskForReset() {
  return (
    <Kit>
      <Ask />
    </Kit>
  )
}

function Ask() {
  const [asked, setAsked] = useState(false)
  const { form, submit, busy, problem } = useAskingForm({
    schema: ResetRequest,
    initial: { email: '' },
    from: (values) => values,
    send: (request) => api('POST', '/api/password-resets', request),
    done: () => setAsked(true),
  })
  if (asked)
    return (
      <p role="status">
        If {form.values.email} has an account here, a link for a new password is on its way. It is good for an hour, once.{' '}
        <a href="/sign-in">Back to signing in</a>
      </p>
    )
  return (
    <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Send the link">
      <TextInput label="E-mail address" type="email" autoComplete="username" {...form.getInputProps('email')} />
    </AskingForm>
  )
}

/** Sets a new password by the link that came. */
export function NewPassword({ token }: { token: string }) {
  return (
    <Kit>
      <Choose token={token} />
    </Kit>
  )
}

function Choose({ token }: { token: string }) {
  const { form, submit, busy, problem } = useAskingForm({
    schema: PasswordReset,
    initial: { password: '' },
    from: (values) => values,
    send: (reset) => api('POST', `/api/password-resets/${token}`, reset),
    done: () => location.assign('/sign-in'),
  })
  return (
    <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Set the password">
      <NewPasswordField label="New password" inputProps={form.getInputProps('password')} />
    </AskingForm>
  )
}
