import { Button } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'

interface RevokeLinksProps {
  runId: string
  screen: string
  title: string
}

/** Makes all links to a kind of screen useless, and new ones; asks once more, as devices that have one lose it. */
export function RevokeLinks(props: RevokeLinksProps) {
  return (
    <Kit>
      <Revoke {...props} />
    </Kit>
  )
}

function Revoke({ runId, screen, title }: RevokeLinksProps) {
  const [sure, setSure] = useState(false)
  const { mutate: revoke, isPending } = useMutation({
    mutationFn: () => api('DELETE', `/api/runs/${runId}/links/${screen}`),
    onSuccess: () => location.reload(),
    onError: tellProblem,
  })
  return (
    <span className="push no-print">
      <Button
        variant="default"
        loading={isPending}
        aria-label={`${title}: ${sure ? 'all links stop working: press again' : 'make new links'}`}
        onClick={() => (sure ? revoke() : setSure(true))}
      >
        {sure ? 'All links stop working: press again' : 'Make new links'}
      </Button>
    </span>
  )
}
