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
    const earlier = old.get(id)
    if (!earlier) words.push(`New: ${names.piece(piece)}${piece.type === 'pause' ? `, ${formatSeconds(piece.seconds)}` : ''}`)
    else if (earlier !== piece) words.push(...pieceDifferences(earlier, piece, names).map((text) => `${names.piece(piece)}: ${text}`))
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

function pieceDifferences(earlier: Piece, now: Piece, names: DifferenceNames): string[] {
  if (earlier.type === 'pause' || now.type === 'pause') return pauseDifferences(earlier as Pause, now as Pause)
  const beside =
    earlier.waves && now.waves
      ? pieceDifferences(earlier.waves.meanwhile, now.waves.meanwhile, names).map((text) => `meanwhile ${text}`)
      : []
  return [...circuitDifferences(earlier, now), ...stationDifferences(earlier, now, names), ...beside]
}

const instead = (what: string, then: number, before: number) =>
  then === before ? [] : [`${what} ${formatSeconds(then)} instead of ${formatSeconds(before)}`]

function pauseDifferences(earlier: Pause, now: Pause): string[] {
  const length = earlier.seconds === now.seconds ? [] : [`${formatSeconds(now.seconds)} instead of ${formatSeconds(earlier.seconds)}`]
  return earlier.note === now.note ? length : [...length, 'another note']
}

function circuitDifferences(earlier: Circuit, now: Circuit): string[] {
  const words = [
    ...stayDifferences(earlier.stay, now.stay),
    ...instead('transition', now.transition.seconds, earlier.transition.seconds),
    ...instead('lap rest', now.lapRestSeconds, earlier.lapRestSeconds),
  ]
  if (earlier.laps !== now.laps && now.laps !== undefined)
    words.push(`${now.laps} ${now.laps === 1 ? 'lap' : 'laps'}${earlier.laps === undefined ? '' : ` instead of ${earlier.laps}`}`)
  if (earlier.stations.length !== now.stations.length) words.push(`${now.stations.length} stations instead of ${earlier.stations.length}`)
  if (earlier.withinSeconds !== now.withinSeconds)
    words.push(now.withinSeconds === undefined ? 'no window' : `window ${formatSeconds(now.withinSeconds)}`)
  if (earlier.pairs !== now.pairs) words.push('partners work another way')
  if (JSON.stringify(earlier.vary) !== JSON.stringify(now.vary))
    words.push(now.vary.length > earlier.vary.length ? 'one lap differs more' : 'laps differ less')
  if (JSON.stringify(earlier.varyRules) !== JSON.stringify(now.varyRules))
    words.push(now.varyRules ? 'laps differ by another rule' : 'laps no longer differ by a rule')
  if (Boolean(earlier.waves) !== Boolean(now.waves)) words.push(now.waves ? 'two waves, with a list meanwhile' : 'all at once, no waves')
  if (Boolean(earlier.brief) !== Boolean(now.brief))
    words.push(now.brief ? 'briefed while people move' : 'no longer briefed while people move')
  return words
}

function stayDifferences(earlier: Stay, now: Stay): string[] {
  if (earlier.kind === 'intervals' && now.kind === 'intervals') {
    const works = (stay: typeof now) => stay.workSeconds.map(formatSeconds).join(' + ')
    const work = works(earlier) === works(now) ? [] : [`work ${works(now)} instead of ${works(earlier)}`]
    return [
      ...work,
      ...instead('gap', now.gapSeconds, earlier.gapSeconds),
      ...(earlier.sets === now.sets ? [] : [`${now.sets} sets instead of ${earlier.sets}`]),
    ]
  }
  if (earlier.kind === 'task' && now.kind === 'task') {
    const aim = earlier.aimRounds === now.aimRounds ? [] : [`aim ${now.aimRounds ?? 'open'} instead of ${earlier.aimRounds ?? 'open'}`]
    const rungs = ({ rungs }: typeof now) => rungs?.join('-') ?? 'no rungs'
    const ladder = rungs(now) === rungs(earlier) ? [] : [`${rungs(now)} instead of ${rungs(earlier)}`]
    const led =
      Boolean(now.rungClock) === Boolean(earlier.rungClock) ? [] : [now.rungClock ? 'rung by rung together' : 'rungs at one’s own pace']
    return [
      ...aim,
      ...ladder,
      ...led,
      ...instead('each rung', now.rungClock?.seconds ?? 0, earlier.rungClock?.seconds ?? 0),
      ...instead('rung rest', now.rungRestSeconds, earlier.rungRestSeconds),
      ...instead('cap', now.capSeconds ?? 0, earlier.capSeconds ?? 0),
    ]
  }
  return [`${stayText(now)} instead of ${stayText(earlier)}`]
}

const stayText = (stay: Stay): string =>
  stay.kind === 'intervals'
    ? `${stay.workSeconds.map(formatSeconds).join(' + ')} work`
    : stay.capSeconds === undefined
      ? 'a list to the finish'
      : `a list for ${formatSeconds(stay.capSeconds)}`

function stationDifferences(earlier: Circuit, now: Circuit, names: DifferenceNames): string[] {
  const text = (station: Station | undefined) =>
    station?.uses.map((use) => names.exercise(use.exerciseId, use.optionId)).join(' + ') || 'nothing'
  const sides = (station: Station | undefined) => station?.uses.map((use) => use.sides).join() ?? ''
  return now.stations.flatMap((station, index) => {
    const before = earlier.stations[index]
    if (!before || station === before) return []
    if (text(station) !== text(before)) return [`${index + 1} ${text(station)} instead of ${text(before)}`]
    return sides(station) === sides(before) ? [] : [`${index + 1} ${text(station)} changes sides another way`]
  })
}
