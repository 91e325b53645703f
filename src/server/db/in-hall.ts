import { sql, type SQL } from 'drizzle-orm'
import { notFound } from '../refused'
import { database, roomDatabase, type Transaction } from './pool'

/**
 * A piece of work on one hall's rows: its transaction, and the hall it is bound to. It is all that services get, so that none of
 * them can ask for a second connection while it holds one; and the hall is set in the transaction itself, where the database's own
 * rules can see it.
 */
export interface InHall {
  readonly hallId: string
  readonly tx: Transaction
}

/** Does `work` in one transaction of the hall that `hall` (a query of one id) finds; 404 with `missing` when there is none. */
function bound<Done>(hall: SQL, missing: string, work: (hall: InHall) => Promise<Done>, on = database()): Promise<Done> {
  return on.transaction(async (tx) => {
    const { rows } = await tx.execute<{ id: string }>(sql`select set_config('app.hall', id, true) as id from (${hall}) as hall (id)`)
    if (!rows[0]) throw notFound(missing)
    return work({ hallId: rows[0].id, tx })
  })
}

/** In the one hall of this installation; sign-in will choose among several. */
export const inTheHall = <Done>(work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select id from hall order by id limit 1`, 'hall: the database is empty. Run ./start --fresh', work)

/** In the hall of this id. */
export const inHall = <Done>(hallId: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select id from hall where id = ${hallId}`, 'hall', work)

/** The same for a running class, which waits for no page. */
export const inRoom = <Done>(hallId: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select id from hall where id = ${hallId}`, 'hall', work, roomDatabase())

/** In the hall whose screen an unguessable link opens, or has opened. */
export const inHallOfLink = <Done>(token: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(sql`select hall_id from screen_link where token = ${token}`, 'screen', work, roomDatabase())

/** In the hall of a run, found by its id or by the link to its controls. */
export const inHallOfRun = <Done>(idOrToken: string, work: (hall: InHall) => Promise<Done>): Promise<Done> =>
  bound(
    sql`select hall_id from run where id = ${idOrToken} union select hall_id from screen_link where token = ${idOrToken} and screen = 'controls' limit 1`,
    'run',
    work,
    roomDatabase(),
  )
