/** What is wrong, as a value: a stable code, a sentence a person can act on, and the field it is about. */
export interface Problem {
  code: string
  message: string
  /** Dotted path of the field, such as `parts[0].pieces[1].laps`; empty for the whole. */
  field: string
}

export type Result<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

export const success = <T>(value: T): Result<T> => ({ ok: true, value })

export const failure = (...problems: Problem[]): { ok: false; problems: Problem[] } => ({ ok: false, problems })

export const problem = (code: string, message: string, field = ''): Problem => ({ code, message, field })
