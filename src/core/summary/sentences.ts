import { groupSizesWord } from '../grouping/groups'
import type { Circuit, Pause, Piece, Plan } from '../plan/plan'
import type { Timeline } from '../timeline/phase'
import { formatSeconds } from '../units'
import { pieceName } from './names'

/**
 * The class in two sentences, the same wherever it is stated: what is done, and how long it takes.
 * `groups` are the sizes of the groups that are here, in any order.
 */
export function classSentences(plan: Plan, timeline: Timeline, groups: readonly number[]): [string, string] {
  return [whatIsDone(plan, groups), howLong(plan, timeline)]
}

function whatIsDone(plan: Plan, groups: readonly number[]): string {
  const pieces = plan.parts.flatMap((part) => {
    const texts = part.pieces.map(piecePhrase)
    const joined = texts.join(', then ')
    const times = part.repeat > 1 ? [`${part.repeat} times (${joined})`] : texts
    return part.optional ? times.map((text) => `${text} if there is time`) : times
  })
  const people = groups.reduce((sum, size) => sum + size, 0)
  const who = people === 0 ? '' : `, for ${people} ${people === 1 ? 'person' : `people ${groupSizesWord(groups)}`}`
  const text = `${pieces.join(', then ')}${who}.`
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** One piece in words, without a full stop. */
export const piecePhrase = (piece: Piece): string => (piece.type === 'pause' ? pausePhrase(piece) : circuitPhrase(piece))

const pausePhrase = (pause: Pause) => `${formatSeconds(pause.seconds)} ${pieceName(pause).toLowerCase()}`

function circuitPhrase(circuit: Circuit): string {
  const count = circuit.stations.length
  const rotates = circuit.travel === 'rotate'
  const what = rotates ? `${count} ${count === 1 ? 'station' : 'stations'}` : `${count} ${count === 1 ? 'exercise' : 'exercises'} together`
  const named = circuit.name ? `${circuit.name.toLowerCase()}: ${what}` : what
  const phrases = [`${named}, ${workPhrase(circuit)}`]
  if (circuit.turns !== undefined) phrases.push(`${circuit.turns} turns`)
  else phrases.push(`${circuit.laps} ${circuit.laps === 1 ? 'lap' : 'laps'}`)
  if (circuit.lapRestSeconds > 0 && circuit.laps !== 1) phrases.push(`${formatSeconds(circuit.lapRestSeconds)} between laps`)
  return phrases.join(', ')
}

function workPhrase(circuit: Circuit): string {
  const { stay, transition } = circuit
  if (stay.kind === 'task') return stay.capSeconds ? `self-paced, ${formatSeconds(stay.capSeconds)} each` : 'self-paced to the finish'
  const works = stay.workSeconds.map(formatSeconds).join(' + ')
  const sets = stay.sets > 1 ? `${stay.sets} sets of ` : ''
  const gap = stay.gapSeconds > 0 ? ` with ${formatSeconds(stay.gapSeconds)} gaps` : ''
  const setRest = stay.setRestSeconds > 0 ? ` and ${formatSeconds(stay.setRestSeconds)} after a set` : ''
  const breakWord = circuit.travel === 'rotate' ? 'to move' : transition.how === 'active' ? 'to cross' : 'to rest'
  const move = transition.seconds > 0 ? ` and ${formatSeconds(transition.seconds)} ${breakWord}` : ''
  return `${sets}${works} work${gap}${setRest}${move}`
}

function howLong(plan: Plan, timeline: Timeline): string {
  const { total, totalWithoutOptional } = timeline
  const optional = total === totalWithoutOptional ? '' : ` (${formatSeconds(totalWithoutOptional)} without the optional part)`
  return `${formatSeconds(total)} in all${optional}, ${slotPhrase(plan.slotSeconds - total, plan.slotSeconds)}.`
}

/** `spare` seconds of the slot: how they are told everywhere. */
export function slotPhrase(spare: number, slotSeconds: number): string {
  const slot = `the ${formatSeconds(slotSeconds)} slot`
  if (spare === 0) return `which fills ${slot} exactly`
  return spare > 0 ? `${formatSeconds(spare)} short of ${slot}` : `${formatSeconds(-spare)} over ${slot}`
}
