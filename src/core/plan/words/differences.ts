import { formatSeconds } from '../../base/units'
import type { Circuit, Pause, Piece, Plan, Station, Stay } from '../plan'

/** Names for what differences speak of. */
export interface DifferenceNames {
  piece: (piece: Piece) => string
  /** The exercise, in the form of the option. */
  exercise: (exerciseId: string, optionId?: string) => string
}

const piecesById = (plan: Plan) => new Map(plan.parts.flatMap((part) => part.pieces.map((piece) => [piece.id, piece] as const)))

/**
 * What is different in `after`, in words, in the order of the plan: `Stations: 3 laps instead of 2`. Empty when nothing a reader
 * would name is.
 */
export function planDifferences(before: Plan, after: Plan, names: DifferenceNames): string[] {
  const old = piecesById(before)
  const now = piecesById(after)
  const words: string[] = []
  if (before.slotSeconds !== after.slotSeconds)
    words.push(`Slot ${formatSeconds(after.slotSeconds)} instead of ${formatSeconds(before.slotSeconds)}`)
  for (const [id, piece] of now) {
    const was = old.get(id)
    if (!was) words.push(`New: ${names.piece(piece)}${piece.type === 'pause' ? `, ${formatSeconds(piece.seconds)}` : ''}`)
    else if (was !== piece) words.push(...pieceDifferences(was, piece, names).map((text) => `${names.piece(piece)}: ${text}`))
  }
  for (const [id, piece] of old) if (!now.has(id)) words.push(`Gone: ${names.piece(piece)}`)
  const order = (plan: Plan, other: Map<string, Piece>) => [...piecesById(plan).keys()].filter((id) => other.has(id)).join()
  if (order(before, now) !== order(after, old)) words.push('Another order of pieces')
  before.parts.forEach((part) => {
    const then = after.parts.find((known) => known.id === part.id)
    if (then && then.optional !== part.optional)
      words.push(`${names.piece(then.pieces[0]!)}: ${then.optional ? 'only if there is time' : 'not optional any more'}`)
    if (then && then.repeat !== part.repeat) words.push(`${names.piece(then.pieces[0]!)}: ${then.repeat} times instead of ${part.repeat}`)
  })
  return words
}

function pieceDifferences(was: Piece, now: Piece, names: DifferenceNames): string[] {
  if (was.type === 'pause' || now.type === 'pause') return pauseDifferences(was as Pause, now as Pause)
  const beside =
    was.waves && now.waves ? pieceDifferences(was.waves.meanwhile, now.waves.meanwhile, names).map((text) => `meanwhile ${text}`) : []
  return [...circuitDifferences(was, now), ...stationDifferences(was, now, names), ...beside]
}

const instead = (what: string, then: number, before: number) =>
  then === before ? [] : [`${what} ${formatSeconds(then)} instead of ${formatSeconds(before)}`]

function pauseDifferences(was: Pause, now: Pause): string[] {
  const length = was.seconds === now.seconds ? [] : [`${formatSeconds(now.seconds)} instead of ${formatSeconds(was.seconds)}`]
  return was.note === now.note ? length : [...length, 'another note']
}

function circuitDifferences(was: Circuit, now: Circuit): string[] {
  const words = [
    ...stayDifferences(was.stay, now.stay),
    ...instead('transition', now.transition.seconds, was.transition.seconds),
    ...instead('lap rest', now.lapRestSeconds, was.lapRestSeconds),
  ]
  if (was.laps !== now.laps && now.laps !== undefined)
    words.push(`${now.laps} ${now.laps === 1 ? 'lap' : 'laps'}${was.laps === undefined ? '' : ` instead of ${was.laps}`}`)
  if (was.stations.length !== now.stations.length) words.push(`${now.stations.length} stations instead of ${was.stations.length}`)
  if (was.withinSeconds !== now.withinSeconds)
    words.push(now.withinSeconds === undefined ? 'no window' : `window ${formatSeconds(now.withinSeconds)}`)
  if (was.pairs !== now.pairs) words.push('partners work another way')
  if (JSON.stringify(was.vary) !== JSON.stringify(now.vary))
    words.push(now.vary.length > was.vary.length ? 'one lap differs more' : 'laps differ less')
  if (Boolean(was.waves) !== Boolean(now.waves)) words.push(now.waves ? 'two waves, with a list meanwhile' : 'all at once, no waves')
  if (Boolean(was.brief) !== Boolean(now.brief)) words.push(now.brief ? 'briefed while people move' : 'no longer briefed while people move')
  return words
}

function stayDifferences(was: Stay, now: Stay): string[] {
  if (was.kind === 'intervals' && now.kind === 'intervals') {
    const works = (stay: typeof now) => stay.workSeconds.map(formatSeconds).join(' + ')
    const work = works(was) === works(now) ? [] : [`work ${works(now)} instead of ${works(was)}`]
    return [
      ...work,
      ...instead('gap', now.gapSeconds, was.gapSeconds),
      ...(was.sets === now.sets ? [] : [`${now.sets} sets instead of ${was.sets}`]),
    ]
  }
  if (was.kind === 'task' && now.kind === 'task') {
    const aim = was.aimRounds === now.aimRounds ? [] : [`aim ${now.aimRounds ?? 'open'} instead of ${was.aimRounds ?? 'open'}`]
    return [...aim, ...instead('cap', now.capSeconds ?? 0, was.capSeconds ?? 0)]
  }
  return [`${stayText(now)} instead of ${stayText(was)}`]
}

const stayText = (stay: Stay): string =>
  stay.kind === 'intervals'
    ? `${stay.workSeconds.map(formatSeconds).join(' + ')} work`
    : stay.capSeconds === undefined
      ? 'a list to the finish'
      : `a list for ${formatSeconds(stay.capSeconds)}`

function stationDifferences(was: Circuit, now: Circuit, names: DifferenceNames): string[] {
  const text = (station: Station | undefined) =>
    station?.uses.map((use) => names.exercise(use.exerciseId, use.optionId)).join(' + ') || 'nothing'
  const sides = (station: Station | undefined) => station?.uses.map((use) => use.sides).join() ?? ''
  return now.stations.flatMap((station, index) => {
    const before = was.stations[index]
    if (!before || station === before) return []
    if (text(station) !== text(before)) return [`${index + 1} ${text(station)} instead of ${text(before)}`]
    return sides(station) === sides(before) ? [] : [`${index + 1} ${text(station)} changes sides another way`]
  })
}
