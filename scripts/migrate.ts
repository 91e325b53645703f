import { drizzle } from 'drizzle-orm/node-postgres'
import { migrate } from 'drizzle-orm/node-postgres/migrator'
import pg from 'pg'
import { databaseUrl } from '../src/server/db/pool'
import * as schema from '../src/server/db/schema'
import { giveFigures } from './give-figures'
import { giveRights } from './give-rights'
import { recordAllRuns } from './record-runs'

// On a connection of its own, without the app's time limits: a large table may take longer to change than anybody would wait for a page.
const client = new pg.Client({ connectionString: databaseUrl() })
await client.connect()
await migrate(drizzle(client), { migrationsFolder: 'drizzle' })
await giveRights(client)
await giveFigures(client)
await recordAllRuns(drizzle(client, { schema }))
await client.end()
