import { useClass } from './context'
import kit from '../../kit/kit.module.css'

/** Why the groups do not fit the stations, and the press that mends it. */
export function Problems() {
  const { computed, change, document } = useClass()
  const problems = computed.rotations.flatMap(({ rotation }) => (rotation.ok ? [] : rotation.problems))
  const seen = [...new Map(problems.map((problem) => [problem.message, problem])).values()]
  return seen.map((problem) => (
    <div className={kit.note} data-severity="mend" role="alert" key={problem.message}>
      <b>{problem.message}</b>
      {problem.code === 'tooManyGroups' && document.groupSize !== 'fit' && (
        <button
          className={kit.linkButton}
          onClick={() =>
            change((draft) => {
              draft.groupSize = 'fit'
              delete draft.arranged
            })
          }
        >
          Make groups that fit the stations
        </button>
      )}
    </div>
  ))
}
