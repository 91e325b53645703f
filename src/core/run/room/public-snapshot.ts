import { figureKeys } from './kept-figures'
import { ownOf } from './own-doings'
import { shownNames } from './shown-names'
import type { CircuitView, RunSnapshot } from './snapshot'

type Person = RunSnapshot['people'][number]

/** Of somebody, what everybody in the room may see: no more than a name, as they wish it. */
const nameOnly = ({ id, counted, offBoards }: Person, name: string): Person => ({
  id,
  name,
  ...given('counted', counted),
  ...given('offBoards', offBoards),
  goEasy: [],
  goEasyNote: '',
})

const given = <Key extends string, Value>(key: Key, value: Value | undefined) =>
  value === undefined ? {} : ({ [key]: value } as Record<Key, Value>)

const publicCircuit = ({
  name,
  rotates,
  laps,
  turnsPerLap,
  pairs,
  pairsSentence,
  stations,
  varied,
  turns,
  turnsBefore,
  units,
  say,
  cross,
  closed,
  carried,
  brings,
}: CircuitView): CircuitView => ({
  name,
  rotates,
  laps,
  turnsPerLap,
  pairs,
  pairsSentence,
  stations,
  ...given('varied', varied),
  ...given('turns', turns),
  ...given('turnsBefore', turnsBefore),
  ...given('units', units),
  ...given('say', say),
  ...given('cross', cross),
  ...given('closed', closed),
  ...given('carried', carried),
  ...given('brings', brings),
})

/**
 * The snapshot as the room wall may have it. Each thing that it may know stands here by name: what is added to a snapshot stays
 * with the coach until it is added here too. Nobody's limits, asks, breaks or departures leave the coach's own screens.
 */
export function forTheWall(snapshot: RunSnapshot): RunSnapshot {
  const {
    name,
    roomName,
    startsAt,
    slotSeconds,
    sentences,
    follow,
    showing,
    timeline,
    groups,
    people,
    ease,
    scores,
    circuits,
    pieceNames,
    notes,
    figures,
  } = snapshot
  const shown = Object.fromEntries(Object.entries(circuits).map(([id, circuit]) => [id, publicCircuit(circuit)]))
  return {
    name,
    roomName,
    startsAt,
    slotSeconds,
    sentences,
    timeline,
    groups,
    people: shownNames(people).map((shown, index) => nameOnly(people[index]!, shown)),
    circuits: shown,
    pieceNames,
    notes,
    ...keptOf(figures, { circuits: shown }),
    ...given('follow', follow),
    ...given('showing', showing),
    ...given('ease', ease),
    ...given('scores', scores),
  }
}

/** The snapshot as one person's card may have it: besides, their own doings, ease, break and taps, and where they have been. */
export function forOne(snapshot: RunSnapshot, personId: string): RunSnapshot {
  const room = forTheWall(snapshot)
  const ownPerson = (person: Person, index: number): Person => {
    const { name, ease, onBreak } = snapshot.people[index]!
    return person.id === personId ? { ...person, name, ...given('ease', ease), ...given('onBreak', onBreak) } : person
  }
  const been = snapshot.been?.[personId]
  const own = snapshot.own && ownOf(snapshot.own, personId)
  return {
    ...room,
    people: room.people.map(ownPerson),
    circuits: Object.fromEntries(
      Object.entries(room.circuits).map(([id, circuit]) => [id, { ...circuit, ...ownBegins(snapshot.circuits[id]!, personId) }]),
    ),
    ...(own && { own }),
    ...keptOf(snapshot.figures, { circuits: room.circuits, ...(own && { own }) }),
    ...given('ownTaps', snapshot.ownTaps),
    ...(been && { been: { [personId]: been } }),
  }
}

/** Of the pictures, those of what is shown: whose option looks otherwise is nobody else's business. */
function keptOf(figures: RunSnapshot['figures'], shown: Pick<RunSnapshot, 'circuits' | 'own'>): Pick<RunSnapshot, 'figures'> {
  const keys = figureKeys(shown)
  return figures ? { figures: Object.fromEntries(Object.entries(figures).filter(([key]) => keys.has(key))) } : {}
}

/** With which item of each list they begin. */
function ownBegins({ begins }: CircuitView, personId: string): Pick<CircuitView, 'begins'> {
  const own = Object.entries(begins ?? {}).flatMap(([station, items]) =>
    items[personId] === undefined ? [] : [[station, { [personId]: items[personId] }] as const],
  )
  return own.length > 0 ? { begins: Object.fromEntries(own) } : {}
}

/** The snapshot for who runs the class without knowing what people go easy on: they see what is done instead, and not why. */
export function withoutLimits(snapshot: RunSnapshot): RunSnapshot {
  const { people, own } = snapshot
  return {
    ...snapshot,
    people: people.map((person) => ({ ...person, goEasy: [], goEasyNote: '' })),
    ...(own && {
      own: { ...own, doings: own.doings.map((doing) => (doing.watch === undefined ? doing : { ...doing, watch: doing.name })) },
    }),
  }
}

/**
 * The snapshot as a screen may have it. The controls are the coach's own, wherever they are opened; what people go easy on stands on
 * them only for who may know it (`knowsLimits`).
 */
export function snapshotFor(
  screen: 'wall' | 'card' | 'station' | 'controls' | 'names',
  subject: string,
  snapshot: RunSnapshot,
  knowsLimits = false,
): RunSnapshot {
  if (screen === 'controls') return knowsLimits ? snapshot : withoutLimits(snapshot)
  return screen === 'card' ? forOne(snapshot, subject) : forTheWall(snapshot)
}
