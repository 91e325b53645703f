import type { TempoFigures } from '../../figure/cycle'
import { figureWords } from '../../figure/words'
import type { ExerciseView, KeptFigure, RunSnapshot, StationView } from '../room/snapshot'

/** A picture as a screen shows it: at the tempo of what is done, where it has one, and in words. */
export interface ShownFigure extends KeptFigure {
  tempo?: TempoFigures
  words: string
}

/** The picture of what is done; nothing where it has none. */
export function shownFigure(
  { figures }: Pick<RunSnapshot, 'figures'>,
  done: Pick<ExerciseView, 'name' | 'points' | 'figure' | 'tempo'> | undefined,
): ShownFigure | undefined {
  const kept = done?.figure === undefined ? undefined : figures?.[done.figure]
  if (!kept) return undefined
  const tempo = done!.tempo?.figures
  return { ...kept, words: figureWords(done!.name, done!.points), ...(tempo?.some((seconds) => seconds > 0) && { tempo }) }
}

/** The pictures of a list, line by line as they are read out; what leads others has none. Absent where none has one. */
export function listFigures(
  snapshot: Pick<RunSnapshot, 'figures'>,
  station: StationView | undefined,
): (ShownFigure | undefined)[] | undefined {
  const found = station?.list?.lines.map((line) => (typeof line === 'string' ? undefined : shownFigure(snapshot, station.exercises[line])))
  return found?.some((figure) => figure !== undefined) ? found : undefined
}
