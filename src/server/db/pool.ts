import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import * as schema from './schema'

type Database = NodePgDatabase<typeof schema>
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/** How long each thing may take, in milliseconds, before it is given up: nothing waits for ever. */
export const patience = { connect: 3000, statement: 10_000, lock: 5000, idleInTransaction: 10_000 } as const

/** What a connection is told when it begins. A query whose answer never comes ends it, too. */
const settings = (max: number, connectionMs: number, idleMs: number): pg.PoolConfig => ({
  connectionString: databaseUrl(),
  max,
  connectionTimeoutMillis: connectionMs,
  idleTimeoutMillis: idleMs,
  statement_timeout: patience.statement,
  lock_timeout: patience.lock,
  idle_in_transaction_session_timeout: patience.idleInTransaction,
  query_timeout: patience.statement + 1000,
  keepAlive: true,
})

export function databaseUrl(): string {
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('DATABASE_URL is not set: start the app with ./start')
  return url
}

let main: { pool: pg.Pool; database: Database } | undefined
let side: pg.Pool | undefined

function open(max: number, connectionMs: number, idleMs: number): pg.Pool {
  const pool = new pg.Pool(settings(max, connectionMs, idleMs))
  // A connection that breaks, idle or in use, says so here too: whoever waits for it hears of it through its own query.
  pool.on('error', () => {})
  pool.on('connect', (client) => void client.on('error', () => {}))
  return pool
}

/** The connections in which all work on a hall is done. Only `inHall` opens transactions on them, one for each piece of work. */
export function database(): Database {
  if (!main) {
    const pool = open(10, patience.connect, 10_000)
    main = { pool, database: drizzle(pool, { schema }) }
  }
  return main.database
}

/** Connections that are never waited for by work, and stay open: for the health of the app, the room's time, and beats. */
export function sidePool(): pg.Pool {
  side ??= open(2, 1000, 0)
  return side
}

export async function closeDatabase(): Promise<void> {
  const pools = [main?.pool, side]
  main = side = undefined
  await Promise.all(pools.map((pool) => pool?.end()))
}
