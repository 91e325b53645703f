import { Refused } from '../refused'

/** What was looked for; `undefined` when there is no such thing: a page then shows that it is not found. */
export async function orMissing<T>(looking: Promise<T>): Promise<T | undefined> {
  return looking.catch((error: unknown) => {
    if (error instanceof Refused && error.why === 'missing') return undefined
    throw error
  })
}

/** The same behind a link, with why it opens nothing any more: it was replaced, or its class is over. */
export async function orClosed<T>(looking: Promise<T>): Promise<T | Refused | undefined> {
  return orMissing(looking).catch((error: unknown) => {
    if (error instanceof Refused && error.why === 'over') return error
    throw error
  })
}
