import { midSentence } from '../base/mid-sentence'
import { groupSizesWord } from '../grouping/groups'
import type { Circuit, Pause, Piece, Plan } from '../plan/plan'
import type { Timeline } from '../timeline/phase'
import { formatSeconds } from '../base/units'
import { rangeText } from './items'
import { pieceName } from './names'
import { rulesPhrase } from './rule-words'

/**
 * The class in two sentences, the same wherever it is stated: what is done, and how long it takes. `groups` are the sizes of the
 * groups that are here, in any order.
 */
export function classSentences(plan: Plan, timeline: Timeline, groups: readonly number[]): [string, string] {
  return [whatIsDone(plan, groups), howLong(plan, timeline)]
}

/** The same for the room, which has no slot to fill: what is done, and how long it takes. */
export const roomSentences = (plan: Plan, timeline: Timeline, groups: readonly number[]): [string, string] => [
  whatIsDone(plan, groups),
  `${lengthOf(timeline)}.`,
]

function whatIsDone(plan: Plan, groups: readonly number[]): string {
  const pieces = plan.parts.flatMap((part) => {
    const texts = part.pieces.map(piecePhrase)
    const joined = texts.join(', then ')
    const ids = part.pieces.map(({ id }) => id)
    const times = part.repeat > 1 ? [`${part.repeat} times (${joined}${rulesPhrase(part.varyRules, ids, 'time')})`] : texts
    return part.optional ? times.map((text) => `${text} if there is time`) : times
  })
  const people = groups.reduce((sum, size) => sum + size, 0)
  const who = people === 0 ? '' : `; ${people} ${people === 1 ? 'person' : `people ${groupSizesWord(groups)}`}`
  const list = pieces.length > 1 ? `${pieces.slice(0, -1).join(', ')}, then ${pieces.at(-1)}` : pieces[0]!
  const text = `${list}${who}.`
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** One piece in words, without a full stop. */
export const piecePhrase = (piece: Piece): string => (piece.type === 'pause' ? pausePhrase(piece) : circuitPhrase(piece))

const pausePhrase = (pause: Pause) => `${formatSeconds(pause.seconds)} ${midSentence(pieceName(pause))}`

/** Names that say no more than the phrase does. */
const isPlainName = (name: string) => ['stations', 'together', 'meanwhile'].includes(name.toLowerCase())

function circuitPhrase(circuit: Circuit): string {
  const shortList = shortListSeconds(circuit)
  if (circuit.name && !isPlainName(circuit.name) && shortList !== undefined)
    return `${formatSeconds(shortList)} ${midSentence(circuit.name)}`
  const { stay } = circuit
  if (stay.kind === 'task' && circuit.stations.length === 1 && circuit.laps === 1) {
    const name = midSentence(circuit.name ?? 'list')
    if (stay.rungClock) return `${name} rung by rung together`
    return stay.goal === 'cap' ? `${formatSeconds(stay.capSeconds!)} ${name} at your own pace` : `${name} at your own pace, to the finish`
  }
  const rotates = circuit.travel === 'rotate'
  const count = circuit.stations.length
  const what = rotates ? `${count} ${count === 1 ? 'station' : 'stations'}` : `${count} ${count === 1 ? 'exercise' : 'exercises'} together`
  const plain = !circuit.name || isPlainName(circuit.name)
  const between = circuit.lapRestSeconds > 0 && circuit.laps !== 1 ? ` with ${formatSeconds(circuit.lapRestSeconds)} between` : ''
  const laps = circuit.turns === undefined ? `${circuit.laps} ${circuit.laps === 1 ? 'lap' : 'laps'}${between}` : `${circuit.turns} turns`
  const waves = circuit.waves ? `, by half of the class at a time while the other half does ${circuitPhrase(circuit.waves.meanwhile)}` : ''
  return `${plain ? '' : `${midSentence(circuit.name!)}: `}${what} (${workPhrase(circuit)}, ${laps}${rulesPhrase(circuit.varyRules, [circuit.id], 'lap')})${waves}`
}

/** The length of a named list that is gone through once without a break, such as a warm-up: that is all to be said of it. */
function shortListSeconds(circuit: Circuit): number | undefined {
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

function workPhrase(circuit: Circuit): string {
  const { stay, transition } = circuit
  const breakWord = circuit.travel === 'rotate' ? 'to move' : transition.how === 'active' ? 'to cross' : 'to rest'
  const move = transition.seconds > 0 ? ` and ${formatSeconds(transition.seconds)} ${breakWord}` : ''
  if (stay.kind === 'task')
    return stay.capSeconds ? `self-paced, ${formatSeconds(stay.capSeconds)} each${move}` : `self-paced to the finish${move}`
  const works = stay.workSeconds.map(formatSeconds).join(' + ')
  const sets = stay.sets > 1 ? `${stay.sets} sets of ` : ''
  const gap = stay.gapSeconds > 0 ? ` with ${formatSeconds(stay.gapSeconds)} gaps` : ''
  const setRest = stay.setRestSeconds > 0 ? ` and ${formatSeconds(stay.setRestSeconds)} after a set` : ''
  return `${sets}${works} work${gap}${setRest}${move}`
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
