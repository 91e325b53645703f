import { midSentence } from '../../base/mid-sentence'
import { formatSeconds, type Seconds } from '../../base/units'
import type { GroupSize } from '../../grouping/group-size'
import { groupSizesWord } from '../../grouping/groups'
import type { Circuit, Piece, Plan } from '../../plan/plan'
import type { RotationChoice } from '../../rotation/rule'
import type { Timeline } from '../../timeline/phase'
import { rangeText } from '../items'
import { circuitClauses, isPlainName } from './circuit-clauses'
import { anybody, type Moving } from './moving'
import { partClauses } from './part-clauses'
import { pauseClauses } from './pause-clauses'
import { clausesText } from './said'

/** How each circuit's people move, by its id. */
type Movings = (circuitId: string) => Moving

/** How people move in a class, for those circuits that have no rule of their own by the loop. */
export const movingsOf =
  ({ groupSize: size, rotations }: { groupSize: GroupSize; rotations?: Record<string, RotationChoice> | undefined }): Movings =>
  (circuitId) => ({ size, choice: rotations?.[circuitId] ?? { rule: 'loop' } })

/**
 * The class in two sentences, the same wherever it is stated: what is done, and how long it takes. `groups` are the sizes of the
 * groups that are here, in any order.
 */
export function classSentences(plan: Plan, timeline: Timeline, groups: readonly number[], movings?: Movings): [string, string] {
  return [whatIsDone(plan, groups, movings), howLong(plan, timeline)]
}

/** The same for the room, which has no slot to fill: what is done, and how long it takes. */
export const roomSentences = (plan: Plan, timeline: Timeline, groups: readonly number[], movings?: Movings): [string, string] => [
  whatIsDone(plan, groups, movings),
  `${lengthOf(timeline)}.`,
]

function whatIsDone(plan: Plan, groups: readonly number[], movings: Movings = () => anybody): string {
  const parts = plan.parts.flatMap((part) => {
    const pieces = part.pieces.map((piece) => pieceText(piece, movings))
    const about = clausesText(partClauses(part))
    if (about === '') return pieces
    return pieces.length === 1 ? [`${pieces[0]}${about}`] : [`${pieces.join(', then ')}, all of it${about.slice(1)}`]
  })
  const people = groups.reduce((sum, size) => sum + size, 0)
  const who = people === 0 ? [] : [`${people} ${people === 1 ? 'person' : `people ${groupSizesWord(groups)}`}`]
  const text = `${[...parts, ...who].join('; ')}.`
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** One piece in words, without a full stop: what its sentence says, but of a plain named list, such as a warm-up, only how long it is. */
export function pieceText(piece: Piece, movings: Movings = () => anybody): string {
  if (piece.type === 'pause') return clausesText(pauseClauses(piece))
  const seconds = shortListSeconds(piece)
  if (piece.name && !isPlainName(piece.name) && seconds !== undefined) return `${formatSeconds(seconds)} ${midSentence(piece.name)}`
  return clausesText(circuitClauses(piece, movings(piece.id)))
}

/** The length of a named list that is gone through once without a break, such as a warm-up: that is all to be said of it. */
function shortListSeconds(circuit: Circuit): Seconds | undefined {
  const { stay, transition, stations } = circuit
  if (circuit.travel !== 'together' || circuit.laps !== 1 || stay.kind !== 'intervals' || circuit.vary.length > 0 || circuit.varyRules)
    return undefined
  if (
    transition.seconds > 0 ||
    stay.gapSeconds > 0 ||
    stay.sets > 1 ||
    stations.some((station) => station.stay || station.skipLaps.length > 0)
  )
    return undefined
  let seconds = 0
  for (const station of stations)
    stay.workSeconds.forEach((work, position) => (seconds += work * (station.uses[position]?.sides === 'ownInterval' ? 2 : 1)))
  return seconds
}

const howLong = (plan: Plan, timeline: Timeline): string =>
  `${lengthOf(timeline)}, ${slotPhrase(plan.slotSeconds - timeline.total, plan.slotSeconds)}.`

function lengthOf({ total, totalWithoutOptional, range }: Timeline): string {
  const optional = total === totalWithoutOptional ? '' : ` (${formatSeconds(totalWithoutOptional)} without the optional part)`
  const length = range ? `About ${rangeText(range)}` : formatSeconds(total)
  return `${length} in all${optional}`
}

/** `spare` seconds of the slot: how they are told everywhere. */
export function slotPhrase(spare: number, slotSeconds: number): string {
  const slot = `the ${formatSeconds(slotSeconds)} slot`
  if (spare === 0) return `which fills ${slot} exactly`
  return spare > 0 ? `${formatSeconds(spare)} short of ${slot}` : `${formatSeconds(-spare)} over ${slot}`
}
