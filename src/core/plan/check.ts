import type { z } from 'zod'
import { limits } from '../base/limits'
import { turnsOf, wavesOf } from './turns'
import { canExchange, turnsRound } from './vary-rules'
import type { Circuit, Part, Piece, PlanFields, Station, Stay, Task, Variation, VariationRule } from './schema'

type Report = (path: PropertyKey[], message: string) => void

/** The rules of a plan that concern more than one field: unique ids, lap counts, stays, variations. */
export function checkPlan(plan: PlanFields, context: z.RefinementCtx): void {
  const report: Report = (path, message) => context.addIssue({ code: 'custom', path: path as (string | number)[], message })
  checkIds(plan, report)
  plan.parts.forEach((part, partIndex) => {
    const path = ['parts', partIndex]
    part.pieces.forEach((piece, pieceIndex) => {
      if (piece.type === 'circuit') checkCircuit(piece, [...path, 'pieces', pieceIndex], report)
    })
    checkVariations(part.vary, part.repeat, 'repeat', targetsOfPart(part), [...path, 'vary'], report)
    checkRules(part, targetsOfPart(part), [...path, 'varyRules'], report)
  })
  checkSize(plan, report)
}

/** What a circuit comes to before anything of it is laid out: its turns, and at the most its phases. */
function sizeOf(circuit: Circuit): { turns: number; phases: number } {
  const turns = turnsOf(circuit) * wavesOf(circuit)
  const intervals = Math.max(
    ...[circuit.stay, ...circuit.stations.flatMap((station) => station.stay ?? [])].map((stay) =>
      stay.kind === 'task' ? 1 : stay.workSeconds.length * stay.sets,
    ),
  )
  const beside = circuit.waves ? 2 * sizeOf(circuit.waves.meanwhile).phases : 0
  // An interval for each side, and a break after each, at the most.
  return { turns, phases: turns * (4 * intervals + 2) + beside }
}

/** A plan that would take minutes to work out is refused before anybody begins. */
function checkSize(plan: PlanFields, report: Report): void {
  let [turns, phases] = [0, 0]
  plan.parts.forEach((part, p) =>
    part.pieces.forEach((piece, i) => {
      if (piece.type === 'pause') return
      const path = ['parts', p, 'pieces', i, piece.laps === undefined ? 'turns' : 'laps']
      const size = sizeOf(piece)
      const before = Math.max(turns / limits.turns, phases / limits.countedPhases)
      turns += part.repeat * size.turns
      phases += part.repeat * size.phases
      if (before > 1) return
      if (turns > limits.turns) report(path, `makes ${turns} turns with what comes before, and a plan has at most ${limits.turns}`)
      else if (phases > limits.countedPhases) report(path, `makes too many intervals with what comes before: fewer laps, sets or repeats`)
    }),
  )
}

function checkIds(plan: PlanFields, report: Report): void {
  const seen = new Set<string>()
  const take = (id: string, path: PropertyKey[]) => {
    if (seen.has(id)) report([...path, 'id'], `"${id}" is used twice: every part, piece, station and use needs an id of its own`)
    seen.add(id)
  }
  const takeCircuit = (circuit: Circuit, path: PropertyKey[]) => {
    take(circuit.id, path)
    circuit.stations.forEach((station, s) => {
      take(station.id, [...path, 'stations', s])
      station.uses.forEach((use, u) => take(use.id, [...path, 'stations', s, 'uses', u]))
    })
    if (circuit.waves) takeCircuit(circuit.waves.meanwhile, [...path, 'waves', 'meanwhile'])
  }
  plan.parts.forEach((part, p) => {
    take(part.id, ['parts', p])
    part.pieces.forEach((piece, i) => {
      const path = ['parts', p, 'pieces', i]
      if (piece.type === 'circuit') takeCircuit(piece, path)
      else take(piece.id, path)
    })
  })
}

function checkCircuit(circuit: Circuit, path: PropertyKey[], report: Report): void {
  if ((circuit.laps === undefined) === (circuit.turns === undefined)) {
    report([...path, 'laps'], 'needs either laps or turns, not both and not neither')
  }
  checkStay(circuit.stay, circuit.travel, [...path, 'stay'], report)
  circuit.stations.forEach((station, s) => checkStation(circuit, station, [...path, 'stations', s], report))
  checkVariations(circuit.vary, circuit.laps ?? limits.laps, 'lap', targetsOfCircuit(circuit), [...path, 'vary'], report)
  checkRules(circuit, targetsOfCircuit(circuit), [...path, 'varyRules'], report)
  if (circuit.waves) {
    const inner = [...path, 'waves', 'meanwhile']
    if (circuit.waves.meanwhile.travel !== 'together') report([...inner, 'travel'], 'must be "together": the wave that waits works a list')
    checkCircuit(circuit.waves.meanwhile, inner, report)
  }
}

function checkStay(stay: Stay, travel: Circuit['travel'], path: PropertyKey[], report: Report): void {
  if (stay.kind !== 'task') return
  if (stay.goal === 'cap' && stay.capSeconds === undefined) report([...path, 'capSeconds'], 'is needed when the goal is the cap')
  if (stay.goal === 'finish' && travel === 'rotate' && stay.capSeconds === undefined) {
    report([...path, 'capSeconds'], 'is needed when people rotate: without a cap the room could not move on together')
  }
  if (stay.rungClock) checkLed(stay, travel, path, report)
}

/** What a ladder that the room climbs together needs, and what goes against it. */
function checkLed(stay: Task, travel: Circuit['travel'], path: PropertyKey[], report: Report): void {
  if (!stay.rungs) report([...path, 'rungs'], 'is needed where the room goes from rung to rung together')
  if (travel === 'rotate') report([...path, 'rungClock'], 'is only for what all do together')
  if (stay.goal === 'cap' || stay.capSeconds !== undefined)
    report([...path, 'goal'], 'must be "finish" without a cap where the room goes from rung to rung together')
  if (stay.openerCount > 0) report([...path, 'openerCount'], 'must be 0 where the room goes from rung to rung together')
}

function checkStation(circuit: Circuit, station: Station, path: PropertyKey[], report: Report): void {
  const rotates = circuit.travel === 'rotate'
  if (station.stay && rotates) report([...path, 'stay'], 'is only for stations done together: in a rotation all stays are of one length')
  if (station.span === 2 && !rotates) report([...path, 'span'], 'must be 1 unless people rotate')
  if (station.skipLaps.length > 0 && rotates) report([...path, 'skipLaps'], 'is only for stations done together')
  if (station.stay) checkStay(station.stay, circuit.travel, [...path, 'stay'], report)
  const stay = station.stay ?? circuit.stay
  if (stay.kind === 'intervals' && station.uses.length > stay.workSeconds.length) {
    report(
      [...path, 'uses'],
      `has ${station.uses.length} exercises for ${stay.workSeconds.length} positions: add a position or take one out`,
    )
  }
  station.uses.forEach((use, u) => {
    const most = use.reps?.most
    if (most !== undefined && most < use.reps!.count) report([...path, 'uses', u, 'reps', 'most'], 'must not be below the count')
  })
  if (stay.kind === 'task' && stay.openerCount > station.uses.length) {
    report([...path, 'uses'], `has ${station.uses.length} items, fewer than the ${stay.openerCount} of the opener`)
  }
}

/** What a variation may point at: the fields of the stay or use that has the id. */
interface Target {
  kind: 'intervals' | 'task' | 'use' | 'pause'
  positions?: number
  /** The fewest items that a list of it has. */
  items?: number
  transition?: boolean
}

function targetsOfCircuit(circuit: Circuit): Map<string, Target> {
  const targets = new Map<string, Target>([
    [
      circuit.id,
      {
        ...stayTarget(
          circuit.stay,
          circuit.stations.filter((station) => !station.stay),
        ),
        transition: true,
      },
    ],
  ])
  for (const station of circuit.stations) {
    if (station.stay) targets.set(station.id, stayTarget(station.stay, [station]))
    for (const use of station.uses) targets.set(use.id, { kind: 'use' })
  }
  return targets
}

function stayTarget(stay: Stay, stations: readonly Station[]): Target {
  if (stay.kind === 'intervals') return { kind: 'intervals', positions: stay.workSeconds.length }
  return { kind: 'task', items: Math.min(...stations.map(({ uses }) => uses.length)) }
}

function targetsOfPart(part: Part): Map<string, Target> {
  const targets = new Map<string, Target>()
  for (const piece of part.pieces) {
    if (piece.type === 'pause') targets.set(piece.id, { kind: 'pause' })
    else for (const [id, target] of targetsOfCircuit(piece)) targets.set(id, target)
  }
  return targets
}

const fieldsOf: Record<Target['kind'], readonly Variation['field'][]> = {
  intervals: ['workSeconds', 'gapSeconds', 'setRestSeconds'],
  task: ['capSeconds', 'openerCount', 'rungs', 'aimRounds'],
  use: ['exerciseId', 'optionId', 'seconds', 'reps', 'load', 'effort', 'machine', 'tempo', 'sides'],
  pause: ['seconds'],
}

/** What is wrong with a variation, by the key it is about; `undefined` when it applies. */
function variationProblem(
  variation: Variation,
  times: number,
  unit: 'lap' | 'repeat',
  target: Target | undefined,
): [key: string, message: string] | undefined {
  if (variation.at >= times) return ['at', `is ${unit} ${variation.at} counted from 0, and there are ${times}`]
  if (!target) return ['id', `"${variation.id}" is not found here`]
  if (variation.field === 'transitionSeconds' ? !target.transition : !fieldsOf[target.kind].includes(variation.field)) {
    return ['field', `"${variation.field}" cannot vary on "${variation.id}"`]
  }
  if (variation.field === 'workSeconds' && variation.value.length !== target.positions)
    return ['value', `must have ${target.positions} figures, one for each position`]
  if (variation.field === 'openerCount' && variation.value > (target.items ?? 0))
    return ['value', `is more than the list has items (${target.items ?? 0})`]
  return undefined
}

function checkVariations(
  variations: Variation[],
  times: number,
  unit: 'lap' | 'repeat',
  targets: Map<string, Target>,
  path: PropertyKey[],
  report: Report,
): void {
  variations.forEach((variation, index) => {
    const found = variationProblem(variation, times, unit, targets.get(variation.id))
    if (found) report([...path, index, found[0]], found[1])
  })
}

/** What is wrong with a rule of variation, by the key it is about; `undefined` when it applies. */
function ruleProblem(
  rule: VariationRule,
  target: Target | undefined,
  pieces: readonly Piece[],
): [key: string, message: string] | undefined {
  if (!target) return ['id', `"${rule.id}" is not found here`]
  const varies = (field: Variation['field']) => (field === 'transitionSeconds' ? target.transition : fieldsOf[target.kind].includes(field))
  if (rule.rule === 'series') return varies(rule.field) ? undefined : ['field', `"${rule.field}" cannot vary on "${rule.id}"`]
  const [one, other] = rule.fields
  if (one === other && !turnsRound(rule)) return ['fields', 'must be two different figures']
  if (!rule.fields.every(varies)) return ['fields', `"${one}" and "${other}" cannot be exchanged on "${rule.id}"`]
  if (!canExchange(rule, pieces))
    return turnsRound(rule)
      ? ['fields', 'cannot change places: needs lengths of work that differ']
      : ['fields', 'cannot be exchanged: work needs one length, and neither figure may be 0']
  return undefined
}

const piecesOf = (varied: Part | Circuit): readonly Piece[] => ('pieces' in varied ? varied.pieces : [varied])

function checkRules(varied: Part | Circuit, targets: Map<string, Target>, path: PropertyKey[], report: Report): void {
  varied.varyRules?.forEach((rule, index) => {
    const found = ruleProblem(rule, targets.get(rule.id), piecesOf(varied))
    if (found) report([...path, index, found[0]], found[1])
  })
}

/** The variations of a circuit that still apply to it. */
export function applicableToCircuit(circuit: Circuit): Variation[] {
  const targets = targetsOfCircuit(circuit)
  return circuit.vary.filter((variation) => !variationProblem(variation, circuit.laps ?? limits.laps, 'lap', targets.get(variation.id)))
}

/** The variations of a part that still apply to it. */
export function applicableToPart(part: Part): Variation[] {
  const targets = targetsOfPart(part)
  return part.vary.filter((variation) => !variationProblem(variation, part.repeat, 'repeat', targets.get(variation.id)))
}

/** Those rules of a part or circuit that still apply to it; left out where none is. */
export function applicableRules(varied: Part | Circuit): { varyRules?: VariationRule[] } {
  const targets = 'pieces' in varied ? targetsOfPart(varied) : targetsOfCircuit(varied)
  const rules = varied.varyRules?.filter((rule) => !ruleProblem(rule, targets.get(rule.id), piecesOf(varied))) ?? []
  return rules.length > 0 ? { varyRules: rules } : {}
}
