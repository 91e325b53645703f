import { Button, PasswordInput, Stack } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { PasswordChange } from '@core/access/credentials'
import { roleWords, type Role } from '@core/access/role'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tell, tellProblem } from '../kit/notice'
import { AskingForm } from './AskingForm'
import { NewPasswordField } from './OwnFields'
import { Passkeys } from './Passkeys'
import { useAskingForm } from './use-asking-form'
import shell from '../shell/shell.module.css'

interface AccountPageProps {
  name: string
  hallId: string
  halls: { id: string; name: string; role: Role }[]
  demo: boolean
  passkeys: { id: string; name: string }[]
  passkeysAt: string
}

/** Who one is here: one's halls, one's password, and the way out. */
export function AccountPage(props: AccountPageProps) {
  return (
    <Kit>
      <div className={shell.page}>
        <div className={shell.pageHead}>
          <h1>{props.name}</h1>
        </div>
        <Stack gap="md" maw={560}>
          <Halls {...props} />
          {!props.demo && <ChangePassword />}
          {!props.demo && <Passkeys passkeys={props.passkeys} place={props.passkeysAt} />}
          <p>
            Did something go wrong in a class? <a href="/incidents/new">Report an incident</a>.{' '}
            <a href="/privacy">What is kept of people</a>
          </p>
          <Out demo={props.demo} />
        </Stack>
      </div>
    </Kit>
  )
}

function Halls({ halls, hallId }: AccountPageProps) {
  const choose = useMutation({
    mutationFn: (id: string) => api('PUT', '/api/session', { hallId: id }),
    onSuccess: () => location.assign('/'),
    onError: tellProblem,
  })
  return (
    <section className={shell.sheet} aria-label="Your halls">
      <Stack gap="xs">
        {halls.map((hall) => (
          <div key={hall.id}>
            <b>{hall.name}</b>, {roleWords[hall.role].name.toLowerCase()}{' '}
            {hall.id === hallId ? (
              halls.length > 1 && <span className="second">(open now)</span>
            ) : (
              <Button variant="default" onClick={() => choose.mutate(hall.id)} loading={choose.isPending}>
                Open {hall.name}
              </Button>
            )}
            <div className="second">{roleWords[hall.role].may}.</div>
          </div>
        ))}
      </Stack>
    </section>
  )
}

function ChangePassword() {
  const { form, submit, busy, problem } = useAskingForm({
    schema: PasswordChange,
    initial: { current: '', next: '' },
    from: (values) => values,
    send: (change) => api('PUT', '/api/account/password', change),
    done: () => {
      form.reset()
      tell({ message: 'Your password is changed, and other devices are signed out.' })
    },
  })
  return (
    <section className={shell.sheet} aria-label="Change your password">
      <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Change the password">
        <PasswordInput label="The password you have now" autoComplete="current-password" {...form.getInputProps('current')} />
        <NewPasswordField label="New password" inputProps={form.getInputProps('next')} />
      </AskingForm>
    </section>
  )
}

function Out({ demo }: { demo: boolean }) {
  const out = useMutation({
    mutationFn: (path: string) => api('DELETE', path),
    onSuccess: () => location.assign('/sign-in'),
    onError: tellProblem,
  })
  return (
    <section className={shell.sheet} aria-label="Sign out">
      <Stack gap="xs" align="flex-start">
        <Button variant="default" onClick={() => out.mutate('/api/session')}>
          Sign out
        </Button>
        {demo ? (
          <div className="second">
            The demo then looks as it does to a stranger. To have it as it was at first, start Vicinor with ./start --fresh.
          </div>
        ) : (
          <Button variant="default" onClick={() => out.mutate('/api/sessions')}>
            Sign out on every device
          </Button>
        )}
      </Stack>
    </section>
  )
}

export const AccountPageIsland = fromText(AccountPage)
