import { Button } from '@mantine/core'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'

/** Makes all links to a kind of screen useless, and new ones; asks once more, as devices that have one lose it. */
export function RevokeLinks({ runId, screen, title }: { runId: string; screen: string; title: string }) {
  const [sure, setSure] = useState(false)
  const revoke = async () => {
    if (!sure) return setSure(true)
    try {
      await api('DELETE', `/api/runs/${runId}/links/${screen}`)
      location.reload()
    } catch (error) {
      tellProblem(error)
    }
  }
  return (
    <Kit>
      <span className="push no-print">
        <Button
          variant="default"
          aria-label={`${title}: ${sure ? 'all links stop working: press again' : 'make new links'}`}
          onClick={() => void revoke()}
        >
          {sure ? 'All links stop working: press again' : 'Make new links'}
        </Button>
      </span>
    </Kit>
  )
}
