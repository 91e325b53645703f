import { withLists } from '../../plan/every-circuit'
import type { Circuit, Pause, Use } from '../../plan/plan'
import { lapsOf } from '../../plan/turns'
import { pieceName, stationName } from '../../summary/names'
import { formatSeconds, type Seconds } from '../../base/units'
import type { ComputedClass } from '../../class/compute'
import { piecesOf, type Finding } from './finding'
import { type Judged } from '../../class/fix'

type Unit = 'seconds' | 'kilograms' | 'reps' | 'laps' | 'stations'

/** A number with its unit as it stands in a note; `most`, where it is a range. */
interface Said {
  text: string
  value: number
  most?: number
  unit: Unit
}

const number = String.raw`(\d+(?:\.\d+)?)(?:\s*(?:-|–|to|or)\s*(\d+(?:\.\d+)?))?`
const unitOf = (words: string, unit: Unit, times = 1) => ({
  pattern: new RegExp(String.raw`${number}\s*(?:${words})\b`, 'gi'),
  unit,
  times,
})
const units = [
  unitOf('s|sec|secs|seconds?', 'seconds'),
  unitOf('min|mins|minutes?', 'seconds', 60),
  unitOf('kg|kilos?|kilograms?', 'kilograms'),
  unitOf('reps?|repetitions?', 'reps'),
  unitOf('laps?', 'laps'),
  unitOf('stations?', 'stations'),
]

/** What is said of a moment or a share, not of the whole: "the last 10 s", "every 3 reps", "change after 20 s". */
const partial = /\b(?:first|last|next|final|after|before|every|each|per|in|within|plus|up to|at least|at most)\s+$/i
/** An hour of the day: "at 18:30". */
const hour = /\b(?:at|from|until|till|by)\s+$/i

/** `"about 3 min, 12 kg"` → 180 seconds and 12 kilograms; `1:30` is a time too, `8–10 reps` a range. */
export function numbersIn(note: string): Said[] {
  const whole = (match: RegExpMatchArray) => !partial.test(note.slice(0, match.index))
  const clock = [...note.matchAll(/\b(\d{1,2}):([0-5]\d)\b/g)]
    .filter((match) => whole(match) && !hour.test(note.slice(0, match.index)))
    .map((match): Said => ({ text: match[0], value: Number(match[1]) * 60 + Number(match[2]), unit: 'seconds' }))
  const plain = units.flatMap(({ pattern, unit, times }) =>
    [...note.matchAll(pattern)].filter(whole).map((match): Said => {
      const most = match[2] === undefined ? undefined : Number(match[2]) * times
      return { text: match[0], value: Number(match[1]) * times, ...(most !== undefined && { most }), unit }
    }),
  )
  return [...clock, ...plain]
}

/** The figures beside a note, by unit; a unit without figures contradicts nothing. */
type Figures = Partial<Record<Unit, number[]>>

/** `lengths`: of the whole and of a lap, which a note may tell too. */
const contradictions = (note: string, figures: Figures, lengths: readonly Seconds[]): Said[] =>
  numbersIn(note).filter(({ unit, value, most = value }) => {
    const holds = (figure: number) => figure >= value && figure <= most
    return figures[unit] !== undefined && !figures[unit].some(holds) && !(unit === 'seconds' && lengths.some(holds))
  })

function circuitFigures(circuit: Circuit): Figures {
  const { stay, transition, lapRestSeconds } = circuit
  const times =
    stay.kind === 'intervals' ? [...stay.workSeconds, stay.gapSeconds, stay.setRestSeconds] : [stay.capSeconds ?? 0, stay.rungRestSeconds]
  return { seconds: [...times, transition.seconds, lapRestSeconds], laps: [lapsOf(circuit)], stations: [circuit.stations.length] }
}

function useFigures(use: Use, circuit: Circuit): Figures {
  const { stay } = circuit
  const seconds =
    use.seconds !== undefined
      ? [use.seconds]
      : stay.kind === 'intervals'
        ? stay.workSeconds.flatMap((seconds) => [seconds, Math.floor(seconds / 2), Math.ceil(seconds / 2)])
        : undefined
  return {
    ...(seconds && { seconds }),
    ...(use.load && { kilograms: [use.load.kilograms] }),
    ...(use.reps && { reps: countsOf(use.reps) }),
  }
}

const countsOf = ({ count, most = count }: NonNullable<Use['reps']>): number[] =>
  Array.from({ length: Math.max(0, most - count) + 1 }, (_, more) => count + more)

/** Seconds of a circuit each time through, and of each of its laps. */
function lengthsOf({ timeline }: ComputedClass, circuit: Circuit): Seconds[] {
  if (!timeline.ok) return []
  const phases = timeline.value.phases.filter((phase) => phase.pieceId === circuit.id && phase.repeat === 0)
  const secondsOf = (some: typeof phases) => some.reduce((sum, phase) => sum + phase.seconds, 0)
  const laps = [...new Set(phases.map(({ lap }) => lap))].map((lap) => secondsOf(phases.filter((phase) => phase.lap === lap)))
  return [secondsOf(phases), ...laps]
}

/** A note, and a piece's own name, that says a number with a unit other than the figure beside it. */
export function noteNumbers({ document, computed }: Judged): Finding[] {
  const findings: Finding[] = []
  const look = (id: string, where: string, note: string | undefined, figures: Figures, pieceId: string, lengths: Seconds[] = []) => {
    const [said] = contradictions(note ?? '', figures, lengths)
    if (!said) return
    const beside = figures[said.unit]!.filter((value) => value > 0)
    const shown = said.unit === 'seconds' ? beside.map(formatSeconds) : beside.map(String)
    findings.push({
      id: `noteNumbers-${id}`,
      severity: 'mend',
      what: `${where}: the note says “${said.text}”, the figure ${shown.length > 1 ? 'is one of' : 'is'} ${[...new Set(shown)].join(', ')}`,
      why: 'Two figures for one thing are told two ways. Change the note or the figure.',
      pieceId,
    })
  }
  const pause = (piece: Pause) =>
    look(piece.id, pieceName(piece), [piece.name, piece.note].filter(Boolean).join('. '), { seconds: [piece.seconds] }, piece.id)
  const circuit = (piece: Circuit) => {
    const name = pieceName(piece)
    look(
      piece.id,
      name,
      [piece.name, piece.brief?.note, piece.transition.note].filter(Boolean).join('. '),
      circuitFigures(piece),
      piece.id,
      lengthsOf(computed, piece),
    )
    piece.stations.forEach((station, index) =>
      station.uses.forEach((use) => look(use.id, stationName(piece, index), use.note, useFigures(use, piece), piece.id)),
    )
  }
  for (const piece of piecesOf(document)) {
    if (piece.type === 'pause') pause(piece)
    else withLists([piece]).forEach(circuit)
  }
  return findings
}
