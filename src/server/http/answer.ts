import type { Result } from '../../core/result'
import { json, Refused } from './respond'

/** A computed result as an answer: 200 with the value, or 422 with the problems. */
export function answer<T>(result: Result<T>): Response {
  if (!result.ok) throw new Refused(422, result.problems)
  return json(result.value)
}
