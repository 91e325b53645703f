import pino from 'pino'
import { databaseTrouble } from './db/trouble'
import { logFile } from './log-file'

interface Logged {
  type: string
  code?: unknown
  message: string
  stack?: string
}

/**
 * An error as the log may have it. What the database says of a query can hold names and notes of people (its parameters, the row
 * that was refused): of such an error only its code is kept, and where it came from.
 */
export function logged(error: unknown): Logged {
  if (!(error instanceof Error)) return { type: typeof error, message: 'not an error' }
  const cause = (error.cause ?? error) as { code?: unknown; message?: string }
  const ofDatabase = 'query' in error || 'severity' in cause || databaseTrouble(error) !== undefined
  const frames = error.stack
    ?.split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 8)
    .join('\n')
  return {
    type: error.constructor.name,
    ...(cause.code !== undefined && { code: cause.code }),
    message: ofDatabase ? 'the database refused or did not answer' : error.message,
    ...(frames && { stack: frames }),
  }
}

function makeLog(): pino.Logger {
  const file = process.env.LOG_FILE
  const options: pino.LoggerOptions = {
    level: process.env.LOG_LEVEL ?? 'info',
    base: { pid: process.pid },
    serializers: { err: logged },
    timestamp: pino.stdTimeFunctions.isoTime,
  }
  return pino(options, file ? logFile(file) : pino.destination({ dest: 2, sync: true }))
}

// The server and the app in it are bundled apart, and write one file.
const shared = globalThis as { vicinorLog?: pino.Logger }

/** The app's log: to the file that LOG_FILE names, kept over restarts and begun anew when it is large; else to the terminal. */
export const log: pino.Logger = (shared.vicinorLog ??= makeLog())
