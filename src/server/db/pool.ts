import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import { roles, type DatabaseRole } from './roles'
import * as schema from './schema'

type Database = NodePgDatabase<typeof schema>
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/** How long each thing may take, in milliseconds, before it is given up: nothing waits for ever. */
export const patience = { connect: 3000, statement: 10_000, lock: 5000, idleInTransaction: 10_000 } as const

/** What a connection is told when it begins, and as whom it works. A query whose answer never comes ends it, too. */
const settings = (max: number, connectionMs: number, idleMs: number, role: DatabaseRole): pg.PoolConfig => ({
  connectionString: databaseUrl(),
  options: `-c role=${roles[role]}`,
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

interface Opened {
  pool: pg.Pool
  database: Database
}

let main: Opened | undefined
let room: Opened | undefined
let accounts: Opened | undefined
let side: pg.Pool | undefined

function open(max: number, connectionMs: number, idleMs: number, role: DatabaseRole = 'app'): pg.Pool {
  const pool = new pg.Pool(settings(max, connectionMs, idleMs, role))
  // A connection that breaks, idle or in use, says so here too: whoever waits for it hears of it through its own query.
  pool.on('error', () => {})
  pool.on('connect', (client) => void client.on('error', () => {}))
  return pool
}

function opened(max: number, role?: DatabaseRole): Opened {
  const pool = open(max, patience.connect, 10_000, role)
  return { pool, database: drizzle(pool, { schema }) }
}

/** The connections in which work on a hall is done. Only `inHall` opens transactions on them, one for each piece of work. */
export const database = (): Database => (main ??= opened(4)).database

/** Those of running classes: their commands, changes and screens never wait for a page. */
export const roomDatabase = (): Database => (room ??= opened(6)).database

/** Those by which people are signed in: of any hall, they see nothing. */
export const accountsDatabase = (): Database => (accounts ??= opened(3, 'signIn')).database

/** Connections that are never waited for by work, and stay open: for the health of the app, the room's time, and beats. */
export function sidePool(): pg.Pool {
  side ??= open(2, 1000, 0)
  return side
}

export async function closeDatabase(): Promise<void> {
  const pools = [main?.pool, room?.pool, accounts?.pool, side]
  main = room = accounts = side = undefined
  await Promise.all(pools.map((pool) => pool?.end()))
}
