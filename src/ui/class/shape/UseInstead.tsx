import { limits } from '@core/base/limits'
import type { Use } from '@core/plan/plan'
import { ExercisePicker } from '../shared/ExercisePicker'
import { setOrDrop } from '../shared/set-or-drop'
import type { UsePartProps } from './use-part'

type Alternatives = NonNullable<Use['alternatives']>

/** What is done by those for whom there is not enough of the gear, in order of preference. */
export function UseInstead({ use, onChange }: UsePartProps) {
  const alternatives = use.alternatives ?? []
  const change = (recipe: (list: Alternatives) => Alternatives) =>
    onChange((draft) => {
      const list = recipe([...(draft.alternatives ?? [])])
      setOrDrop(draft, 'alternatives', list.length > 0 ? list : undefined)
    })
  const labelOf = (at: number) => (at === 0 ? 'When the gear runs out' : 'And when that runs out')
  return (
    <>
      {alternatives.map(({ exerciseId }, at) => (
        <div key={`${exerciseId}-${at}`} className="draft-field is-wide">
          <div className="draft-label">{labelOf(at)}</div>
          <ExercisePicker
            label={labelOf(at)}
            value={exerciseId}
            onChange={(chosen) =>
              change((list) =>
                chosen === undefined
                  ? list.filter((_, other) => other !== at)
                  : list.map((kept, other) => (other === at ? { exerciseId: chosen } : kept)),
              )
            }
          />
        </div>
      ))}
      {alternatives.length < limits.alternatives && (
        <div className="draft-field is-wide">
          <div className="draft-label">{labelOf(alternatives.length)}</div>
          <ExercisePicker
            key={alternatives.length}
            label={labelOf(alternatives.length)}
            value={undefined}
            onChange={(chosen) => chosen !== undefined && change((list) => [...list, { exerciseId: chosen }])}
          />
        </div>
      )}
    </>
  )
}
