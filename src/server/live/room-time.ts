import { uptime } from 'node:os'
import { StepWatch } from '../../core/clock/step-watch'
import type { Milliseconds } from '../../core/base/units'
import { sidePool } from '../db/pool'
import { log } from '../log'

const watch = new StepWatch()

/** The last time that the database's clock was set by hand, as far as this process has seen. */
let lastStep: { bySeconds: number; at: Date } | undefined

export const clockStep = () => lastStep

/** By a clock that nobody sets, and that goes on while the machine sleeps. */
const unsettable = (): Milliseconds => uptime() * 1000

/** Whatever answers one query with rows. */
type Ask = (query: string) => Promise<{ rows: { now?: number }[] }>

/**
 * The room's time, in milliseconds: the database's clock, so that several app processes agree, less what that was set forward or
 * back by hand: a room's phases go on as if it had not been. A leap is put right once for all processes, in a row of the database,
 * before anybody is told the time.
 */
export async function roomTime(ask: Ask = (query) => sidePool().query(query)): Promise<Milliseconds> {
  for (let attempt = 0; ; attempt++) {
    const asked = unsettable()
    const time = (await ask('select room_time() as now')).rows[0]!.now!
    const leapt = watch.judge({ asked, came: unsettable(), time })
    if (leapt === 0 || attempt === 3) return time
    await putRight(leapt)
  }
}

/** On a connection of its own: it holds whatever is asked next, also when what asked for the time fails. */
async function putRight(seen: Milliseconds): Promise<void> {
  const client = await sidePool().connect()
  try {
    await client.query('begin')
    await client.query('select 1 from room_clock for update')
    // Another process may have put it right meanwhile.
    const asked = unsettable()
    const { rows } = await client.query<{ now: number }>('select room_time() as now')
    const leapt = watch.judge({ asked, came: unsettable(), time: rows[0]!.now })
    if (leapt !== 0) await client.query('update room_clock set offset_ms = offset_ms - $1, stepped_at = clock_timestamp()', [leapt])
    await client.query('commit')
    lastStep = { bySeconds: Math.round(seen / 1000), at: new Date() }
    log.warn({ bySeconds: lastStep.bySeconds }, 'the database’s clock was set: running classes go on by the time before')
  } catch (error) {
    await client.query('rollback').catch(() => {})
    throw error
  } finally {
    client.release()
  }
}
