import { AsyncLocalStorage } from 'node:async_hooks'
import { sql, type SQL } from 'drizzle-orm'
import { notFound, refuse } from '../refused'
import { database, roomDatabase, type Transaction } from './pool'

/** A piece of work in a transaction of its own. It is all that services get, so that none can ask for a second connection. */
export interface InWork {
  readonly tx: Transaction
}

/**
 * Work on one hall's rows: the hall is set in the transaction itself, where the database's own rules see it. Of other halls there is
 * nothing to be seen in it, whatever a query asks (`scripts/give-rights.ts`).
 */
export interface InHall extends InWork {
  readonly hallId: string
  /** Who of its members asks for it; nobody, where a link does, or the app itself. */
  readonly by?: Asking['by']
}

/** In which hall something is asked for, and by whom of its members. */
export interface Asking {
  hallId: string
  by?: { id: string; name: string } | undefined
}

/** Does `work` in one transaction of the hall that `hall` (a query of one id) finds; 404 with `missing` when there is none. */
function bound<Done>(hall: SQL, missing: string, work: (hall: InHall) => Promise<Done>, on = database()): Promise<Done> {
  return on.transaction(async (tx) => {
    const { rows } = await tx.execute<{ id: string | null }>(sql`select set_config('app.hall', id, true) as id from (${hall}) as hall (id)`)
    const hallId = rows[0]?.id
    if (!hallId) throw notFound(missing)
    const now = asking.getStore()
    return work({ hallId, tx, by: now?.hallId === hallId ? now.by : undefined })
  })
}

/** Work that is of no hall, and sees nothing of any. */
export const inNoHall = <Done>(work: (work: InWork) => Promise<Done>): Promise<Done> => database().transaction((tx) => work({ tx }))

const asking = new AsyncLocalStorage<Asking>()

/** Whatever `work` does, and leads to, is asked for in this hall. */
export const askedIn = <Done>(where: Asking, work: () => Done): Done => asking.run(where, work)

/** In the hall of whoever asks; refused with 401 where nobody is signed in. */
export function inTheHall<Done>(work: (hall: InHall) => Promise<Done>): Promise<Done> {
  const hallId = asking.getStore()?.hallId
  if (hallId === undefined) return Promise.reject(refuse('signedOut', 'signedOut', 'Sign in first.'))
  return bound(sql`select ${hallId}::text`, 'hall', work)
}

/** The ids of all halls, for what the app does by itself in each. */
export const everyHall = async (): Promise<string[]> =>
  (await database().execute<{ id: string }>(sql`select id from every_hall() as hall (id)`)).rows.map(({ id }) => id)

/** In the hall of this id. */
export const inHall = <Done>(hallId: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select ${hallId}::text`, 'hall', work)

/** The same for a running class, which waits for no page. */
export const inRoom = <Done>(hallId: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select ${hallId}::text`, 'hall', work, roomDatabase())

/** In the hall whose screen an unguessable link opens, or has opened. */
export const inHallOfLink = <Done>(token: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select hall_of_link(${token})`, 'screen', work, roomDatabase())

/** In the hall of a run: of whoever asks, where it is named by its id; or the one that the link to its controls opens. */
export function inHallOfRun<Done>(idOrToken: string, work: (hall: InHall) => Promise<Done>): Promise<Done> {
  const own = asking.getStore()?.hallId ?? null
  const hall = sql`select coalesce((select own from (select ${own}::text as own) as asking where own = hall_of_run(${idOrToken})), hall_of_controls(${idOrToken}))`
  return bound(hall, 'run', work, roomDatabase())
}

/** In the hall that an invitation invites to. */
export const inHallOfInvitation = <Done>(hash: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select hall_of_invitation(${hash})`, 'invitation', work)
