import { useState, type ComponentType } from 'react'
import { onDemand } from './on-demand'

/** A dialog whose code is fetched when it is first opened; until then nothing of it is there. */
export function whenOpened<Props extends { opened: boolean }>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  const Dialog = onDemand(load)
  return function WhenOpened(props: Props) {
    const [wasOpened, setWasOpened] = useState(props.opened)
    if (props.opened && !wasOpened) setWasOpened(true)
    return wasOpened ? <Dialog {...props} /> : null
  }
}
