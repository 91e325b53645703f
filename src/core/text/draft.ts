import { limits } from '../base/limits'
import { emptyStation } from '../plan/edit/simple'
import type { NewId } from '../plan/edit/make'
import { newUse, starterOf, type Starter } from '../plan/edit/use'
import type { Circuit, Stay, Station, Use } from '../plan/plan'

type Reps = NonNullable<Use['reps']>

/** An exercise as a text names it, with what it says of it. */
export interface Item {
  exerciseId: string
  optionId?: string
  reps?: Omit<Reps, 'counted'>
  counted?: Reps['counted']
  seconds?: number
  load?: Use['load']
  tempo?: Use['tempo']
  sides?: Use['sides']
  rest?: true
  /** It is done at the place of the one before it: after a "+", or under the same station. */
  joins: boolean
}

/** What a text has said of a circuit so far, in whatever order. */
export interface Draft {
  name?: string
  together?: boolean
  stations?: number
  exercises?: number
  work?: number[]
  off?: { seconds: number; moves?: true; active?: true }
  laps?: number
  turns?: number
  between?: number
  betweenExercises?: number
  sets?: number
  after?: number
  goal?: 'rounds' | 'time'
  cap?: number
  aim?: number
  opener?: number
  rungs?: number[]
  rungRest?: number
  rungTime?: number
  led?: boolean
  lists?: boolean
  window?: number
  pairs?: Circuit['pairs']
  lastGap?: boolean
  explained?: boolean
  /** Each side of each exercise has an interval of its own. */
  eachSide?: boolean
  /** How long all of it is, where a heading says so. */
  total?: number
  /** So many times so long: of so many exercises, or so often of those there are. */
  countedTimes?: number
  items: Item[]
}

const usualWork = 40
const usualCap = 300

const rotates = ({ together, stations, off, pairs }: Draft): boolean =>
  !together && (stations !== undefined || off?.moves === true || pairs !== undefined)

/** Whether people work through a list: it says so, or gives figures to do and no time to do them in. */
export function isList({ goal, rungs, lists, work, cap, items }: Draft): boolean {
  if (goal || rungs || lists || cap !== undefined) return true
  return work === undefined && items.some(({ reps, rest }) => reps !== undefined && !rest)
}

/** How often a list that all go through is repeated: it has no laps, its part has times. */
export const timesOf = (draft: Draft): number => (isList(draft) && !rotates(draft) ? (draft.laps ?? 1) : 1)

export function circuitOf(draft: Draft, exercises: readonly Starter[], newId: NewId): Circuit {
  const { name, items, off, pairs, turns, sets = 1 } = draft
  const rotating = rotates(draft)
  const list = isList(draft)
  const groups = groupsOf(draft, list && !rotating)
  const stay = list ? listStay(draft, groups, rotating) : intervalStay(draft, groups, rotating)
  const stations = stationsOf(draft, groups, stay, rotating, exercises, newId)
  const inSets = !rotating && sets > 1 && !off?.moves
  const rest = draft.betweenExercises ?? (inSets ? 0 : off?.seconds) ?? 0
  const laps = timesOf(draft) > 1 ? 1 : (draft.laps ?? (draft.countedTimes && items.length === 1 ? draft.countedTimes : 1))
  return {
    id: newId(),
    type: 'circuit',
    ...(name !== undefined && { name }),
    travel: rotating ? 'rotate' : 'together',
    stations,
    ...(turns === undefined ? { laps } : { turns }),
    lapRestSeconds: laps > 1 || turns !== undefined ? (draft.between ?? 0) : 0,
    transition: { seconds: rest, how: off?.active ? 'active' : 'walk' },
    stay,
    pairs: pairs ?? 'both',
    ...(draft.explained && { brief: { note: '' } }),
    ...(draft.window !== undefined && { withinSeconds: draft.window }),
    lastGap: draft.lastGap ? 'drop' : 'keep',
    vary: [],
  }
}

/** What is done at each place; of one list, all. */
function groupsOf({ items }: Draft, oneList: boolean): Item[][] {
  const groups: Item[][] = []
  for (const item of items) {
    const last = groups.at(-1)
    if (last && (oneList || (item.joins && last.length < limits.positions))) last.push(item)
    else groups.push([item])
  }
  return groups
}

/** How many a list has; a place to rest has no part in what all lists share. */
const shared = (group: readonly Item[]) => (group.every(({ rest }) => rest) ? Infinity : group.filter(({ rest }) => !rest).length)

function listStay(
  { goal, cap, work, aim, opener = 0, rungs, rungRest, led, rungTime, stations }: Draft,
  groups: Item[][],
  rotating: boolean,
): Stay {
  // Without an end of its own a list holds up all who move on.
  const within = cap ?? work?.[0] ?? (rotating ? usualCap : undefined)
  const isLed = rungs !== undefined && !rotating && (led || rungTime !== undefined)
  return {
    kind: 'task',
    openerCount: isLed || groups.length < (rotating ? (stations ?? 1) : 1) ? 0 : Math.min(opener, ...groups.map(shared)),
    ...(rungs && { rungs }),
    rungRestSeconds: rungs ? (rungRest ?? 0) : 0,
    ...(isLed && { rungClock: { led: true, ...(rungTime !== undefined && { seconds: rungTime }) } }),
    goal: goal === 'rounds' && within !== undefined ? 'cap' : 'finish',
    ...(within !== undefined && !isLed && { capSeconds: within }),
    ...(aim !== undefined && { aimRounds: aim }),
  }
}

function intervalStay({ work, items, off, sets = 1, after, total, betweenExercises }: Draft, groups: Item[][], rotating: boolean): Stay {
  const shared = total === undefined || items.length === 0 ? undefined : Math.max(5, Math.floor(total / items.length))
  const timed = items.find(({ seconds }) => seconds !== undefined)?.seconds ?? shared
  const each = work ?? [timed ?? usualWork]
  const gap = sets > 1 && !rotating && off && !off.moves
  const within = betweenExercises !== undefined && off
  return {
    kind: 'intervals',
    workSeconds: each.length > 1 ? each : Array<number>(Math.max(1, ...groups.map(({ length }) => length))).fill(each[0]!),
    gapSeconds: gap || within ? off.seconds : 0,
    sets,
    setRestSeconds: after ?? 0,
  }
}

function stationsOf(draft: Draft, groups: Item[][], stay: Stay, rotating: boolean, exercises: readonly Starter[], newId: NewId): Station[] {
  const oneList = stay.kind === 'task' && !rotating
  const stations = groups.map((group): Station => {
    const uses = group.filter(({ rest }) => !rest).map((item) => useOf(item, draft, stay, exercises, newId))
    const rest = group.length > 0 && uses.length === 0
    const own = ownLength(group, stay, rotating)
    return { ...emptyStation(newId()), uses, ...(rest && { rest }), ...(own && { stay: own }) }
  })
  const wanted = Math.max(1, draft.stations ?? draft.exercises ?? (draft.items.length === 0 ? (draft.countedTimes ?? 1) : 1))
  while (stations.length < (oneList ? 1 : wanted)) stations.push(emptyStation(newId()))
  return stations
}

/** A station done together for another time than the rest. */
function ownLength(group: readonly Item[], stay: Stay, rotating: boolean): Stay | undefined {
  const seconds = group[0]?.seconds
  if (rotating || stay.kind !== 'intervals' || group.length > 1 || seconds === undefined || seconds === stay.workSeconds[0])
    return undefined
  return { ...stay, workSeconds: [seconds] }
}

function useOf(item: Item, draft: Draft, stay: Stay, exercises: readonly Starter[], newId: NewId): Use {
  const { exerciseId, optionId, reps, counted = 'total', seconds, load, tempo, sides } = item
  const plain = newUse(starterOf(exercises, exerciseId), stay, newId)
  const onRungs = stay.kind === 'task' && stay.rungs !== undefined && seconds === undefined
  const said = reps ?? (onRungs ? { count: 10 } : undefined)
  return {
    ...plain,
    ...(optionId !== undefined && { optionId }),
    ...(seconds !== undefined && stay.kind === 'task' && { seconds }),
    ...(said && { reps: { ...said, counted } }),
    ...(load && { load }),
    ...(tempo && { tempo }),
    ...((sides ?? (draft.eachSide && stay.kind === 'intervals')) && { sides: sides ?? 'ownInterval' }),
  }
}
