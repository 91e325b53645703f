import { andList } from '../../base/and-list'
import { turnsAt } from '../room/turns-at'
import { stationsWord } from '../screens/sides-now'
import type { Phase } from '../../timeline/phase'
import { formatSeconds, type Seconds } from '../../base/units'
import type { KeptPhase } from './retimed'
import type { CircuitView, RunSnapshot } from '../room/snapshot'

/** How short a break or an interval may become, as a share of what it was, and in seconds. */
const least = { break: { share: 0.5, seconds: 5 }, work: { share: 0.6, seconds: 15 } } as const

/** What is left of the class when something of it is left out, or made shorter. */
export interface Cut {
  /** What is done, in order: what it begins with tells its kind. */
  ids: string[]
  phases: KeptPhase[]
  labels: string[]
  told: string[]
  /** What the room loses, in seconds of work; being without a station weighs more. */
  cost: number
}

/** What the class has behind it: every phase, and those of them that were really worked. */
export interface Past {
  phases: readonly KeptPhase[]
  worked: readonly KeptPhase[]
}

export const lengthOf = (phases: readonly KeptPhase[]): Seconds => phases.reduce((sum, phase) => sum + phase.seconds, 0)

export function withoutOptional(cut: Cut): Cut | undefined {
  const phases = cut.phases.filter((phase) => !phase.optional)
  const lost = lengthOf(cut.phases) - lengthOf(phases)
  if (lost === 0 || phases.length === 0) return undefined
  return {
    ...cut,
    ids: ['optional'],
    phases,
    labels: ['Leave the optional part out'],
    told: [`${formatSeconds(lost)} of it is not done.`],
    cost: lost * 0.3,
  }
}

/** One lap fewer, two, and so on, the latest first, of every circuit that has laps wholly ahead. */
export function withoutLaps(snapshot: RunSnapshot, past: Past, from: Cut): Cut[] {
  const cuts: Cut[] = []
  let cut = from
  for (let laps = 1; laps <= 6; laps++) {
    const last = cut.phases.findLast(
      (phase) => phase.kind === 'work' && lapIsAhead(phase, past.phases) && (phase.lap ?? 0) > 0 && phase.wave === undefined,
    )
    if (!last) break
    const sameLap = (phase: Phase) =>
      phase.kind === 'work' && phase.pieceId === last.pieceId && phase.repeat === last.repeat && phase.lap === last.lap
    const first = cut.phases.findIndex(sameLap)
    // The break before it goes with it; the one after it stays, and leads to what comes then.
    const begin = first > 0 && cut.phases[first - 1]!.kind !== 'work' && cut.phases[first - 1]!.pieceId === last.pieceId ? first - 1 : first
    const dropped = cut.phases.slice(begin, cut.phases.findLastIndex(sameLap) + 1)
    const phases = [...cut.phases.slice(0, begin), ...cut.phases.slice(begin + dropped.length)]
    if (phases.length === 0) break
    const name = snapshot.circuits[last.pieceId]?.name ?? ''
    const missing = [
      ...missed(snapshot, [...past.worked, ...cut.phases], [...past.worked, ...phases], last.pieceId),
      ...sidesLost(snapshot, [...past.worked, ...cut.phases], [...past.worked, ...phases], last),
    ]
    cut = {
      ids: [...from.ids, `lap${laps}`],
      phases,
      labels: [...from.labels, laps === 1 ? `One lap fewer of ${name}` : `${laps} laps fewer`],
      told: [...cut.told, ...(missing.length > 0 ? missing : [stillWords(snapshot, [...past.worked, ...phases], last.pieceId)])].filter(
        (text, index, all) => all.indexOf(text) === index,
      ),
      cost: cut.cost + lengthOf(dropped.filter((phase) => phase.kind === 'work')) * 0.8 + missing.length * 600,
    }
    cuts.push(cut)
  }
  return cuts
}

/** One set fewer, two, and so on, at every station still to come of the last circuit that has sets there: every one is still come to. */
export function withoutSets(snapshot: RunSnapshot, past: Past, from: Cut): Cut[] {
  const begun = staysOf(past.phases)
  const cuts: Cut[] = []
  let cut = from
  for (let sets = 1; sets <= 4; sets++) {
    const lastSet = staysOf(cut.phases.filter((phase) => phase.wave === undefined && !phase.selfPaced && !begun.has(stayOf(phase))))
    const setsIn = (phase: Phase) => lastSet.get(stayOf(phase)) ?? 0
    const pieceId = cut.phases.findLast((phase) => phase.kind === 'work' && setsIn(phase) > 0)?.pieceId
    if (pieceId === undefined) break
    const drops = (phase: Phase | undefined) =>
      phase?.kind === 'work' && phase.pieceId === pieceId && setsIn(phase) > 0 && phase.set === setsIn(phase)
    // The break before a set goes with it, and so do those between its positions.
    const goes = cut.phases.map(
      (phase, index) =>
        drops(phase) ||
        (phase.kind !== 'work' && phase.pieceId === pieceId && drops(cut.phases.slice(index).find((phase) => phase.kind === 'work'))),
    )
    const phases = cut.phases.filter((_, index) => !goes[index])
    const dropped = cut.phases.filter((_, index) => goes[index])
    const most = 1 + Math.max(...dropped.map(setsIn))
    const name = snapshot.circuits[pieceId]?.name ?? ''
    cut = {
      ids: [...from.ids, `set${sets}`],
      phases,
      labels: [...from.labels, sets === 1 ? `One set fewer at each station of ${name}` : `${sets} sets fewer at each station of ${name}`],
      told: [
        ...from.told,
        `${name}: ${most + sets - 1} sets become ${most - 1} at the stations still to come. ${stillWords(snapshot, [...past.worked, ...phases], pieceId)}`,
      ],
      cost: cut.cost + lengthOf(dropped.filter((phase) => phase.kind === 'work')) * 0.85,
    }
    cuts.push(cut)
  }
  return cuts
}

const stayOf = ({ pieceId, repeat, lap, turn, station }: Phase) => `${pieceId}/${repeat}/${lap}/${turn}/${station}`

/** The last set of each stay. */
function staysOf(phases: readonly Phase[]): Map<string, number> {
  const stays = new Map<string, number>()
  for (const phase of phases) if (phase.kind === 'work') stays.set(stayOf(phase), Math.max(stays.get(stayOf(phase)) ?? 0, phase.set ?? 0))
  return stays
}

const lapIsAhead = (phase: Phase, past: readonly Phase[]) =>
  !past.some(
    (known) => known.pieceId === phase.pieceId && known.repeat === phase.repeat && known.lap === phase.lap && known.kind === 'work',
  )

/** The stations at which one side goes by each lap, and only the first is left. */
function sidesLost(snapshot: RunSnapshot, before: readonly Phase[], after: readonly Phase[], { pieceId, repeat }: Phase): string[] {
  const circuit = snapshot.circuits[pieceId]
  const sides = (phases: readonly Phase[]) =>
    new Set(
      phases.flatMap((phase) =>
        phase.kind === 'work' && phase.pieceId === pieceId && phase.repeat === repeat ? [(phase.lap ?? 0) % 2] : [],
      ),
    )
  if (!circuit || sides(before).size < 2 || sides(after).size > 1) return []
  const byLap = circuit.stations.flatMap((station, index) =>
    station.exercises.some((exercise) => exercise.sides === 'byLap') ? [index] : [],
  )
  return byLap.length > 0 ? [`${stationsWord(byLap)}: the second side is not done.`] : []
}

/** Nobody loses a station by a cut; whether everyone has them all is another question. */
function stillWords(snapshot: RunSnapshot, phases: readonly Phase[], pieceId: string): string {
  const circuit = snapshot.circuits[pieceId]
  if (!circuit?.turns) return 'Nothing of it is left out.'
  const isEverywhere = (circuit.units ?? snapshot.groups).every(
    (_, unit) => stationsOf(circuit, phases, pieceId, unit).size === circuit.stations.length,
  )
  return isEverywhere ? 'Everyone still comes to every station.' : 'Nobody loses a station by it.'
}

/** The stations (from 0) that a unit comes to in these phases. */
const stationsOf = (circuit: CircuitView, phases: readonly Phase[], pieceId: string, unit: number): Set<number> =>
  new Set(
    phases.flatMap(({ kind, pieceId: id, repeat, turn = 0 }) => {
      const station = kind === 'work' && id === pieceId ? turnsAt(circuit, repeat)?.[turn]?.findIndex((here) => here.includes(unit)) : -1
      return station === undefined || station < 0 ? [] : [station]
    }),
  )

/** Who no longer comes to which station of a circuit, in words. */
function missed(snapshot: RunSnapshot, before: readonly Phase[], after: readonly Phase[], pieceId: string): string[] {
  const circuit = snapshot.circuits[pieceId]
  if (!circuit?.turns) return []
  const units = circuit.units ?? snapshot.groups
  const lost = units.flatMap((ids, unit) => {
    const still = stationsOf(circuit, after, pieceId, unit)
    const stations = [...stationsOf(circuit, before, pieceId, unit)].filter((station) => !still.has(station)).map((station) => station + 1)
    if (stations.length === 0) return []
    const names = andList(ids.map((id) => snapshot.people.find((person) => person.id === id)?.name ?? id))
    return [
      `${names} ${ids.length === 1 ? 'misses' : 'miss'} ${stations.length === 1 ? 'station' : 'stations'} ${stations.sort((a, b) => a - b).join(', ')}.`,
    ]
  })
  return lost.length > 3 ? [...lost.slice(0, 3), `And ${lost.length - 3} more ${lost.length === 4 ? 'group' : 'groups'}.`] : lost
}

/** What the walk in a break takes, where people go to another station in it. */
const walkIn = ({ circuits }: RunSnapshot, phase: Phase): Seconds => (phase.moves && circuits[phase.pieceId]?.walkSeconds) || 0

/**
 * Breaks, or work, made shorter alike until the goal is met or no more can be taken; no break gets shorter than the way in it
 * takes. What waves and self-paced lists do is left as
 * it is.
 */
export function trimmed(snapshot: RunSnapshot, cut: Cut, goal: Seconds, what: 'break' | 'work'): Cut | undefined {
  const need = lengthOf(cut.phases) - goal
  if (need <= 0) return undefined
  const trims = (phase: Phase) => (phase.kind === 'work') === (what === 'work') && phase.wave === undefined && !phase.selfPaced
  const floor = (phase: Phase) =>
    phase.kind === 'unplanned'
      ? 1
      : Math.min(phase.seconds, Math.max(least[what].seconds, Math.ceil(phase.seconds * least[what].share), walkIn(snapshot, phase)))
  const given = cut.phases.filter(trims)
  const room = given.reduce((sum, phase) => sum + phase.seconds - floor(phase), 0)
  if (room <= 0) return undefined
  const share = Math.min(1, need / room)
  const taken = (phase: Phase) => Math.min(phase.seconds - floor(phase), Math.ceil((phase.seconds - floor(phase)) * share - 1e-9))
  const phases = cut.phases.map((phase) => (trims(phase) ? { ...phase, seconds: phase.seconds - taken(phase) } : phase))
  const lost = lengthOf(cut.phases) - lengthOf(phases)
  const label = what === 'work' ? 'Trim work' : 'Trim breaks'
  return {
    ids: [...cut.ids, what],
    phases,
    labels: [...cut.labels, cut.labels.length > 0 ? label.toLowerCase() : label],
    told: [
      ...cut.told,
      `${what === 'work' ? 'Work' : 'Breaks'}: ${becomeWords(given, taken)}.`,
      ...(what === 'break' ? walkWords(snapshot, phases.filter(trims)) : []),
    ],
    // The harder it is trimmed, the more it costs.
    cost: cut.cost + lost * (what === 'work' ? 1 : 0.7) * (1 + share),
  }
}

/** What becomes of each length, three of them by name. */
function becomeWords(phases: readonly Phase[], taken: (phase: Phase) => Seconds): string {
  const byLength = new Map(
    phases
      .filter((phase) => taken(phase) > 0)
      .map((phase) => [phase.seconds, `${formatSeconds(phase.seconds)} become ${formatSeconds(phase.seconds - taken(phase))}`]),
  )
  const steps = [...byLength.values()]
  return `${steps.slice(0, 3).join(', ')}${steps.length > 3 ? ' and so on' : ''}`
}

/** Where the way is what keeps breaks from getting shorter. */
function walkWords(snapshot: RunSnapshot, phases: readonly KeptPhase[]): string[] {
  const walk = Math.max(0, ...phases.filter((phase) => phase.seconds === walkIn(snapshot, phase)).map(({ seconds }) => seconds))
  return walk > 0 ? [`No shorter than ${formatSeconds(walk)} where people move on: the longest way takes that.`] : []
}
