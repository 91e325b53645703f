import { limits } from '@core/base/limits'
import type { Use } from '@core/plan/plan'
import { ExercisePicker } from '../../shared/ExercisePicker'

type Alternatives = NonNullable<Use['alternatives']>

interface UseInsteadProps {
  alternatives: Alternatives
  onChange: (alternatives: Alternatives) => void
}

/** What is done by those for whom there is not enough of the gear, in order of preference. */
export function UseInstead({ alternatives, onChange }: UseInsteadProps) {
  const labelOf = (at: number) => (at === 0 ? 'When the gear runs out' : 'And when that runs out')
  return (
    <>
      {alternatives.map(({ exerciseId }, at) => (
        <div key={`${exerciseId}-${at}`}>
          <div className="draft-label">{labelOf(at)}</div>
          <ExercisePicker
            label={labelOf(at)}
            value={exerciseId}
            onChange={(chosen) =>
              onChange(chosen === undefined ? alternatives.toSpliced(at, 1) : alternatives.with(at, { exerciseId: chosen }))
            }
          />
        </div>
      ))}
      {alternatives.length < limits.alternatives && (
        <div>
          <div className="draft-label">{labelOf(alternatives.length)}</div>
          <ExercisePicker
            key={alternatives.length}
            label={labelOf(alternatives.length)}
            value={undefined}
            onChange={(chosen) => chosen !== undefined && onChange([...alternatives, { exerciseId: chosen }])}
          />
        </div>
      )}
    </>
  )
}
