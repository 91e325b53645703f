import { bigint, boolean, index, integer, jsonb, pgTable, primaryKey, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core'
import type { ClassDocument } from '../../core/hall/class-document'
import type { Exercise } from '../../core/hall/exercise'
import type { HallFigures } from '../../core/hall/figures'
import type { GearKind } from '../../core/hall/gear-kind'
import type { Person } from '../../core/hall/person'
import type { Room } from '../../core/hall/room'
import type { Plan } from '../../core/plan/plan'
import type { Command } from '../../core/run/events'
import type { RunSnapshot } from '../../core/run/snapshot'

/** Every row belongs to a hall; every editable row has a version that each write must know. */

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' })

export const halls = pgTable('hall', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  timeZone: text('time_zone').notNull(),
  /** What the hall reckons with; absent, the common figures. */
  figures: jsonb('figures').$type<HallFigures>(),
  version: integer('version').notNull().default(1),
})

const hallId = () =>
  text('hall_id')
    .notNull()
    .references(() => halls.id, { onDelete: 'cascade' })

/** A library row: one validated document, found by the hall and its id. */
const library = <Document>(name: string) =>
  pgTable(
    name,
    {
      hallId: hallId(),
      id: text('id').notNull(),
      name: text('name').notNull(),
      document: jsonb('document').$type<Document>().notNull(),
      version: integer('version').notNull().default(1),
      updatedAt: moment('updated_at').notNull().defaultNow(),
    },
    (table) => [primaryKey({ columns: [table.hallId, table.id] })],
  )

export const rooms = library<Room>('room')
export const people = library<Person>('person')
export const exercises = library<Exercise>('exercise')
export const gearKinds = library<GearKind>('gear_kind')
export const plans = library<Plan>('plan')

export const classes = pgTable(
  'class',
  {
    hallId: hallId(),
    id: text('id').primaryKey(),
    name: text('name').notNull(),
    startsAt: moment('starts_at').notNull(),
    document: jsonb('document').$type<ClassDocument>().notNull(),
    version: integer('version').notNull().default(1),
    updatedAt: moment('updated_at').notNull().defaultNow(),
    deletedAt: moment('deleted_at'),
  },
  (table) => [index('class_by_day').on(table.hallId, table.startsAt)],
)

/** A class as it was: one row for each minute in which it was changed. */
export const classRevisions = pgTable(
  'class_revision',
  {
    hallId: hallId(),
    classId: text('class_id')
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    version: integer('version').notNull(),
    document: jsonb('document').$type<ClassDocument>().notNull(),
    savedAt: moment('saved_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.classId, table.version] })],
)

export const runs = pgTable(
  'run',
  {
    hallId: hallId(),
    id: text('id').primaryKey(),
    classId: text('class_id')
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    snapshot: jsonb('snapshot').$type<RunSnapshot>().notNull(),
    /** The snapshot before the last change of the room, for taking it back. */
    snapshotBefore: jsonb('snapshot_before').$type<RunSnapshot>(),
    /** Counts the snapshots, so that a screen knows when to fetch it anew. */
    version: integer('version').notNull().default(1),
    /** The number of the last event: what a command has to expect. */
    sequence: integer('sequence').notNull().default(0),
    createdAt: moment('created_at').notNull().defaultNow(),
    startedAt: moment('started_at'),
    endedAt: moment('ended_at'),
  },
  (table) => [index('run_by_class').on(table.classId), index('run_by_start').on(table.hallId, table.createdAt)],
)

export const runEvents = pgTable(
  'run_event',
  {
    hallId: hallId(),
    runId: text('run_id')
      .notNull()
      .references(() => runs.id, { onDelete: 'cascade' }),
    sequence: integer('sequence').notNull(),
    id: text('id').notNull(),
    /** Milliseconds since 1970 by the database's clock, the only one that orders a room. */
    at: bigint('at', { mode: 'number' }).notNull(),
    who: text('who').notNull(),
    command: jsonb('command').$type<Command>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.runId, table.sequence] }), uniqueIndex('run_event_id').on(table.runId, table.id)],
)

/** An unguessable link that opens one screen of a run without signing in. */
export const screenLinks = pgTable('screen_link', {
  token: text('token').primaryKey(),
  hallId: hallId(),
  runId: text('run_id')
    .notNull()
    .references(() => runs.id, { onDelete: 'cascade' }),
  screen: text('screen', { enum: ['wall', 'card', 'station', 'controls'] }).notNull(),
  /** The person whose card it is, or the number of the station. */
  subject: text('subject'),
  revoked: boolean('revoked').notNull().default(false),
})
