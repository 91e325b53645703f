import type { HallLibrary } from '../../class/compute'
import { formsOf } from '../../library/form'
import { commonSettings } from '../../library/hall-settings'
import { figureKeyOf } from './figure-key'
import type { CircuitView, ExerciseView, KeptFigure, RunSnapshot } from './snapshot'

type Shown = Pick<ExerciseView, 'figure' | 'easier' | 'harder'>

const keysIn = ({ figure, easier, harder }: Shown) => [figure, easier?.figure, harder?.figure].filter((key) => key !== undefined)

const shownIn = ({ stations, varied }: CircuitView): Shown[] =>
  [stations, ...Object.values(varied ?? {})].flatMap((some) => some.flatMap(({ exercises }) => exercises))

/** The keys of all that is shown in these circuits, and done by oneself. */
export const figureKeys = ({ circuits, own }: Pick<RunSnapshot, 'circuits' | 'own'>): Set<string> =>
  new Set([...Object.values(circuits).flatMap(shownIn), ...(own?.doings ?? [])].flatMap(keysIn))

/** The pictures of all that a class shows. */
export function figuresFor(
  shown: Pick<RunSnapshot, 'circuits' | 'own'>,
  { exercises }: Pick<HallLibrary, 'exercises'>,
): Record<string, KeptFigure> {
  const keys = figureKeys(shown)
  const kept = exercises.flatMap(formsOf).flatMap((form): [string, KeptFigure][] => {
    const key = figureKeyOf(form)
    return form.figure && keys.has(key) ? [[key, { figure: form.figure, repSeconds: (form.pace ?? commonSettings.repPace).typical }]] : []
  })
  return Object.fromEntries(kept)
}
