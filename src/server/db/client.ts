import { drizzle, type PostgresJsDatabase } from 'drizzle-orm/postgres-js'
import postgres from 'postgres'
import * as schema from './schema'

export type Database = PostgresJsDatabase<typeof schema>
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

let connection: postgres.Sql | undefined
let database: Database | undefined

/** The process's connection pool, opened at first use from DATABASE_URL. */
export function sql(): postgres.Sql {
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('DATABASE_URL is not set: start the app with ./start')
  connection ??= postgres(url, { max: 10, connect_timeout: 5, onnotice: () => {} })
  return connection
}

export function db(): Database {
  database ??= drizzle(sql(), { schema })
  return database
}

export async function closeDatabase(): Promise<void> {
  await connection?.end({ timeout: 2 })
  connection = undefined
  database = undefined
}
