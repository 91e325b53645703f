import { asc, eq, sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/node-postgres'
import { nanoid } from 'nanoid'
import pg from 'pg'
import { firstOwnerLink } from '../src/server/access/first-owner'
import { memberships, users } from '../src/server/db/accounts'
import { inHall } from '../src/server/db/in-hall'
import { closeDatabase, databaseUrl } from '../src/server/db/pool'
import { halls } from '../src/server/db/schema'

/**
 * Prints the path of a link that is good once, for whoever has this machine's terminal: `begin`, for the first owner of the hall that
 * has none yet (nothing when there is no such hall); `new-hall`, for that of one more hall; `reset [e-mail]`, for an owner's new password.
 */
const [task = 'begin', email] = process.argv.slice(2)
const client = new pg.Client({ connectionString: databaseUrl() })
await client.connect()
const database = drizzle(client)

/** The first hall that has no owner, or no more than the demo's. */
async function waiting(): Promise<{ id: string; stage: string } | undefined> {
  const [hall] = await database
    .select({ id: halls.id, stage: halls.stage })
    .from(halls)
    .where(sql`${halls.stage} <> 'own' or not exists (select from membership where hall_id = ${halls.id} and role = 'owner')`)
    .orderBy(asc(halls.id))
    .limit(1)
  return hall
}

async function newHall(): Promise<string> {
  const { insertEmptyHall } = await import('./empty-hall')
  const id = nanoid(10)
  await database.transaction((tx) => insertEmptyHall(tx, id))
  return id
}

async function ownerToReset(): Promise<string> {
  const owners = await database
    .selectDistinct({ id: users.id, email: users.email })
    .from(users)
    .innerJoin(memberships, eq(memberships.userId, users.id))
    .where(eq(memberships.role, 'owner'))
  const found = email ? owners.filter((owner) => owner.email === email.trim().toLowerCase()) : owners
  if (found.length === 1) return found[0]!.id
  const known = owners.map((owner) => owner.email).join(', ') || 'nobody'
  throw new Error(`Say which owner, by e-mail address: ${known}`)
}

try {
  if (task === 'reset') {
    // All that signs people in is read only where it is needed, as is what a new hall begins with: ./start asks for the first link every time.
    const { resetToken } = await import('../src/server/access/sign-in')
    console.log(`/reset/${await resetToken(await ownerToReset())}`)
  } else {
    const hall = task === 'new-hall' ? { id: await newHall(), stage: 'empty' } : await waiting()
    // A hall from before there were owners is as somebody left it: its owner joins it.
    if (hall) console.log(`/${hall.stage === 'own' ? 'join' : 'begin'}/${await inHall(hall.id, firstOwnerLink)}`)
  }
} catch (error) {
  console.error((error as Error).message)
  process.exitCode = 1
}
await client.end()
await closeDatabase()
