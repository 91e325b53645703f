import { Refused } from './respond'

/** What was looked for; `undefined` when there is no such thing: a page then shows that it is not found. */
export async function orMissing<T>(looking: Promise<T>): Promise<T | undefined> {
  try {
    return await looking
  } catch (error) {
    if (error instanceof Refused && error.status === 404) return undefined
    throw error
  }
}
