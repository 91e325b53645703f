import { count } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import { databaseUrl } from '../src/server/db/pool'
import * as schema from '../src/server/db/schema'

// As whom the tables belong to: the app itself may make no hall.
const client = new pg.Client({ connectionString: databaseUrl() })
const database = drizzle(client, { schema })

/** Fills an empty database with the demo hall, or with one that nobody has begun yet (`empty`); `fresh` empties it first. */
async function seed(fresh: boolean, empty: boolean): Promise<void> {
  if (fresh) await database.execute('truncate hall, account_user, account_mail cascade')
  const [row] = await database.select({ halls: count() }).from(schema.halls)
  if (row!.halls > 0) {
    if (empty) console.log('There is a hall already, and nothing of it is changed: begin your own on its first page.')
    return
  }
  // What a hall is filled with is read only by the first start.
  if (empty) return seedEmpty()
  const { fillDemo } = await import('./demo/fill')
  await fillDemo(database)
}

async function seedEmpty(): Promise<void> {
  const { insertEmptyHall } = await import('./empty-hall')
  await database.transaction((tx) => insertEmptyHall(tx, 'own-hall'))
  console.log('An empty hall is in. Open it to give it a name and a room.')
}

await client.connect()
await seed(process.argv.includes('--fresh'), process.argv.includes('--empty'))
await client.end()
