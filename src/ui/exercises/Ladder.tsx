import { useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import { formsOf, type Form } from '@core/library/form'
import { commonSettings } from '@core/library/hall-settings'
import { figureWords } from '@core/figure/words'
import { FigurePicture } from '../kit/FigurePicture'
import styles from './ladder.module.css'

const rungWords = { easier: 'easier', harder: 'harder', substitute: 'instead' } as const

/** Easier options from far to near, the exercise, harder ones, and what stands in its place, which is on no rung. */
function inOrder(exercise: Exercise): Form[] {
  const forms = formsOf(exercise)
  const of = (rung: Form['rung']) => forms.filter((form) => form.rung === rung)
  return [...of('easier').reverse(), ...of(undefined), ...of('harder'), ...of('substitute')]
}

/** The exercise and its options as pictures, from easier to harder; the one that is chosen moves. */
export function Ladder({ exercise }: { exercise: Exercise }) {
  const forms = inOrder(exercise).filter(({ figure }) => figure)
  const [playing, setPlaying] = useState<string>()
  if (forms.length === 0) return null
  return (
    <ol className={styles.ladder} aria-label="From easier to harder">
      {forms.map((form) => {
        const key = form.optionId ?? form.exerciseId
        const moves = playing === key
        const repSeconds = (form.pace ?? commonSettings.repPace).typical
        return (
          <li key={key} data-rung={form.rung ?? 'standard'}>
            <button
              type="button"
              aria-pressed={moves}
              aria-label={`${moves ? 'Stop' : 'Move'} ${form.name}`}
              onClick={() => setPlaying(moves ? undefined : key)}
            >
              <FigurePicture
                figure={form.figure!}
                label={figureWords(form.name, form.points)}
                moving={moves ? { repSeconds } : undefined}
              />
              <span className={styles.hint} aria-hidden>
                {moves ? '❚❚' : '▶'}
              </span>
            </button>
            <span className="second">{form.rung ? rungWords[form.rung] : ' '}</span>
            <b>{form.name}</b>
          </li>
        )
      })}
    </ol>
  )
}
