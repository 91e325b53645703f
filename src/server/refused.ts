import { problem, type Problem } from '../core/base/result'

/** Why something is refused, whoever asks for it and however. */
export type Why =
  | 'malformed'
  | 'signedOut'
  | 'notYours'
  | 'missing'
  | 'notAllowed'
  | 'stale'
  | 'over'
  | 'tooLarge'
  | 'wrongType'
  | 'invalid'
  | 'tooMany'

/** What was asked for is not done: it always says why, and which field. */
export class Refused extends Error {
  constructor(
    readonly why: Why,
    readonly problems: Problem[],
    readonly more: Record<string, unknown> = {},
  ) {
    super(problems[0]?.message ?? 'refused')
  }
}

export const refuse = (why: Why, code: string, message: string, more: Record<string, unknown> = {}) =>
  new Refused(why, [problem(code, message)], more)

export const notFound = (what: string) => refuse('missing', 'notFound', `There is no such ${what}. It may have been deleted.`)
