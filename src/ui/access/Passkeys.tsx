import { Button, Group, Stack, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../kit/api'
import { tellProblem } from '../kit/notice'
import { addPasskey, usePasskeysHere } from './use-passkeys'
import shell from '../shell/shell.module.css'

interface PasskeysProps {
  passkeys: { id: string; name: string }[]
  /** The name to which passkeys are bound. */
  place: string
}

/** The passkeys of one's devices: signing in without a password. */
export function Passkeys({ passkeys, place }: PasskeysProps) {
  const [name, setName] = useState('')
  const canHave = usePasskeysHere(place)
  const reload = () => location.reload()
  const add = useMutation({ mutationFn: () => addPasskey(name.trim() || 'This device'), onSuccess: reload, onError: tellProblem })
  const remove = useMutation({ mutationFn: (id: string) => api('DELETE', `/api/passkeys/${id}`), onSuccess: reload, onError: tellProblem })
  return (
    <section className={shell.sheet} aria-label="Passkeys">
      <Stack gap="xs">
        <b>Passkeys</b>
        {passkeys.map((passkey) => (
          <Group key={passkey.id} justify="space-between">
            <span>{passkey.name}</span>
            <Button variant="subtle" onClick={() => remove.mutate(passkey.id)} aria-label={`Remove the passkey ${passkey.name}`}>
              Remove
            </Button>
          </Group>
        ))}
        {canHave ? (
          <Group align="flex-end">
            <TextInput label="Name of this device" value={name} onChange={(event) => setName(event.currentTarget.value)} />
            <Button variant="default" onClick={() => add.mutate()} loading={add.isPending}>
              Add a passkey
            </Button>
          </Group>
        ) : (
          <div className="second">A device can have one where Vicinor is opened by https, or as localhost.</div>
        )}
      </Stack>
    </section>
  )
}
