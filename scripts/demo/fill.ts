import { chunk } from 'es-toolkit'
import type { NodePgDatabase } from 'drizzle-orm/node-postgres'
import { presentFormat } from '../../src/core/base/stored'
import { computeClass } from '../../src/core/class/compute'
import type { RunEvent } from '../../src/core/run/clock/events'
import { foldEvents } from '../../src/core/run/clock/apply'
import { advance } from '../../src/core/run/clock/progress'
import type { PutDown } from '../../src/core/results/put-down'
import type { RunSnapshot } from '../../src/core/run/room/snapshot'
import { takeSnapshot } from '../../src/core/run/room/take-snapshot'
import { memberships, users } from '../../src/server/db/accounts'
import type * as schema from '../../src/server/db/schema'
import { classes, exercises, gearKinds, halls, people, plans, rooms, runEvents, runs, screenLinks } from '../../src/server/db/schema'
import type { InHall } from '../../src/server/db/in-hall'
import { kinds } from '../../src/server/db/stored'
import { playedFrom, recordRun, type PlayedRun } from '../../src/server/services/records'
import { putDown } from '../../src/server/services/results'
import { rowsIn } from '../empty-hall'
import { commandId, demoClasses, demoRuns, type DemoClass } from './classes'
import { libraryExercises } from '../library/exercises'
import { demoGear, demoHall, demoOwner, demoRooms } from './hall'
import { demoPeople } from './people'
import { demoPlans } from './plans'
import { lately, pastRuns, type PastRun } from './years'

type Database = NodePgDatabase<typeof schema>

/** Fills an empty database with the demo hall, its classes of these days, and the runs of the weeks before. */
export async function fillDemo(database: Database): Promise<void> {
  const hallId = demoHall.id
  const rowsOf = rowsIn(hallId)
  // A demo of another day, for tests that set the clock.
  const today = new Date(process.env.SEED_NOW ?? Date.now())
  const past = demoRuns(today).map((demo): PastRun => ({ ...demo, alike: demo.document.id, efforts: lately(demo), loads: {} }))
  await database.transaction(async (tx) => {
    await tx.insert(halls).values({ ...demoHall, stage: 'demo' })
    await tx.insert(users).values(demoOwner)
    await tx.insert(memberships).values({ hallId, userId: demoOwner.id, role: 'owner' })
    await tx.insert(rooms).values(rowsOf(demoRooms))
    await tx.insert(people).values(rowsOf(demoPeople))
    await tx.insert(exercises).values(rowsOf(libraryExercises))
    await tx.insert(gearKinds).values(rowsOf(demoGear))
    await tx.insert(plans).values(rowsOf(demoPlans).map((row) => ({ ...row, format: presentFormat(kinds.plan) })))
    await tx.insert(classes).values([...past.map((run) => run.document), ...demoClasses(today)].map((demo) => classRow(hallId, demo)))
    for (const demo of past) await keepRun({ hallId, tx, by: demoOwner }, demo)
  })
  const before = await seedYears(database, hallId, today)
  // So that the database knows how much there is before the first page asks.
  await database.execute('analyze')
  console.log(
    `The demo hall ${demoHall.name} is in: ${demoPeople.length} people, ${libraryExercises.length} exercises, ${demoGear.length} kinds of gear, ${demoClasses(today).length} classes, ${before + past.length} past runs.`,
  )
}

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }

/** So many weeks the demo goes back; tests, each with a hall of its own, ask for fewer. */
const weeks = Number(process.env.SEED_WEEKS ?? 104)

/** Runs that are stored in one piece of work. */
const runsAtOnce = 60

/** Answers with how many classes that were. */
async function seedYears(database: Database, hallId: string, today: Date): Promise<number> {
  const years = pastRuns(today, weeks)
  if (years.length > 0) console.log(`Playing ${years.length} classes of the ${weeks} weeks before ...`)
  for (const some of chunk(years, runsAtOnce))
    await database.transaction(async (tx) => {
      await tx.insert(classes).values(some.map(({ document }) => classRow(hallId, document)))
      for (const demo of some) await keepRun({ hallId, tx, by: demoOwner }, demo)
    })
  return years.length
}

const classRow = (hallId: string, { id, document }: DemoClass) => ({
  ...{ hallId, id, name: document.name, startsAt: new Date(document.startsAt), document, format: presentFormat(kinds.class) },
})

/** A past run, with its record and what was put down of it. */
async function keepRun(hall: InHall, demo: PastRun): Promise<void> {
  const { hallId, tx } = hall
  const { run, events, snapshot } = played(demo)
  await tx.insert(runs).values({ hallId, ...run, snapshot, format: presentFormat(kinds.snapshot) })
  await tx.insert(screenLinks).values({ token: commandId(), hallId, runId: run.id, screen: 'wall', revoked: true })
  await tx.insert(runEvents).values(events.map((event) => ({ hallId, runId: run.id, ...event })))
  const row = { id: run.id, hallId, classId: run.classId, version: 1, sequence: run.sequence }
  const whole = playedFrom(row, snapshot, events, run.endedAt.getTime())
  await recordRun(hall, row, whole)
  const cells = [...effortCells(demo), ...loadCells(demo, whole)]
  if (cells.length > 0) await putDown(hall, whole, { cells })
}

const effortCells = ({ efforts }: PastRun): PutDown['cells'] =>
  Object.entries(efforts).map(([personId, effort]) => ({
    ...{ place: '', measure: 'effort', personId, outcome: { value: { measure: 'effort', effort } }, before: '' },
  }))

/** Of the first thing that is lifted. */
function loadCells({ loads }: PastRun, { places }: PlayedRun): PutDown['cells'] {
  const lifted = places.all.find(({ measure, name }) => measure === 'load' && /goblet|deadlift|press|swing|row/i.test(name))
  if (!lifted) return []
  return Object.entries(loads).map(([personId, kilograms]) => ({
    ...{ place: lifted.place, measure: 'load', personId, outcome: { value: { measure: 'load', kilograms } }, before: '' },
  }))
}

/** Snapshots by what runs have in common: to work one out takes longer than all the rest. */
const taken = new Map<string, RunSnapshot>()

function snapshotFor({ document: { id, document }, alike }: PastRun): RunSnapshot {
  const known = taken.get(alike)
  if (known) return { ...known, startsAt: Date.parse(document.startsAt) }
  const computed = computeClass(document, library)
  const room = demoRooms.find((room) => room.id === document.roomId)!
  const snapshot = takeSnapshot(document, computed, library, room)
  if (!snapshot.ok) throw new Error(`demo class ${id}: ${snapshot.problems.map((problem) => problem.message).join(' ')}`)
  taken.set(alike, snapshot.value)
  return snapshot.value
}

/** A past run as it would have been recorded. */
function played(demo: PastRun) {
  const {
    document: { id, document },
    commands,
  } = demo
  const snapshot = snapshotFor(demo)
  const begin = Date.parse(document.startsAt)
  const events: RunEvent[] = commands.map(([seconds, command], index) => ({
    sequence: index + 1,
    id: commandId(),
    at: begin + seconds * 1000,
    who: 'Coach',
    command,
  }))
  const end = advance(foldEvents(snapshot.timeline, events), begin + 12 * 3_600_000)
  const run = {
    id: `${id}-run`,
    classId: id,
    sequence: events.length,
    createdAt: new Date(begin),
    startedAt: new Date(end.startedAt!),
    endedAt: new Date(end.endedAt!),
  }
  return { run, events, snapshot }
}
