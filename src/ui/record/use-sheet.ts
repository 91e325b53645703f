import { useRef, useState } from 'react'
import { useMutation } from '@tanstack/react-query'
import type { Cell, PutDown } from '@core/results/put-down'
import type { Measure, Outcome } from '@core/results/outcome'
import type { ShownResult } from '@core/results/run-results'
import type { ResultsSheet } from '@core/results/sheet'
import { api, ApiError } from '../kit/api'
import { queryClient } from '../kit/query-client'

/** A column of the sheet. */
export interface Column {
  place: string
  measure: Measure
  name: string
}

export const columnKey = ({ place, measure }: Pick<Column, 'place' | 'measure'>) => `${place} ${measure}`
export const cellKey = (column: Pick<Column, 'place' | 'measure'>, personId: string) => `${columnKey(column)} ${personId}`

/** What is to be put down of one person. */
export interface Wanted {
  column: Column
  personId: string
  outcome: Outcome | undefined
}

/** The results of a run, as they are stored, and how they are put down; what could not be stored is told and can be tried again. */
export function useSheet(address: string, first: ResultsSheet) {
  const [sheet, setSheet] = useState(first)
  // As it is when something is sent, which may be after what was sent before has come back.
  const latest = useRef(first)
  const take = (now: ResultsSheet) => {
    latest.current = now
    setSheet(now)
  }
  const send = useMutation(
    {
      mutationFn: ({ wanted, together }: { wanted: readonly Wanted[]; together: boolean }) => {
        const cells = wanted.map(({ column: { place, measure }, personId, outcome }): Cell => {
          const last = latest.current.history.findLast((line) => cellKey(line, line.personId) === cellKey({ place, measure }, personId))
          return { place, measure, personId, outcome: outcome ?? null, before: last?.id ?? '' }
        })
        const body: PutDown = { cells, ...(together && { together: true as const }) }
        return api<ResultsSheet>('PUT', address, body)
      },
      // One after the other: each knows what the one before has put down.
      scope: { id: address },
      onSuccess: take,
      onError: async (error) => {
        // Somebody else was quicker: what they put down is shown, and what was typed here stays in its cell.
        if (error instanceof ApiError && error.status === 409) take(await api<ResultsSheet>('GET', address))
      },
    },
    queryClient,
  )
  const resultOf = (column: Pick<Column, 'place' | 'measure'>, personId: string): ShownResult | undefined =>
    sheet.results.find((one) => one.place === column.place && one.measure === column.measure && one.personId === personId)
  const put = (wanted: readonly Wanted[], together = false): Promise<ResultsSheet> => send.mutateAsync({ wanted, together })
  return { sheet, resultOf, put }
}

export type Sheet = ReturnType<typeof useSheet>
