import { migrate } from 'drizzle-orm/postgres-js/migrator'
import { closeDatabase, db } from '../src/server/db/client'

await migrate(db(), { migrationsFolder: new URL('../drizzle', import.meta.url).pathname })
await closeDatabase()
