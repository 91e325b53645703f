import { sortBy } from 'es-toolkit'
import type { Seconds } from '../../base/units'
import { asLists, countedBy, withPosition, withWaves } from '../../plan/edit/circuit'
import type { NewId } from '../../plan/edit/make'
import { resizeStations } from '../../plan/edit/simple'
import type { Circuit, Intervals, Part, Pause, Task } from '../../plan/plan'
import { lapsOf } from '../../plan/turns'
import { isOneList, isPlainName } from './circuit-clauses'

/** What a sentence could say besides, in a few words, and the slot that is typed into then. */
export interface Offer<Of> {
  id: string
  words: string
  slot: string
  add: (of: Of, newId: NewId) => Of
}

type Offered<Of> = Offer<Of> & { when: boolean }

export const those = <Of>(offers: Offered<Of>[]): Offer<Of>[] => offers.filter(({ when }) => when)

/** What can be added to a circuit that is `seconds` long now, the most usual first. */
export function circuitOffers(circuit: Circuit, seconds: Seconds): Offer<Circuit>[] {
  const { stay } = circuit
  const offers = [
    ...(stay.kind === 'intervals' ? intervalOffers(circuit, stay) : listOffers(circuit, stay)),
    ...breakOffers(circuit),
    ...wholeOffers(circuit, seconds),
  ]
  return sortBy(offers, [({ id }) => rare.indexOf(id)])
}

/** What few circuits say, the rarest last. */
const rare = ['position', 'brief', 'pairs', 'lists', 'lastGap', 'turns', 'name']

function intervalOffers({ travel }: Circuit, { workSeconds, sets, gapSeconds, setRestSeconds }: Intervals): Offer<Circuit>[] {
  const change = (more: Partial<Intervals>) => (circuit: Circuit) =>
    circuit.stay.kind === 'intervals' ? { ...circuit, stay: { ...circuit.stay, ...more } } : circuit
  const several = workSeconds.length > 1
  return those([
    {
      id: 'sets',
      words: '3 sets with 0:20 between',
      slot: 'sets',
      when: sets === 1,
      add: change({ sets: 3, ...(several ? { setRestSeconds: 20 } : { gapSeconds: 20 }) }),
    },
    { id: 'gap', words: 'a break between exercises', slot: 'gap', when: gapSeconds === 0 && several, add: change({ gapSeconds: 10 }) },
    {
      id: 'setRest',
      words: 'a rest after each set',
      slot: 'setRest',
      when: setRestSeconds === 0 && sets > 1,
      add: change({ setRestSeconds: 60 }),
    },
    {
      id: 'list',
      words: travel === 'rotate' ? 'lists at their own pace' : 'a list at their own pace',
      slot: 'cap',
      when: true,
      add: asLists,
    },
    {
      id: 'position',
      words: travel === 'rotate' ? 'more exercises at a station' : 'two lengths of work in turn',
      slot: `work.${workSeconds.length}`,
      when: workSeconds.length < 12,
      add: withPosition,
    },
  ])
}

function listOffers(circuit: Circuit, stay: Task): Offer<Circuit>[] {
  const change = (more: Partial<Task>) => (of: Circuit) => (of.stay.kind === 'task' ? { ...of, stay: { ...of.stay, ...more } } : of)
  const items = Math.min(...circuit.stations.map(({ uses }) => uses.length))
  return those([
    { id: 'rungs', words: 'a ladder of 10-8-6-4-2', slot: 'rungs', when: !stay.rungs, add: change({ rungs: [10, 8, 6, 4, 2] }) },
    {
      id: 'rungRest',
      words: 'a rest between rungs',
      slot: 'rungRest',
      when: Boolean(stay.rungs) && stay.rungRestSeconds === 0,
      add: change({ rungRestSeconds: 15 }),
    },
    {
      id: 'rungClock',
      words: 'a clock for each rung',
      slot: 'rungClock',
      when: stay.rungClock !== undefined && stay.rungClock.seconds === undefined,
      add: change({ rungClock: { led: true, seconds: 90 } }),
    },
    {
      id: 'opener',
      words: 'an opener done once',
      slot: 'opener',
      when: !stay.rungs && stay.openerCount === 0 && items > 1,
      add: change({ openerCount: 1 }),
    },
    {
      id: 'aim',
      words: 'rounds to aim at',
      slot: 'aim',
      when: stay.goal === 'cap' && stay.aimRounds === undefined,
      add: change({ aimRounds: 5 }),
    },
    {
      id: 'lists',
      words: 'more lists, one after the other',
      slot: 'stations',
      when: isOneList(circuit),
      add: (of, newId) => ({ ...of, stations: resizeStations(of.stations, 2, newId) }),
    },
  ])
}

function breakOffers(circuit: Circuit): Offer<Circuit>[] {
  const { transition, travel, laps, lapRestSeconds } = circuit
  return those([
    {
      id: 'transition',
      words: travel === 'rotate' ? 'time to move' : 'a rest between',
      slot: 'transition',
      when: transition.seconds === 0 && !isOneList(circuit),
      add: (of) => ({ ...of, transition: { ...of.transition, seconds: 15 } }),
    },
    {
      id: 'crossing',
      words: 'how they cross',
      slot: 'crossing',
      when: transition.seconds > 0 && transition.how === 'active' && !transition.note,
      add: (of) => ({ ...of, transition: { ...of.transition, note: 'crawl' } }),
    },
    {
      id: 'lapRest',
      words: 'a rest between laps',
      slot: 'lapRest',
      when: lapRestSeconds === 0 && laps !== 1 && lapsOf(circuit) > 1,
      add: (of) => ({ ...of, lapRestSeconds: 60 }),
    },
  ])
}

function wholeOffers(circuit: Circuit, seconds: Seconds): Offer<Circuit>[] {
  const { travel, waves, withinSeconds, brief, pairs, laps, lastGap, transition, name } = circuit
  const rotates = travel === 'rotate'
  return those([
    { id: 'waves', words: 'two waves', slot: 'meanwhile.stations', when: rotates && !waves, add: withWaves },
    {
      id: 'within',
      words: 'a fixed window',
      slot: 'within',
      when: withinSeconds === undefined,
      add: (of) => ({ ...of, withinSeconds: Math.max(60, Math.ceil(seconds / 60) * 60) }),
    },
    { id: 'brief', words: 'said while they move', slot: '', when: !brief, add: (of) => ({ ...of, brief: { note: '' } }) },
    {
      id: 'pairs',
      words: 'partners taking turns',
      slot: 'pairs',
      when: rotates && pairs === 'both',
      add: (of) => ({ ...of, pairs: 'inTurns' }),
    },
    {
      id: 'lastGap',
      words: 'without the last break',
      slot: '',
      when: lastGap === 'keep' && transition.seconds > 0,
      add: (of) => ({ ...of, lastGap: 'drop' }),
    },
    {
      id: 'turns',
      words: 'turns instead of laps',
      slot: 'turns',
      when: rotates && laps !== undefined,
      add: (of) => countedBy(of, 'turns'),
    },
    { id: 'name', words: 'a name', slot: 'name', when: !name || isPlainName(name), add: (of) => ({ ...of, name: 'Block' }) },
  ])
}

export const pauseOffers = ({ name, note }: Pause): Offer<Pause>[] =>
  those([
    { id: 'note', words: 'a note for the room', slot: 'note', when: !note, add: (of) => ({ ...of, note: 'Have a drink' }) },
    { id: 'name', words: 'a name', slot: 'name', when: !name, add: (of) => ({ ...of, name: 'Pause' }) },
  ])

export const partOffers = ({ name, role, repeat, restBetweenSeconds, optional }: Part): Offer<Part>[] =>
  those([
    {
      id: 'repeat',
      words: '3 times with 1:00 between',
      slot: 'repeat',
      when: repeat === 1,
      add: (of) => ({ ...of, repeat: 3, restBetweenSeconds: 60 }),
    },
    {
      id: 'restBetween',
      words: 'a rest between times',
      slot: 'restBetween',
      when: repeat > 1 && restBetweenSeconds === 0,
      add: (of) => ({ ...of, restBetweenSeconds: 60 }),
    },
    { id: 'optional', words: 'only if there is time', slot: '', when: !optional, add: (of) => ({ ...of, optional: true }) },
    { id: 'name', words: 'a name for its part', slot: 'name', when: name === undefined, add: (of) => ({ ...of, name: 'Part' }) },
    { id: 'role', words: 'what its part is for', slot: 'role', when: !role, add: (of) => ({ ...of, role: 'main' }) },
  ])
