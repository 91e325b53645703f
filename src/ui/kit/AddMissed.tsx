import { onDemand } from './on-demand'

const AddExercise = onDemand(async () => (await import('./AddExercise')).AddExercise)

export interface AddMissedProps {
  /** The name that was not found; none while nothing is added. */
  name: string | undefined
  /** The kinds of gear that the hall has. */
  gear: readonly { id: string; name: string }[]
  /** Where this page has its exercises from. */
  source: string
  /** With the exercise, where one was added. */
  onDone: (exerciseId?: string) => void
}

/** Adds an exercise to the hall by the name that was not found in it. */
export const AddMissed = ({ name, gear, source, onDone }: AddMissedProps) =>
  name === undefined ? null : (
    <AddExercise key={name} opened name={name} gear={gear} source={source} onClose={() => onDone()} onAdded={onDone} />
  )
