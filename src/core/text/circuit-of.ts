import { limits } from '../base/limits'
import { emptyStation } from '../plan/edit/simple'
import { newUse, starterOf } from '../plan/edit/use'
import type { Circuit, Stay, Station, Use } from '../plan/plan'
import { withDiffering } from './differing'
import { isList, rotates, timesOf, type Draft, type Item } from './draft'
import type { Makings } from './makings'
import { refuseUnused } from './unused'

const usualWork = 40
const usualCap = 300

/** What is said of a circuit, as a circuit; what it cannot hold is refused. */
export function circuitOf(draft: Draft, makings: Makings): Circuit {
  const { newId } = makings
  const { name, items, off, pairs, turns, sets = 1 } = draft
  const rotating = rotates(draft)
  const list = isList(draft)
  const oneList = list && !rotating && !items.some(({ empty }) => empty)
  const groups = groupsOf(draft, list, oneList)
  const stay = list ? listStay(draft, groups, rotating) : intervalStay(draft, groups, rotating)
  const stations = stationsOf(draft, groups, stay, { rotating, oneList }, makings)
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
    ...(draft.meanwhile && { waves: { meanwhile: circuitOf({ ...draft.meanwhile, together: true }, makings) } }),
  }
  refuseUnused(draft, circuit, makings)
  return withDiffering(circuit, [circuit], draft, makings)
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

/** The exercises at a place. */
const done = (group: readonly Item[]) => group.filter(({ rest, empty }) => !rest && !empty)

function listStay(
  { goal, cap, work, aim, opener = 0, rungs, rungRest, led, rungTime, stations }: Draft,
  groups: Item[][],
  rotating: boolean,
  own = false,
): Stay {
  // Without an end of its own a list holds up all who move on.
  const within = cap ?? work?.[0] ?? (rotating ? usualCap : undefined)
  // Of one place that has its own list, the list; else of all that have not.
  const counts = (own ? groups : groups.filter((group) => !group[0]?.place?.own)).map((group) => done(group).length)
  const isLed = rungs !== undefined && !rotating && (led || rungTime !== undefined)
  return {
    kind: 'task',
    openerCount: isLed || groups.length < (rotating ? (stations ?? 1) : 1) ? 0 : Math.min(opener, ...counts),
    ...(rungs && { rungs }),
    rungRestSeconds: rungRest ?? 0,
    ...(isLed && { rungClock: { led: true, ...(rungTime !== undefined && { seconds: rungTime }) } }),
    goal: goal === 'rounds' && within !== undefined ? 'cap' : 'finish',
    ...(within !== undefined && !isLed && { capSeconds: within }),
    ...(aim !== undefined && { aimRounds: aim }),
  }
}

function intervalStay(
  { work, items, off, sets = 1, after, total, betweenExercises, gap: ownGap, perPlace = 1 }: Draft,
  groups: Item[][],
  rotating: boolean,
): Stay {
  const shared = total === undefined ? undefined : Math.max(5, Math.floor(total / Math.max(1, items.length)))
  const timed = items.find(({ seconds }) => seconds !== undefined)?.seconds ?? shared
  const each = work ?? [timed ?? usualWork]
  const gap = sets > 1 && !rotating && off && !off.moves
  const within = betweenExercises !== undefined && off
  return {
    kind: 'intervals',
    workSeconds:
      each.length > 1
        ? each
        : Array<number>(Math.max(perPlace, ...groups.map((group) => (group[0]?.place?.own ? 1 : done(group).length)))).fill(each[0]!),
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
  makings: Makings,
): Station[] {
  const { newId, refuse } = makings
  const stations = groups.map((group): Station => {
    const { own: ownStay, span, ...place } = group[0]!.place ?? {}
    const uses = done(group).map((item) => useOf(item, draft, stay, makings))
    const own = ownStay
      ? isList(ownStay)
        ? listStay(ownStay, [group], rotating, true)
        : intervalStay(ownStay, [group], rotating)
      : ownLength(group, stay, rotating)
    const worked = own ?? stay
    for (const { seconds, at } of done(group))
      if (
        at?.seconds &&
        seconds !== undefined &&
        stay.kind === 'intervals' &&
        worked.kind === 'intervals' &&
        !worked.workSeconds.includes(seconds)
      )
        refuse(at.seconds, 'all work as long here')
    const station: Station = {
      ...emptyStation(newId()),
      ...place,
      uses,
      ...(span === 2 && { span: 2 as const }),
      ...(group.some(({ rest }) => rest) && { rest: true }),
      ...(own && { stay: own }),
    }
    if (own && ownStay) refuseUnused(ownStay, { stay: own, stations: [station], laps: 1, transition: { seconds: 0, how: 'walk' } }, makings)
    return station
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

function useOf(item: Item, draft: Draft, stay: Stay, { exercises, newId, refuse }: Makings): Use {
  const { exerciseId, optionId, reps, counted, seconds, load, tempo } = item
  const plain = newUse(starterOf(exercises, exerciseId), stay, newId)
  const onRungs = stay.kind === 'task' && stay.rungs !== undefined && seconds === undefined
  const said = reps ?? (onRungs && !item.byRungs ? { count: 10 } : undefined)
  const takes = item.takes ?? (stay.kind === 'task' ? seconds : undefined)
  const bySides = !said && counted === 'eachSide' && stay.kind === 'intervals'
  if (item.at?.counted && counted && !said && !bySides) refuse(item.at.counted, 'only reps are counted so')
  const sides = item.sides ?? (draft.eachSide && stay.kind === 'intervals' ? 'ownInterval' : bySides ? 'half' : undefined)
  return {
    ...plain,
    ...(optionId !== undefined && { optionId }),
    ...(takes !== undefined && { seconds: takes }),
    ...(said && { reps: { ...said, counted: counted ?? 'total' } }),
    ...(load && { load }),
    ...(tempo && { tempo }),
    ...(item.effort !== undefined && { effort: item.effort }),
    ...(item.machine !== undefined && { machine: item.machine }),
    ...(item.note !== undefined && { note: item.note }),
    ...(item.cycle && { inner: { cycle: item.cycle, ...(item.aimCycles !== undefined && { aim: item.aimCycles }) } }),
    ...(item.dose && { dose: item.dose }),
    ...(item.alternatives && { alternatives: item.alternatives }),
    ...(sides && { sides }),
  }
}
