import { Button } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { Joining } from '@core/access/credentials'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { AskingForm } from './AskingForm'
import { OwnFields } from './OwnFields'
import { useAskingForm } from './use-asking-form'

interface JoinFormProps {
  token: string
  /** Whom the owner made the link for. */
  name: string
  /** Who is signed in on this device, if anybody is. */
  signedIn?: string | undefined
}

export function JoinForm(props: JoinFormProps) {
  return (
    <Kit>
      <Form {...props} />
    </Kit>
  )
}

function Form({ token, name, signedIn }: JoinFormProps) {
  const join = (joining: Joining) => api('POST', `/api/join/${token}`, joining)
  const goOn = () => location.assign('/')
  const { form, submit, busy, problem } = useAskingForm({
    schema: Joining,
    initial: { name, email: '', password: '' },
    from: (values) => values,
    send: join,
    done: goOn,
  })
  const asOneself = useMutation({ mutationFn: () => join({ signedIn: true }), onSuccess: goOn, onError: tellProblem })
  if (signedIn)
    return (
      <Button onClick={() => asOneself.mutate()} loading={asOneself.isPending}>
        Join as {signedIn}
      </Button>
    )
  return (
    <>
      <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Join">
        <OwnFields inputProps={form.getInputProps} />
      </AskingForm>
      <p>
        Have you an account here already? <a href={`/sign-in?to=${encodeURIComponent(`/join/${token}`)}`}>Sign in first</a>.
      </p>
    </>
  )
}

export const JoinFormIsland = fromText(JoinForm)
