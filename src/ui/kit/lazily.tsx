import { lazy, Suspense, type ComponentType } from 'react'

/**
 * A part of a view whose code is fetched when it is first shown. `what` begins the sentence that stands there when it cannot be had,
 * as while the server is away.
 */
export function lazily<Props extends object>(load: () => Promise<ComponentType<Props>>, what: string): ComponentType<Props> {
  const Away: ComponentType<object> = () => (
    <p className="second">{what} cannot be shown while the server is away. Load the page again when it is back.</p>
  )
  const Part = lazy(() =>
    load().then(
      (part) => ({ default: part as ComponentType<object> }),
      () => ({ default: Away }),
    ),
  )
  return function Lazily(props: Props) {
    return (
      <Suspense
        fallback={
          <p className="second" role="status">
            One moment …
          </p>
        }
      >
        <Part {...props} />
      </Suspense>
    )
  }
}
