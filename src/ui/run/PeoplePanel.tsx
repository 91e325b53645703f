import { nanoid } from 'nanoid'
import { useEffect, useRef, useState, type FormEvent } from 'react'
import type { PeopleChange } from '@core/run/people-change'
import { api } from '../kit/api'
import type { LiveRun } from '../live/use-run'

interface PeoplePanelProps {
  runId: string
  live: LiveRun
  onClose: () => void
}

/** Who comes late, who leaves, and who trade places, while the class runs; all screens follow at once. */
export function PeoplePanel({ runId, live, onClose }: PeoplePanelProps) {
  const { snapshot, version } = live
  const [name, setName] = useState('')
  const [two, setTwo] = useState<[string, string]>(['', ''])
  const [leaving, setLeaving] = useState<string>()
  const [told, setTold] = useState<string[]>([])
  const [wrong, setWrong] = useState('')
  const [busy, setBusy] = useState(false)
  const dialog = useRef<HTMLDialogElement>(null)
  // Not modal: stopping the room stays one press away.
  useEffect(() => dialog.current?.show(), [])
  const send = async (change: PeopleChange): Promise<boolean> => {
    setBusy(true)
    setWrong('')
    setTold([])
    try {
      setTold((await api<{ told: string[] }>('POST', `/api/runs/${runId}/people`, { version, change })).told)
      return true
    } catch (error) {
      setWrong((error as Error).message)
      return false
    } finally {
      setBusy(false)
      setLeaving(undefined)
    }
  }
  const arrive = async (event: FormEvent) => {
    event.preventDefault()
    const first = name.trim()
    if (first !== '' && (await send({ type: 'arrives', id: `late-${nanoid(8)}`, name: first }))) setName('')
  }
  const trade = async (event: FormEvent) => {
    event.preventDefault()
    if (await send({ type: 'tradePlaces', one: two[0], other: two[1] })) setTwo(['', ''])
  }
  const names = [...snapshot.people].sort((a, b) => a.name.localeCompare(b.name))
  return (
    <dialog ref={dialog} className="people-panel" aria-label="People" onClose={onClose} onKeyDown={(event) => event.key === 'Escape' && dialog.current?.close()}>
      <header>
        <h2>People</h2>
        <button type="button" className="small-button" onClick={() => dialog.current?.close()}>
          Close
        </button>
      </header>
      <div aria-live="polite">
        {told.map((text) => (
          <p key={text}>
            <b>{text}</b>
          </p>
        ))}
      </div>
      {wrong && (
        <p role="alert" className="people-wrong">
          {wrong}
        </p>
      )}
      <form onSubmit={(event) => void arrive(event)}>
        <label>
          Comes late <input value={name} maxLength={40} placeholder="First name" onChange={(event) => setName(event.currentTarget.value)} autoComplete="off" />
        </label>
        <button type="submit" className="small-button" disabled={busy || name.trim() === ''}>
          Arrives
        </button>
      </form>
      <form onSubmit={(event) => void trade(event)}>
        {([0, 1] as const).map((at) => (
          <label key={at}>
            {at === 0 ? 'Trade places' : 'with'}{' '}
            <select value={two[at]} onChange={(event) => setTwo(at === 0 ? [event.currentTarget.value, two[1]] : [two[0], event.currentTarget.value])}>
              <option value="">Choose</option>
              {names.map((person) => (
                <option key={person.id} value={person.id}>
                  {person.name}
                </option>
              ))}
            </select>
          </label>
        ))}
        <button type="submit" className="small-button" disabled={busy || two.includes('')}>
          Trade
        </button>
      </form>
      <h3>Who is here</h3>
      <ul>
        {names.map((person) => (
          <li key={person.id}>
            <span>{person.name}</span>
            <button type="button" className="small-button" disabled={busy} aria-label={leaving === person.id ? `${person.name} leaves: press again` : `${person.name} leaves`} onClick={() => (leaving === person.id ? void send({ type: 'leaves', personId: person.id }) : setLeaving(person.id))}>
              {leaving === person.id ? 'Press again' : 'Leaves'}
            </button>
          </li>
        ))}
      </ul>
      {names.length === 0 && <p>Nobody yet: whoever comes late is the first.</p>}
    </dialog>
  )
}
