import { lazy, Suspense, useState, type ComponentType } from 'react'

/** A dialog whose code is fetched when it is first opened; until then nothing of it is there. */
export function whenOpened<Props extends { opened: boolean }>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  const Dialog = lazy(async () => ({ default: await load() })) as unknown as ComponentType<Props>
  return function WhenOpened(props: Props) {
    const [wasOpened, setWasOpened] = useState(props.opened)
    if (props.opened && !wasOpened) setWasOpened(true)
    return (
      wasOpened && (
        <Suspense fallback={null}>
          <Dialog {...props} />
        </Suspense>
      )
    )
  }
}
