import { useState, type ComponentType } from 'react'

/**
 * An island that is given its properties as one text: to write them into a page, or read them out of it, takes a fraction of the
 * time that it takes one by one.
 */
export function fromText<Props extends object>(View: ComponentType<Props>) {
  return function FromText({ text }: { text: string }) {
    const [props] = useState(() => JSON.parse(text) as Props)
    return <View {...props} />
  }
}

/** The text for such an island: what dates there are become texts themselves. */
export const asText = <Props extends object>(props: Props): string => JSON.stringify(props)
