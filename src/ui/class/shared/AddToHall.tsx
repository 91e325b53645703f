import { AddMissed, type AddMissedProps } from '../../kit/AddMissed'
import { useHall } from './context'

/** Adds an exercise that a class missed to its hall. */
export function AddToHall({ name, onDone }: Pick<AddMissedProps, 'name' | 'onDone'>) {
  const { library, source } = useHall()
  return <AddMissed name={name} gear={library.gear} source={source} onDone={onDone} />
}
