import { Button, PasswordInput, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { SignIn } from '@core/access/credentials'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { AskingForm } from './AskingForm'
import { useAskingForm } from './use-asking-form'
import { signInByPasskey, usePasskeysHere } from './use-passkeys'

interface SignInFormProps {
  /** Where to go on. */
  to: string
  /** The name of the demo, where it opens for whoever comes. */
  demo?: string | undefined
  /** The name to which passkeys are bound. */
  passkeysAt: string
}

export function SignInForm(props: SignInFormProps) {
  return (
    <Kit>
      <Form {...props} />
    </Kit>
  )
}

function Form({ to, demo, passkeysAt }: SignInFormProps) {
  const goOn = () => location.assign(to)
  const hasPasskeys = usePasskeysHere(passkeysAt)
  const byPasskey = useMutation({ mutationFn: signInByPasskey, onSuccess: goOn, onError: tellProblem })
  const { form, submit, busy, problem } = useAskingForm({
    schema: SignIn,
    initial: { email: '', password: '' },
    from: (values) => values,
    send: (credentials) => api('POST', '/api/session', credentials),
    done: goOn,
  })
  const toDemo = useMutation({ mutationFn: () => api('POST', '/api/session/demo'), onSuccess: goOn, onError: tellProblem })
  return (
    <>
      <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Sign in">
        <TextInput label="E-mail address" type="email" autoComplete="username" {...form.getInputProps('email')} />
        <PasswordInput label="Password" autoComplete="current-password" {...form.getInputProps('password')} />
      </AskingForm>
      {hasPasskeys && (
        <Button variant="default" mt="sm" onClick={() => byPasskey.mutate()} loading={byPasskey.isPending}>
          Sign in with a passkey
        </Button>
      )}
      <p>
        <a href="/reset">I have forgotten my password</a>
      </p>
      {demo && (
        <Button variant="default" onClick={() => toDemo.mutate()} loading={toDemo.isPending}>
          Open the demo, {demo}
        </Button>
      )}
    </>
  )
}

export const SignInFormIsland = fromText(SignInForm)
