import { count } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import { presentFormat } from '../src/core/base/stored'
import { computeClass } from '../src/core/class/compute'
import type { RunEvent } from '../src/core/run/clock/events'
import { foldEvents } from '../src/core/run/clock/apply'
import { advance } from '../src/core/run/clock/progress'
import { takeSnapshot } from '../src/core/run/room/take-snapshot'
import { databaseUrl } from '../src/server/db/pool'
import { memberships, users } from '../src/server/db/accounts'
import { classes, exercises, gearKinds, halls, people, plans, rooms, runEvents, runs, screenLinks } from '../src/server/db/schema'
import { kinds } from '../src/server/db/stored'
import { insertEmptyHall, rowsIn } from './empty-hall'
import { commandId, demoClasses, demoRuns, type DemoRun } from './demo/classes'
import { libraryExercises } from './library/exercises'
import { demoGear, demoHall, demoOwner, demoRooms } from './demo/hall'
import { demoPeople } from './demo/people'
import { demoPlans } from './demo/plans'

// As whom the tables belong to: the app itself may make no hall.
const client = new pg.Client({ connectionString: databaseUrl() })
const database = drizzle(client)

/** Fills an empty database with the demo hall, or with one that nobody has begun yet (`empty`); `fresh` empties it first. */
async function seed(fresh: boolean, empty: boolean): Promise<void> {
  if (fresh) await database.execute('truncate hall, account_user, account_mail cascade')
  const [row] = await database.select({ halls: count() }).from(halls)
  if (row!.halls > 0) {
    if (empty) console.log('There is a hall already, and nothing of it is changed: begin your own on its first page.')
    return
  }
  if (empty) return seedEmpty()
  const hallId = demoHall.id
  const rowsOf = rowsIn(hallId)
  // A demo of another day, for tests that set the clock.
  const today = new Date(process.env.SEED_NOW ?? Date.now())
  const past = demoRuns(today)
  await database.transaction(async (tx) => {
    await tx.insert(halls).values({ ...demoHall, stage: 'demo' })
    await tx.insert(users).values(demoOwner)
    await tx.insert(memberships).values({ hallId, userId: demoOwner.id, role: 'owner' })
    await tx.insert(rooms).values(rowsOf(demoRooms))
    await tx.insert(people).values(rowsOf(demoPeople))
    await tx.insert(exercises).values(rowsOf(libraryExercises))
    await tx.insert(gearKinds).values(rowsOf(demoGear))
    await tx.insert(plans).values(rowsOf(demoPlans).map((row) => ({ ...row, format: presentFormat(kinds.plan) })))
    await tx.insert(classes).values(
      [...past.map((run) => run.document), ...demoClasses(today)].map(({ id, document }) => ({
        hallId,
        id,
        name: document.name,
        startsAt: new Date(document.startsAt),
        document,
        format: presentFormat(kinds.class),
      })),
    )
    for (const demo of past) {
      const { run, events } = played(demo)
      await tx.insert(runs).values({ hallId, ...run, format: presentFormat(kinds.snapshot) })
      await tx.insert(screenLinks).values({ token: commandId(), hallId, runId: run.id, screen: 'wall', revoked: true })
      await tx.insert(runEvents).values(events.map((event) => ({ hallId, runId: run.id, ...event })))
    }
  })
  console.log(
    `The demo hall ${demoHall.name} is in: ${demoPeople.length} people, ${libraryExercises.length} exercises, ${demoGear.length} kinds of gear, ${demoClasses(today).length} classes, ${past.length} past runs.`,
  )
}

async function seedEmpty(): Promise<void> {
  await database.transaction((tx) => insertEmptyHall(tx, 'own-hall'))
  console.log('An empty hall is in. Open it to give it a name and a room.')
}

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }

/** A past run as it would have been recorded. */
function played({ document: { id, document }, commands }: DemoRun) {
  const computed = computeClass(document, library)
  const room = demoRooms.find((room) => room.id === document.roomId)!
  const snapshot = takeSnapshot(document, computed, library, room)
  if (!snapshot.ok) throw new Error(`demo class ${id}: ${snapshot.problems.map((problem) => problem.message).join(' ')}`)
  const begin = Date.parse(document.startsAt)
  const events: RunEvent[] = commands.map(([seconds, command], index) => ({
    sequence: index + 1,
    id: commandId(),
    at: begin + seconds * 1000,
    who: 'Coach',
    command,
  }))
  const end = advance(foldEvents(snapshot.value.timeline, events), begin + 12 * 3_600_000)
  const run = {
    id: `${id}-run`,
    classId: id,
    snapshot: snapshot.value,
    sequence: events.length,
    createdAt: new Date(begin),
    startedAt: new Date(end.startedAt!),
    endedAt: new Date(end.endedAt!),
  }
  return { run, events }
}

await client.connect()
await seed(process.argv.includes('--fresh'), process.argv.includes('--empty'))
await client.end()
