import { Button, Group } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'

interface OpenCardsProps {
  runId: string
  people: { id: string; name: string }[]
}

/** Whose cards phones have opened from the list of names; each can be let go, for whoever pressed on the wrong name. */
export function OpenCards(props: OpenCardsProps) {
  return (
    <Kit>
      <Cards {...props} />
    </Kit>
  )
}

function Cards({ runId, people }: OpenCardsProps) {
  const [open, setOpen] = useState(people)
  const { mutate: letGo } = useMutation({
    mutationFn: (id: string) => api('DELETE', `/api/runs/${runId}/claims/${id}`),
    onSuccess: (_, id) => setOpen((all) => all.filter((person) => person.id !== id)),
    onError: tellProblem,
  })
  if (open.length === 0) return <p className="second">No card is open from the list yet.</p>
  return (
    <>
      <p className="second">Open on a phone. Whoever pressed on the wrong name: let the card go, and it closes there.</p>
      <Group gap="xs" mb="md">
        {open.map(({ id, name }) => (
          <Button key={id} variant="default" aria-label={`Let ${name}’s card go`} onClick={() => letGo(id)}>
            {name}: let go
          </Button>
        ))}
      </Group>
    </>
  )
}
