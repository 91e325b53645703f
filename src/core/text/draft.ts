import { limits } from '../base/limits'
import { emptyStation } from '../plan/edit/simple'
import type { NewId } from '../plan/edit/make'
import { newUse, starterOf, type Starter } from '../plan/edit/use'
import type { Circuit, Piece, Stay, Station, Use, Variation, VariationRule } from '../plan/plan'
import { idAt } from './paths'
import type { Path } from './phrase'

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
  effort?: string
  machine?: string
  note?: string
  cycle?: NonNullable<Use['inner']>['cycle']
  aimCycles?: number
  dose?: Use['dose']
  alternatives?: NonNullable<Use['alternatives']>
  /** How long it takes, in a stay that says how long that is itself. */
  takes?: number
  /** How many, the rungs say. */
  byRungs?: true
  rest?: true
  /** A place that nothing is said of yet. */
  empty?: true
  /** What is said of its place. */
  place?: Place
  /** It is done at the place of the one before it: after a "+", or under the same station. */
  joins: boolean
}

/** What a text says of a station. */
export interface Place extends Partial<Pick<Station, 'name' | 'skipLaps' | 'spotId' | 'capacity'>> {
  span?: number
  /** Its own stay. */
  own?: Draft
}

/** What differs at one lap or time (from 0), by the way to it. */
export interface Differs {
  path: Path
  at: number
  field: Variation['field']
  value: unknown
}

/** A rule by which something differs. */
export type DiffersBy = { path: Path; rule: DistributiveOmit<VariationRule, 'id'> }
type DistributiveOmit<Of, Key extends PropertyKey> = Of extends unknown ? Omit<Of, Key> : never

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
  gap?: number
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
  told?: string
  /** How people go from place to place. */
  way?: string
  /** Laps of the circuit, where a list could have times of its part. */
  inLaps?: boolean
  differs?: Differs[]
  differsBy?: DiffersBy[]
  /** What the wave that waits does. */
  meanwhile?: Draft
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
export const timesOf = (draft: Draft): number => (isList(draft) && !rotates(draft) && !draft.inLaps ? (draft.laps ?? 1) : 1)

export function circuitOf(draft: Draft, exercises: readonly Starter[], newId: NewId): Circuit {
  const { name, items, off, pairs, turns, sets = 1 } = draft
  const rotating = rotates(draft)
  const list = isList(draft)
  const oneList = list && !rotating && !items.some(({ empty }) => empty)
  const groups = groupsOf(draft, list, oneList)
  const stay = list ? listStay(draft, groups, rotating) : intervalStay(draft, groups, rotating)
  const stations = stationsOf(draft, groups, stay, { rotating, oneList }, exercises, newId)
  const inSets = !rotating && sets > 1 && !off?.moves
  const rest = draft.betweenExercises ?? (inSets ? 0 : off?.seconds) ?? 0
  const laps = timesOf(draft) > 1 ? 1 : (draft.laps ?? (draft.countedTimes && items.length === 1 ? draft.countedTimes : 1))
  const circuit: Circuit = {
    id: newId(),
    type: 'circuit',
    ...(name !== undefined && { name }),
    travel: rotating ? 'rotate' : 'together',
    stations,
    ...(turns === undefined ? { laps } : { turns }),
    lapRestSeconds: timesOf(draft) > 1 ? 0 : (draft.between ?? 0),
    transition: { seconds: rest, how: off?.active ? 'active' : 'walk', ...(draft.way !== undefined && { note: draft.way }) },
    stay,
    pairs: pairs ?? 'both',
    ...(draft.explained && { brief: { note: draft.told ?? '' } }),
    ...(draft.window !== undefined && { withinSeconds: draft.window }),
    lastGap: draft.lastGap ? 'drop' : 'keep',
    vary: [],
    ...(draft.meanwhile && { waves: { meanwhile: circuitOf({ ...draft.meanwhile, together: true }, exercises, newId) } }),
  }
  return { ...circuit, ...differing([circuit], draft) }
}

/** What is said to differ, about what the way to it leads to; what leads nowhere is left out. */
export function differing(pieces: readonly Piece[], { differs = [], differsBy = [] }: Pick<Draft, 'differs' | 'differsBy'>) {
  const rules = differsBy.flatMap(({ path, rule }): VariationRule[] => {
    const id = idAt(pieces, path)
    return id === undefined ? [] : [{ ...rule, id } as VariationRule]
  })
  const vary = differs.flatMap(({ path, ...rest }): Variation[] => {
    const id = idAt(pieces, path)
    return id === undefined ? [] : [{ ...rest, id } as Variation]
  })
  return { vary, ...(rules.length > 0 && { varyRules: rules }) }
}

/** What is done at each place; of one list, all. */
function groupsOf({ items, work = [] }: Draft, list: boolean, oneList: boolean): Item[][] {
  const most = list ? Infinity : work.length > 1 ? work.length : limits.positions
  const groups: Item[][] = []
  for (const item of items) {
    const last = groups.at(-1)
    if (last && (oneList || (item.joins && (item.rest || item.empty || last[0]?.place?.own || done(last).length < most)))) last.push(item)
    else groups.push([item])
  }
  return groups
}

/** How many a list has; a place to rest has no part in what all lists share. */
const shared = (group: readonly Item[]) => (group.some(({ rest }) => rest) || group[0]?.place?.own ? Infinity : done(group).length)

/** The exercises at a place. */
const done = (group: readonly Item[]) => group.filter(({ rest, empty }) => !rest && !empty)

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
    rungRestSeconds: rungRest ?? 0,
    ...(isLed && { rungClock: { led: true, ...(rungTime !== undefined && { seconds: rungTime }) } }),
    goal: goal === 'rounds' && within !== undefined ? 'cap' : 'finish',
    ...(within !== undefined && !isLed && { capSeconds: within }),
    ...(aim !== undefined && { aimRounds: aim }),
  }
}

function intervalStay(
  { work, items, off, sets = 1, after, total, betweenExercises, gap: ownGap }: Draft,
  groups: Item[][],
  rotating: boolean,
): Stay {
  const shared = total === undefined || items.length === 0 ? undefined : Math.max(5, Math.floor(total / items.length))
  const timed = items.find(({ seconds }) => seconds !== undefined)?.seconds ?? shared
  const each = work ?? [timed ?? usualWork]
  const gap = sets > 1 && !rotating && off && !off.moves
  const within = betweenExercises !== undefined && off
  return {
    kind: 'intervals',
    workSeconds:
      each.length > 1
        ? each
        : Array<number>(Math.max(1, ...groups.map((group) => (group[0]?.place?.own ? 1 : done(group).length)))).fill(each[0]!),
    gapSeconds: ownGap ?? (gap || within ? off.seconds : 0),
    sets,
    setRestSeconds: after ?? 0,
  }
}

function stationsOf(
  draft: Draft,
  groups: Item[][],
  stay: Stay,
  { rotating, oneList }: { rotating: boolean; oneList: boolean },
  exercises: readonly Starter[],
  newId: NewId,
): Station[] {
  const stations = groups.map((group): Station => {
    const { own: ownStay, span, ...place } = group[0]!.place ?? {}
    const uses = done(group).map((item) => useOf(item, draft, stay, exercises, newId))
    const own = ownStay
      ? isList(ownStay)
        ? listStay(ownStay, [group], rotating)
        : intervalStay(ownStay, [group], rotating)
      : ownLength(group, stay, rotating)
    return {
      ...emptyStation(newId()),
      ...place,
      uses,
      ...(span === 2 && { span: 2 as const }),
      ...(group.some(({ rest }) => rest) && { rest: true }),
      ...(own && { stay: own }),
    }
  })
  const wanted = Math.max(1, draft.stations ?? draft.exercises ?? (draft.items.length === 0 ? (draft.countedTimes ?? 1) : 1))
  while (stations.length < (oneList ? 1 : wanted)) stations.push(emptyStation(newId()))
  return stations
}

/** A station done together for another time than the rest. */
function ownLength(group: readonly Item[], stay: Stay, rotating: boolean): Stay | undefined {
  const uses = done(group)
  const seconds = uses[0]?.seconds
  if (rotating || stay.kind !== 'intervals' || uses.length > 1 || seconds === undefined || seconds === stay.workSeconds[0]) return undefined
  return { ...stay, workSeconds: [seconds] }
}

function useOf(item: Item, draft: Draft, stay: Stay, exercises: readonly Starter[], newId: NewId): Use {
  const { exerciseId, optionId, reps, counted = 'total', seconds, load, tempo, sides } = item
  const plain = newUse(starterOf(exercises, exerciseId), stay, newId)
  const onRungs = stay.kind === 'task' && stay.rungs !== undefined && seconds === undefined
  const said = reps ?? (onRungs && !item.byRungs ? { count: 10 } : undefined)
  const takes = item.takes ?? (stay.kind === 'task' ? seconds : undefined)
  return {
    ...plain,
    ...(optionId !== undefined && { optionId }),
    ...(takes !== undefined && { seconds: takes }),
    ...(said && { reps: { ...said, counted } }),
    ...(load && { load }),
    ...(tempo && { tempo }),
    ...(item.effort !== undefined && { effort: item.effort }),
    ...(item.machine !== undefined && { machine: item.machine }),
    ...(item.note !== undefined && { note: item.note }),
    ...(item.cycle && { inner: { cycle: item.cycle, ...(item.aimCycles !== undefined && { aim: item.aimCycles }) } }),
    ...(item.dose && { dose: item.dose }),
    ...(item.alternatives && { alternatives: item.alternatives }),
    ...((sides ?? (draft.eachSide && stay.kind === 'intervals')) && { sides: sides ?? 'ownInterval' }),
  }
}
