import { Button } from '@mantine/core'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'

/** Makes all cards of a run useless, and new ones; asks once more, as phones that have one lose it. */
export function RevokeCards({ runId }: { runId: string }) {
  const [sure, setSure] = useState(false)
  const revoke = async () => {
    if (!sure) return setSure(true)
    try {
      await api('DELETE', `/api/runs/${runId}/cards`)
      location.reload()
    } catch (error) {
      tellProblem(error)
    }
  }
  return (
    <Kit>
      <span className="push no-print">
        <Button variant="default" onClick={() => window.print()}>
          Print
        </Button>
        <Button variant="default" onClick={() => void revoke()}>
          {sure ? 'All links stop working: press again' : 'Make new links'}
        </Button>
      </span>
    </Kit>
  )
}
