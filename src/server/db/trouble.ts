/** What can be wrong with the database itself, as a cause of an error and as what to tell. */
export type DatabaseTrouble = 'away' | 'busy' | 'full'

/** Classes of PostgreSQL's error codes (appendix A of its manual), and single codes where a class says too little. */
const byCode: [prefix: string, trouble: DatabaseTrouble][] = [
  ['53300', 'busy'],
  ['53', 'full'],
  ['58', 'full'],
  ['25006', 'full'],
  ['57014', 'busy'],
  ['25P03', 'busy'],
  ['55P03', 'busy'],
  ['40', 'busy'],
  ['57P', 'away'],
  ['08', 'away'],
  ['3D000', 'away'],
  ['55000', 'away'],
  ['ECONN', 'away'],
  ['EPIPE', 'away'],
  ['ENOTFOUND', 'away'],
  ['EHOSTUNREACH', 'away'],
  ['ETIMEDOUT', 'away'],
]

/** What the driver says without a code. */
const byMessage: [says: RegExp, trouble: DatabaseTrouble][] = [
  [/timeout exceeded when trying to connect|query read timeout/i, 'busy'],
  [/connection terminated|not queryable|client was closed|connection error/i, 'away'],
]

/** Whether an error, or what caused it, is the database's trouble; nothing when the fault is our own. */
export function databaseTrouble(error: unknown): DatabaseTrouble | undefined {
  for (
    let cause = error as { code?: unknown; message?: string; cause?: unknown; errors?: unknown[] } | undefined;
    cause;
    cause = (cause.cause ?? cause.errors?.[0]) as typeof cause
  ) {
    const { code, message } = cause
    const coded = typeof code === 'string' ? byCode.find(([prefix]) => code.startsWith(prefix)) : undefined
    const found = coded ?? byMessage.find(([says]) => says.test(message ?? ''))
    if (found) return found[1]
  }
  return undefined
}

export const troubleWords: Record<DatabaseTrouble, { code: string; message: string }> = {
  away: { code: 'databaseAway', message: 'The database does not answer. Nothing was changed; try again in a moment.' },
  busy: { code: 'databaseBusy', message: 'The database is busy. Nothing was changed; try again in a moment.' },
  full: { code: 'notStored', message: 'The server cannot store anything: its disk may be full. Nothing was changed.' },
}
