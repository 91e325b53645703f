import { midSentence } from '@core/base/mid-sentence'
import { Button } from '@mantine/core'
import { cautionsOf } from '@core/brief/cautions'
import { strainNames, type Exercise, type Option } from '@core/library/exercise'
import { formOf } from '@core/library/form'
import { Ladder } from './Ladder'
import styles from './exercises.module.css'

const rungWords: Record<Option['rung'], string> = { easier: 'easier', harder: 'harder', substitute: 'instead' }
const perWords = { person: 'each', group: 'a group', station: 'at the station' } as const

/** All that the hall knows of one exercise. */
export function ExerciseDetails({
  exercise,
  gearNames,
  onEdit,
}: {
  exercise: Exercise
  gearNames: ReadonlyMap<string, string>
  onEdit: () => void
}) {
  const gear = (needs: Exercise['gear']) =>
    needs
      .map(
        (need) =>
          `${need.count > 1 ? `${need.count} ` : ''}${midSentence(gearNames.get(need.kindId) ?? need.kindId)}, ${perWords[need.per]}`,
      )
      .join('; ') || 'none'
  const facts: [string, string][] = [
    ...(exercise.aliases ? ([['Also called', exercise.aliases.join(', ')]] as [string, string][]) : []),
    ['Regions', exercise.regions.join(', ')],
    ['Movement', `${exercise.pattern}, ${exercise.stance}${exercise.oneSided ? ', one side at a time' : ''}`],
    [
      'Impact',
      exercise.impact === 'none' ? 'none' : exercise.impact === 'low' ? 'low, one foot stays down' : 'high, both feet leave the floor',
    ],
    ['Loads', exercise.asks.map((strain) => strainNames[strain]).join(', ') || 'nothing in particular'],
    ['Gear', gear(exercise.gear)],
    [
      'Floor',
      `${exercise.space.lengthMetres} × ${exercise.space.widthMetres} m a person${exercise.clearMetres ? `, ${exercise.clearMetres} m clear height` : ''}`,
    ],
    [
      'Pace',
      exercise.pace
        ? `${exercise.pace.typical} s a rep for most (${exercise.pace.low} to ${exercise.pace.high})`
        : 'the hall’s common pace',
    ],
    ['Energy', `${exercise.met.low} to ${exercise.met.high} MET`],
  ]
  return (
    <article className={styles.exerciseDetails} aria-label={exercise.name}>
      <div className="inspector-head">
        <h2>{exercise.name}</h2>
        <Button size="xs" variant="default" onClick={onEdit}>
          Change
        </Button>
      </div>
      <Ladder exercise={exercise} />
      <p>{exercise.setUp}</p>
      <ul>
        {exercise.points.map((point) => (
          <li key={point}>{point}</li>
        ))}
      </ul>
      <p>
        <span className="second">Fault</span> {exercise.fault}
      </p>
      {exercise.breathing && (
        <p>
          <span className="second">Breathing</span> {exercise.breathing}
        </p>
      )}
      {exercise.repStandard && (
        <p>
          <span className="second">A rep</span> {exercise.repStandard}
        </p>
      )}
      {cautionsOf(formOf(exercise)).map((caution) => (
        <p key={caution} className="caution">
          {caution}
        </p>
      ))}
      <dl>
        {facts.map(([name, text]) => (
          <div key={name}>
            <dt className="second">{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      <h3>Options</h3>
      {exercise.options.length === 0 && <p className="second">None yet.</p>}
      <ul className="plain-list">
        {exercise.options.map((option) => (
          <li key={option.id}>
            <span className="second">{rungWords[option.rung]}</span> <b>{option.name}</b>{' '}
            <span className="second">
              {gear(option.gear) === 'none' ? 'no gear' : gear(option.gear)}
              {option.asks.length > 0 && `; loads ${option.asks.map((strain) => strainNames[strain]).join(', ')}`}
            </span>
          </li>
        ))}
      </ul>
    </article>
  )
}
