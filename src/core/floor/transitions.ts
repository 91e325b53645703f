import { settingsOf, type ComputedClass, type HallLibrary } from '../class/compute'
import { exercisesById } from '../library/by-id'
import type { ClassDocument } from '../class/class-document'
import type { Exercise, GearNeed } from '../library/exercise'
import { isOnFloor, type Form } from '../library/form'
import type { Person } from '../library/person'
import type { Room } from '../library/room'
import { setUpList } from '../gear/lists/lists'
import { formFor } from '../options/form-for'
import type { Circuit, Station } from '../plan/plan'
import { elsewhere } from '../rotation/rotation'
import type { Timeline } from '../timeline/phase'
import type { Metres, Seconds } from '../base/units'
import { walkerOf } from './walk'

/** Seconds of a transition, part by part. */
export interface MoveParts {
  setDown: Seconds
  rise: Seconds
  walk: Seconds
  getDown: Seconds
  pickUp: Seconds
}

export interface Transition {
  circuitId: string
  /** Stations from 0. */
  from: number
  to: number
  metres: Metres
  parts: MoveParts
  needed: Seconds
  /** The shortest that the plan gives for it. */
  given: Seconds
  /** Who needs longest, where somebody is there. */
  slowest?: string
}

/** Walking in a full room (common practice; comfortable gait is 1.27 to 1.46 m/s, Bohannon, Age and Ageing 26, 1997; from memory). */
export const crowdedMetresPerSecond = 1

/** Seconds to put gear down or take it up, to get off the floor or a machine, and to get down or strapped in: our estimate. */
const handling = { gear: 2, offFloor: 3, offMachine: 3, toFloor: 3, intoMachine: 5 } as const

/** Whether a piece is put down or taken up on the way. */
type Handled = (need: GearNeed) => boolean

const carried: Handled = (need) => need.per !== 'station'

/** What lies ready is left where it lies; only what is too scarce to stand at every station goes round with its people. */
function handledIn({ plan, laidReady }: ClassDocument, { gear }: ComputedClass): (circuitId: string) => Handled {
  if (!laidReady?.length) return () => carried
  const round = new Set(setUpList(plan, gear).goRound.map(({ kindId }) => kindId))
  return (circuitId) => (laidReady.includes(circuitId) ? (need) => carried(need) && round.has(need.kindId) : carried)
}

const leaving = (form: Form | undefined, handled: Handled): Pick<MoveParts, 'setDown' | 'rise'> => ({
  setDown: form?.gear.some(handled) ? handling.gear : 0,
  rise: !form ? 0 : isOnFloor(form) ? handling.offFloor : form.stance === 'seated' ? handling.offMachine : 0,
})

const arriving = (form: Form | undefined, handled: Handled): Pick<MoveParts, 'getDown' | 'pickUp'> => ({
  getDown: !form ? 0 : isOnFloor(form) ? handling.toFloor : form.stance === 'seated' ? handling.intoMachine : 0,
  pickUp: form?.gear.some(handled) ? handling.gear : 0,
})

const totalOf = (parts: MoveParts): Seconds => parts.setDown + parts.rise + parts.walk + parts.getDown + parts.pickUp

const nobody: Pick<Person, 'level' | 'goEasy' | 'walkingMetresPerSecond'> & { name?: string } = { level: 'regular', goEasy: [] }

/** Seconds from the end of each turn's work to the beginning of the next one's, by turn; the shortest over all repeats. */
function gapsOf(circuit: Circuit, { phases }: Timeline): Map<number, Seconds> {
  const gaps = new Map<number, Seconds>()
  const works = phases.filter((phase) => phase.kind === 'work' && phase.pieceId === circuit.id)
  works.forEach((work, index) => {
    const next = works[index + 1]
    if (!next || next.turn === work.turn || next.repeat !== work.repeat) return
    gaps.set(work.turn!, Math.min(gaps.get(work.turn!) ?? Infinity, next.start - work.start - work.seconds))
  })
  return gaps
}

/** One step of the rotation that has to be walked: who goes from where to where after which turn. */
interface Step {
  circuit: Circuit
  unit: number
  from: number
  to: number
  given: Seconds
  people: readonly (typeof nobody)[]
}

/** Every step that people of the class take from one station to another that follows without a repeat between. */
function stepsOf({ rotations }: ComputedClass, timeline: Timeline): Step[] {
  return rotations.flatMap(({ circuit, rotation, units }) => {
    if (!rotation.ok) return []
    const gaps = gapsOf(circuit, timeline)
    const loop = Array.from({ length: gaps.size + 1 }, (_, turn) => turn % circuit.stations.length)
    const paths = units.length > 0 ? rotation.value.paths : [loop]
    return paths.flatMap((path, unit) =>
      path.slice(1).flatMap((to, turn): Step[] => {
        const from = path[turn]!
        const given = gaps.get(turn)
        if (from === elsewhere || to === elsewhere || from === to || given === undefined) return []
        return [{ circuit, unit, from, to, given, people: units[unit] ?? [nobody] }]
      }),
    )
  })
}

/** Metres from spot to spot, each way walked once. */
function metresOver(room: Room, spots: NonNullable<ClassDocument['spots']>): (from: number, to: number) => Metres | undefined {
  const walker = walkerOf(room)
  const known = new Map<string, Metres | undefined>()
  return (from, to) => {
    const key = [from, to].sort().join()
    if (!known.has(key)) known.set(key, walker.metres(spots[from]!, spots[to]!))
    return known.get(key)
  }
}

/**
 * Every way that people take from station to station, each once, with the seconds it needs of whoever needs longest and the fewest
 * the plan gives. Only for stations that have a spot; a way that obstacles cut off is left out and told by `cutOff`.
 */
export function transitionsOf(
  document: ClassDocument,
  computed: ComputedClass,
  library: HallLibrary,
  room: Room,
  spots = document.spots ?? [],
): { transitions: Transition[]; cutOff: { from: number; to: number }[] } {
  if (!computed.timeline.ok) return { transitions: [], cutOff: [] }
  const byId = exercisesById(library.exercises)
  const usual = settingsOf(library).walkingMetresPerSecond ?? crowdedMetresPerSecond
  const metresBetween = metresOver(room, spots)
  const handled = handledIn(document, computed)
  const found = new Map<string, Transition>()
  const cutOff = new Map<string, { from: number; to: number }>()
  const walked = new Set<string>()
  for (const { circuit, unit, from, to, given, people } of stepsOf(computed, computed.timeline.value)) {
    if (!spots[from] || !spots[to]) continue
    const metres = metresBetween(from, to)
    if (metres === undefined) {
      cutOff.set(`${from}-${to}`, { from, to })
      continue
    }
    const key = `${circuit.id}/${from}/${to}`
    // In later laps the same people go the same way: only the gap may differ.
    const again = walked.has(`${key}/${unit}`)
    walked.add(`${key}/${unit}`)
    for (const person of again ? [] : people) {
      const parts = partsOf(person, circuit.stations[from]!, circuit.stations[to]!, metres, usual, byId, handled(circuit.id))
      const needed = Math.ceil(totalOf(parts))
      const slowest = 'name' in person && person.name ? { slowest: person.name } : {}
      if (needed > (found.get(key)?.needed ?? -1))
        found.set(key, { circuitId: circuit.id, from, to, metres, parts, needed, given: found.get(key)?.given ?? given, ...slowest })
    }
    const known = found.get(key)
    if (known) known.given = Math.min(known.given, given)
  }
  return { transitions: [...found.values()].sort((a, b) => b.needed - b.given - (a.needed - a.given)), cutOff: [...cutOff.values()] }
}

function partsOf(
  person: typeof nobody,
  from: Station,
  to: Station,
  metres: Metres,
  usual: number,
  byId: ReadonlyMap<string, Exercise>,
  handled: Handled,
): MoveParts {
  const formAt = (station: Station, which: number): Form | undefined => {
    const use = station.uses.at(which)
    const exercise = use && byId.get(use.exerciseId)
    return exercise && formFor(person, use, exercise).form
  }
  return {
    ...leaving(formAt(from, -1), handled),
    walk: metres / (person.walkingMetresPerSecond ?? usual),
    ...arriving(formAt(to, 0), handled),
  }
}
