import pg from 'pg'
import { databaseUrl } from '../db/pool'
import { log } from '../log'

const againMs = 200

let since: number | undefined

/** For how long, in milliseconds, this process has heard what others tell; nothing while it does not. */
export const listeningFor = (): number | undefined => (since === undefined ? undefined : Math.round(performance.now() - since))

/**
 * Hears every notice on `channel` for as long as the app runs, on a connection of its own. `begun` is called whenever it hears
 * (again), as what was told meanwhile is lost: the line is tried anew every fifth of a second. Answers once it hears for the first
 * time; fails when the database is away then, and goes on trying.
 */
export function listen(channel: string, heard: (payload: string) => void, begun: () => void): Promise<void> {
  return new Promise((resolve, reject) => {
    const connect = async () => {
      const client = new pg.Client({ connectionString: databaseUrl(), connectionTimeoutMillis: 1500, keepAlive: true })
      let over = false
      const again = (error?: unknown) => {
        if (over) return
        over = true
        if (since !== undefined) log.warn('the line to the database is lost: trying again')
        since = undefined
        client.end().catch(() => {})
        setTimeout(() => void connect(), againMs).unref()
        reject(error instanceof Error ? error : new Error('connection terminated'))
      }
      client.on('error', again).on('end', again)
      client.on('notification', ({ payload }) => heard(payload ?? ''))
      try {
        await client.connect()
        await client.query(`listen ${client.escapeIdentifier(channel)}`)
        since = performance.now()
        begun()
        resolve()
      } catch (error) {
        again(error)
      }
    }
    void connect()
  })
}
