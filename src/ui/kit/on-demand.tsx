import { useEffect, useState, type ComponentType, type ReactElement } from 'react'
import { tellProblem } from './notice'

interface Demanded {
  /** What stands there until the part does, and goes on standing where it cannot be had. */
  target?: ReactElement
  onClose?: () => void
}

/**
 * A part whose code is fetched when it is first shown. Where that fails, as while the server is away, it says so and shuts, and the
 * page goes on; the next time it is tried again. `quiet` is what nobody has asked for.
 */
export function onDemand<Props extends object>(load: () => Promise<ComponentType<Props>>, quiet = false): ComponentType<Props> {
  let fetched: ComponentType<Props> | undefined
  return function OnDemand(props: Props) {
    const { target, onClose } = props as Demanded
    const [Part, setPart] = useState(() => fetched)
    useEffect(() => {
      if (Part) return
      let left = false
      load().then(
        (part) => {
          fetched = part
          if (!left) setPart(() => part)
        },
        () => {
          if (left || quiet) return
          tellProblem(new Error('It cannot be opened while the server is away. Try again in a moment.'))
          onClose?.()
        },
      )
      return () => {
        left = true
      }
      // oxlint-disable-next-line react/exhaustive-deps -- once
    }, [Part])
    return Part ? <Part {...props} /> : (target ?? null)
  }
}
