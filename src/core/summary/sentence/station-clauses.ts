import { limits } from '../../base/limits'
import { intervals } from '../../plan/edit/make'
import type { Circuit, Station } from '../../plan/plan'
import { those, type Offer } from './offers'
import type { Clause } from './said'

/** The place itself, as one sentence: its name, and whom and what it takes. */
export function stationClauses(station: Station, number: number): Clause<Station>[] {
  const clauses: Clause<Station>[] = [{ id: 'number', said: [`Station ${number}`] }]
  if (station.name)
    clauses.push({
      id: 'name',
      said: [
        ', ',
        { kind: 'text', slot: 'name', label: 'Name', value: station.name, most: limits.nameLength, set: (of, name) => ({ ...of, name }) },
      ],
      without: ({ name: _, ...of }) => of,
    })
  if (station.rest) clauses.push({ id: 'rest', said: [', a place to rest'], without: (of) => ({ ...of, rest: false }) })
  if (station.span === 2) clauses.push({ id: 'span', said: [', two turns long'], without: (of) => ({ ...of, span: 1 }) })
  if (station.stay?.kind === 'intervals' && station.stay.workSeconds.length === 1)
    clauses.push({
      id: 'own',
      said: [
        ', for ',
        {
          kind: 'time',
          slot: 'own',
          label: 'Its own work',
          value: station.stay.workSeconds[0]!,
          least: 1,
          most: limits.totalSeconds,
          set: (of, seconds) => (of.stay?.kind === 'intervals' ? { ...of, stay: { ...of.stay, workSeconds: [seconds] } } : of),
        },
      ],
      without: ({ stay: _, ...of }) => of,
    })
  if (station.skipLaps.length > 0)
    clauses.push({
      id: 'skip',
      said: [
        ', not on laps ',
        {
          kind: 'laps',
          slot: 'skip',
          label: 'Laps without it',
          value: station.skipLaps,
          set: (of, laps) => ({ ...of, skipLaps: [...laps] }),
        },
      ],
      without: (of) => ({ ...of, skipLaps: [] }),
    })
  if (station.capacity !== undefined)
    clauses.push({
      id: 'capacity',
      said: [
        ', for at most ',
        {
          kind: 'count',
          slot: 'capacity',
          label: 'Most people at once',
          value: station.capacity,
          least: 1,
          most: limits.people,
          set: (of, capacity) => ({ ...of, capacity }),
        },
        station.capacity === 1 ? ' person' : ' people',
      ],
      without: ({ capacity: _, ...of }) => of,
    })
  return clauses
}

/** What can be added to a station of the circuit. */
export function stationOffers(station: Station, { travel, stay, laps }: Circuit): Offer<Station>[] {
  const rotates = travel === 'rotate'
  return those([
    { id: 'name', words: 'a name', slot: 'name', when: !station.name, add: (of) => ({ ...of, name: 'Corner' }) },
    {
      id: 'capacity',
      words: 'at most so many people',
      slot: 'capacity',
      when: station.capacity === undefined,
      add: (of) => ({ ...of, capacity: 4 }),
    },
    { id: 'span', words: 'two turns long', slot: '', when: rotates && station.span === 1, add: (of) => ({ ...of, span: 2 }) },
    {
      id: 'own',
      words: 'its own length',
      slot: 'own',
      when: !rotates && stay.kind === 'intervals' && stay.workSeconds.length === 1 && !station.stay,
      add: (of) => ({ ...of, stay: intervals([60]) }),
    },
    {
      id: 'skip',
      words: 'left out of a lap',
      slot: 'skip',
      when: !rotates && (laps ?? 2) > 1 && station.skipLaps.length === 0,
      add: (of) => ({ ...of, skipLaps: [(laps ?? 2) - 1] }),
    },
    { id: 'rest', words: 'a place to rest', slot: '', when: !station.rest, add: (of) => ({ ...of, rest: true }) },
  ])
}
