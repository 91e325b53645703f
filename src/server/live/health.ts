import { monitorEventLoopDelay } from 'node:perf_hooks'
import { databaseTrouble } from '../db/trouble'
import { sidePool } from '../db/pool'
import { log } from '../log'
import { openStreams } from './bus'
import { listeningFor } from './listen'
import { clockStep } from './room-time'

export interface Health {
  ok: boolean
  database: 'answers' | 'does not answer' | 'stores nothing'
  /** Milliseconds for which the app has heard of what other processes do; absent while it does not. */
  listeningMs?: number
  streams: number
  /** By how much the thread of the streams comes late to its work: the 99th percentile since this was last asked. */
  loopDelayMs: number
  /** When the database's clock was last set by hand, and by how much. */
  clockSet?: { bySeconds: number; at: Date }
}

const loop = monitorEventLoopDelay({ resolution: 10 })
loop.enable()

/** Since the last time; less what the measuring itself waits. */
function loopDelay(): number {
  const delay = Math.max(0, Math.round((loop.percentile(99) / 1e6 - 10) * 10) / 10)
  loop.reset()
  return delay
}

/** Whatever it asks, it answers within this time. */
const patienceMs = 1500

/** Whether the app can do its work: the database answers, and stores what it is given. */
export async function health(): Promise<Health> {
  let database: Health['database'] = 'answers'
  try {
    await within(patienceMs, sidePool().query('update write_probe set at = clock_timestamp()'))
  } catch (error) {
    database = databaseTrouble(error) === 'full' ? 'stores nothing' : 'does not answer'
    log.warn({ err: error }, `health: the database ${database}`)
  }
  const [listeningMs, clockSet] = [listeningFor(), clockStep()]
  return {
    ok: database === 'answers',
    database,
    ...(listeningMs !== undefined && { listeningMs }),
    streams: openStreams(),
    loopDelayMs: loopDelay(),
    ...(clockSet && { clockSet }),
  }
}

function within<T>(ms: number, asked: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout>
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(Object.assign(new Error('no answer in time'), { code: 'ETIMEDOUT' })), ms)
  })
  return Promise.race([asked, late]).finally(() => clearTimeout(timer))
}
