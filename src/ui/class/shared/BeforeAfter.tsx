import type { ExerciseChange } from '@core/findings/exercise-changes'
import { FormFigure } from '../../kit/FormFigure'
import styles from './before-after.module.css'

/** One exercise in the place of another, as pictures: before, and after. */
export const BeforeAfter = ({ from, to }: ExerciseChange) =>
  (from.figure ?? to.figure) && (
    <span className={styles.change}>
      <span className={styles.picture}>
        <FormFigure form={from} told />
      </span>
      <span aria-label="becomes">→</span>
      <span className={styles.picture}>
        <FormFigure form={to} told />
      </span>
    </span>
  )
