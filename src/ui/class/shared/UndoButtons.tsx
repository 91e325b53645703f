import { Button } from '@mantine/core'
import { useStore } from 'zustand'
import { useClass } from './context'

export function UndoButtons() {
  const { store } = useClass()
  const past = useStore(store.temporal, (state) => state.pastStates.length)
  const future = useStore(store.temporal, (state) => state.futureStates.length)
  const { undo, redo } = store.temporal.getState()
  return (
    <>
      <Button variant="default" size="sm" disabled={past === 0} onClick={() => undo()}>
        Undo
      </Button>
      <Button variant="default" size="sm" disabled={future === 0} onClick={() => redo()}>
        Redo
      </Button>
    </>
  )
}
