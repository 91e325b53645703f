import { useDeferredValue, type ReactNode } from 'react'
import { ClassProvider, useClass } from './context'

/**
 * What need not follow each key at once: it knows of the class as it was until there is time. Its children do not change by
 * themselves, or they would be laid out at once all the same.
 */
export function Later({ children }: { children: ReactNode }) {
  return <ClassProvider value={useDeferredValue(useClass())}>{children}</ClassProvider>
}
