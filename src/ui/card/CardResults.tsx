import { useState } from 'react'
import { useMutation } from '@tanstack/react-query'
import { readOutcome } from '@core/results/read-outcome'
import type { OwnResult } from '@core/results/put-down'
import type { OwnResults } from '@core/trends/own-results'
import { api } from '../kit/api'
import { thisDevice } from '../kit/device'
import { Fetched } from '../kit/Fetched'
import { queryClient } from '../kit/query-client'
import styles from './CardTaps.module.css'

type Place = OwnResults['places'][number]

/** After a class: one's own results, how hard it was, and, on the phone on which one opened one's card by name, one's bests. */
export function CardResults({ token }: { token: string }) {
  const [{ id: device }] = useState(thisDevice)
  const address = `/api/screens/${token}/results?device=${device}`
  return (
    <Fetched<OwnResults> address={address} what="What you have done">
      {(own) => <Own address={address} first={own} />}
    </Fetched>
  )
}

function Own({ address, first }: { address: string; first: OwnResults }) {
  const [own, setOwn] = useState(first)
  if (!own.allowed) return null
  return (
    <section className={styles.results} aria-label="What you did">
      {own.places.map((place) => (
        <OwnLine key={`${place.place} ${place.measure} ${place.words}`} place={place} unit={own.unit} address={address} onStored={setOwn} />
      ))}
      {own.bests.length > 0 && (
        <>
          <h2>Your bests</h2>
          <ul>
            {own.bests.map(({ name, how, best, times }) => (
              <li key={`${name} ${how}`}>
                {name}: <b>{best.words}</b>{' '}
                <span className="second">
                  of {times === 1 ? 'one time' : `${times} times`}
                  {how && `, ${how}`}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

interface OwnLineProps {
  place: Place
  unit: OwnResults['unit']
  address: string
  onStored: (own: OwnResults) => void
}

const asked = { effort: 'How hard was all of it, 0 to 10?', time: 'your time', rounds: 'your rounds and reps' } as const

function OwnLine({ place, unit, address, onStored }: OwnLineProps) {
  const [text, setText] = useState(place.words)
  const [problem, setProblem] = useState<string>()
  const send = useMutation(
    {
      mutationFn: (body: OwnResult) => api<OwnResults>('PUT', address, body),
      onSuccess: onStored,
      onError: (error) => setProblem(error.message),
    },
    queryClient,
  )
  const store = () => {
    const read = readOutcome(text, place.measure, unit)
    if (!read.ok) return setProblem(read.problems[0]!.message)
    setProblem(undefined)
    send.mutate({ place: place.place, measure: place.measure, outcome: read.value ?? null, before: place.before })
  }
  const question = place.measure === 'effort' ? asked.effort : `${place.name}: ${asked[place.measure as 'time' | 'rounds']}`
  return (
    <form
      className={styles.line}
      onSubmit={(event) => {
        event.preventDefault()
        store()
      }}
    >
      <label>
        {question}{' '}
        <input
          value={text}
          autoComplete="off"
          aria-invalid={problem !== undefined}
          onChange={(event) => setText(event.currentTarget.value)}
        />
      </label>
      <button type="submit" disabled={send.isPending || text.trim() === place.words}>
        {place.words !== '' && text.trim() === place.words ? 'Kept' : 'Put down'}
      </button>
      {problem && <p role="alert">{problem}</p>}
    </form>
  )
}
