import type { Circuit } from '@core/plan/plan'
import type { RotationChoice } from '@core/rotation/rule'
import { useClass } from '../shared/context'

export function useChoice({ id }: Circuit): (choice: RotationChoice) => void {
  const { change } = useClass()
  return (choice) => change((draft) => void (draft.rotations = { ...draft.rotations, [id]: choice }))
}
