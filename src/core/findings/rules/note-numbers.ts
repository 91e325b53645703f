import { withLists } from '../../plan/every-circuit'
import type { Circuit, Pause, Use } from '../../plan/plan'
import { lapsOf } from '../../plan/turns'
import { pieceName } from '../../summary/names'
import { formatSeconds } from '../../base/units'
import { piecesOf, type Finding } from './finding'
import { type Judged } from '../../class/fix'

type Unit = 'seconds' | 'kilograms' | 'reps' | 'laps' | 'stations'

/** A number with its unit as it stands in a note. */
interface Said {
  text: string
  value: number
  unit: Unit
}

const units: [RegExp, Unit, number][] = [
  [/(\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\b/gi, 'seconds', 1],
  [/(\d+(?:\.\d+)?)\s*(?:min|mins|minutes?)\b/gi, 'seconds', 60],
  [/(\d+(?:\.\d+)?)\s*(?:kg|kilos?|kilograms?)\b/gi, 'kilograms', 1],
  [/(\d+)\s*(?:reps?|repetitions?)\b/gi, 'reps', 1],
  [/(\d+)\s*(?:laps?)\b/gi, 'laps', 1],
  [/(\d+)\s*(?:stations?)\b/gi, 'stations', 1],
]

/** `"about 3 min, 12 kg"` → 180 seconds and 12 kilograms; `1:30` is a time too. */
export function numbersIn(note: string): Said[] {
  const clock = [...note.matchAll(/\b(\d{1,2}):([0-5]\d)\b/g)].map(
    (match): Said => ({ text: match[0], value: Number(match[1]) * 60 + Number(match[2]), unit: 'seconds' }),
  )
  const plain = units.flatMap(([pattern, unit, times]) =>
    [...note.matchAll(pattern)].map((match): Said => ({ text: match[0], value: Number(match[1]) * times, unit })),
  )
  return [...clock, ...plain]
}

/** The figures beside a note, by unit; a unit without figures contradicts nothing. */
type Figures = Partial<Record<Unit, number[]>>

const contradictions = (note: string, figures: Figures): Said[] =>
  numbersIn(note).filter(({ unit, value }) => figures[unit] !== undefined && !figures[unit].includes(value))

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
  return { ...(seconds && { seconds }), ...(use.load && { kilograms: [use.load.kilograms] }), ...(use.reps && { reps: [use.reps.count] }) }
}

/** A note, and a piece's own name, that says a number with a unit other than the figure beside it. */
export function noteNumbers({ document }: Judged): Finding[] {
  const findings: Finding[] = []
  const look = (id: string, where: string, note: string | undefined, figures: Figures, pieceId: string) => {
    const [said] = contradictions(note ?? '', figures)
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
    look(piece.id, name, [piece.name, piece.brief?.note, piece.transition.note].filter(Boolean).join('. '), circuitFigures(piece), piece.id)
    piece.stations.forEach((station, index) =>
      station.uses.forEach((use) => look(use.id, `${name} ${index + 1}`, use.note, useFigures(use, piece), piece.id)),
    )
  }
  for (const piece of piecesOf(document)) {
    if (piece.type === 'pause') pause(piece)
    else withLists([piece]).forEach(circuit)
  }
  return findings
}
