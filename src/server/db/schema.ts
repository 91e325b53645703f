import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core'
import type { DidThere } from '../../core/records/did'
import type { RunRecord } from '../../core/records/run-record'
import type { Outcome } from '../../core/results/outcome'
import type { Task } from '../../core/results/task'
import type { Command } from '../../core/run/clock/events'

/** Every row of what a hall has or does names the hall; every editable row has a version that each write must know. */

export const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' })

export const halls = pgTable('hall', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  timeZone: text('time_zone').notNull(),
  /** What the hall reckons with; absent, the common figures. */
  figures: jsonb('figures'),
  /** `demo`, the made-up hall that an empty database is filled with; `empty`, nobody has begun it yet; else somebody's own. */
  stage: text('stage', { enum: ['demo', 'empty', 'own'] })
    .notNull()
    .default('own'),
  version: integer('version').notNull().default(1),
  /** Counts the changes of people, exercises and gear: what was computed with them knows with which. Kept by triggers. */
  libraryVersion: integer('library_version').notNull().default(1),
  /** What it has stored, as it was last measured. */
  storedBytes: bigint('stored_bytes', { mode: 'number' }).notNull().default(0),
})

export const hallId = () =>
  text('hall_id')
    .notNull()
    .references(() => halls.id, { onDelete: 'cascade' })

/** A document as it was stored, and the format in which: it is validated whenever it is read (`stored.ts`). */
const document = () => jsonb('document').notNull()
const format = () => integer('format').notNull().default(1)

/** Of a library row: one document, found by the hall and its id. */
const libraryColumns = () => ({
  hallId: hallId(),
  id: text('id').notNull(),
  name: text('name').notNull(),
  document: document(),
  format: format(),
  version: integer('version').notNull().default(1),
  updatedAt: moment('updated_at').notNull().defaultNow(),
})

const library = (name: string) => pgTable(name, libraryColumns(), (table) => [primaryKey({ columns: [table.hallId, table.id] })])

export const rooms = library('room')
export const people = library('person')
export const exercises = library('exercise')
export const gearKinds = library('gear_kind')
/** Plans can be put away, and brought back. */
export const plans = pgTable('plan', { ...libraryColumns(), deletedAt: moment('deleted_at') }, (table) => [
  primaryKey({ columns: [table.hallId, table.id] }),
])

/** To rows of the same hall only. */
function ofClass(table: string, { hallId, classId }: Record<'hallId' | 'classId', AnyPgColumn>) {
  return foreignKey({ name: `${table}_class_fk`, columns: [hallId, classId], foreignColumns: [classes.hallId, classes.id] }).onDelete(
    'cascade',
  )
}

function ofRun(table: string, { hallId, runId }: Record<'hallId' | 'runId', AnyPgColumn>) {
  return foreignKey({ name: `${table}_run_fk`, columns: [hallId, runId], foreignColumns: [runs.hallId, runs.id] }).onDelete('cascade')
}

export const classes = pgTable(
  'class',
  {
    hallId: hallId(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    startsAt: moment('starts_at').notNull(),
    document: document(),
    format: format(),
    /** What lists show of it, and which class with which library that was computed from. */
    summary: jsonb('summary'),
    /** Classes that go on week after week have it in common. */
    seriesId: text('series_id'),
    /** Of the last save, so that a repeat of it is recognised. */
    saveId: text('save_id'),
    summaryOf: text('summary_of'),
    version: integer('version').notNull().default(1),
    updatedAt: moment('updated_at').notNull().defaultNow(),
    deletedAt: moment('deleted_at'),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.id] }),
    index('class_by_day').on(table.hallId, table.startsAt),
    index('class_by_series').on(table.hallId, table.seriesId),
  ],
)

/** A class as it was: one row for each minute in which it was changed. */
export const classRevisions = pgTable(
  'class_revision',
  {
    hallId: hallId(),
    classId: text('class_id').notNull(),
    version: integer('version').notNull(),
    document: document(),
    format: format(),
    savedAt: moment('saved_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.hallId, table.classId, table.version] }), ofClass('class_revision', table)],
)

/** Of a run: it has changed since its record was made, or has none. */
export const unrecorded = sql`(record_version is distinct from version or record_sequence is distinct from sequence)`

export const runs = pgTable(
  'run',
  {
    hallId: hallId(),
    id: text('id').notNull(),
    classId: text('class_id').notNull(),
    snapshot: jsonb('snapshot').notNull(),
    /** The snapshot before the last change of the room, for taking it back. */
    snapshotBefore: jsonb('snapshot_before'),
    format: format(),
    /** What lists show of it, so that they need not read it whole; absent where the snapshot has no such thing. */
    className: text('class_name').generatedAlwaysAs(sql`snapshot->>'name'`),
    roomName: text('room_name').generatedAlwaysAs(sql`snapshot->>'roomName'`),
    plannedSeconds: doublePrecision('planned_seconds').generatedAlwaysAs(
      sql`case when jsonb_typeof(snapshot->'timeline'->'total') = 'number' then (snapshot->'timeline'->>'total')::float8 end`,
    ),
    slotSeconds: doublePrecision('slot_seconds').generatedAlwaysAs(
      sql`case when jsonb_typeof(snapshot->'slotSeconds') = 'number' then (snapshot->>'slotSeconds')::float8 end`,
    ),
    people: jsonb('people').generatedAlwaysAs(sql`coalesce(snapshot->'people', '[]') || coalesce(snapshot->'left', '[]')`),
    /** Counts the snapshots, so that a screen knows when to fetch it anew. */
    version: integer('version').notNull().default(1),
    /** The number of the last event: what a command has to expect. */
    sequence: integer('sequence').notNull().default(0),
    createdAt: moment('created_at').notNull().defaultNow(),
    startedAt: moment('started_at'),
    endedAt: moment('ended_at'),
    /** What classes of before are compared by (`records.ts`), and of which version and sequence of the run it was made. */
    record: jsonb('record').$type<RunRecord>(),
    recordVersion: integer('record_version'),
    recordSequence: integer('record_sequence'),
    /** Whether it no longer says what people go easy on: it is long over. */
    limitsForgotten: boolean('limits_forgotten').notNull().default(false),
    deletedAt: moment('deleted_at'),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.id] }),
    uniqueIndex('run_id').on(table.id),
    ofClass('run', table),
    index('run_by_class').on(table.hallId, table.classId),
    index('run_by_start').on(table.hallId, table.createdAt),
    index('run_by_day')
      .on(table.hallId, sql`coalesce(started_at, created_at) desc`)
      .where(sql`sequence > 0 and deleted_at is null`),
    index('run_by_name').on(table.hallId, table.className),
    index('run_unrecorded')
      .on(table.hallId)
      .where(sql`ended_at is not null and ${unrecorded}`),
    index('run_with_limits')
      .on(table.hallId, table.createdAt)
      .where(sql`not limits_forgotten`),
  ],
)

export const runEvents = pgTable(
  'run_event',
  {
    hallId: hallId(),
    runId: text('run_id').notNull(),
    sequence: integer('sequence').notNull(),
    id: text('id').notNull(),
    /** Milliseconds since 1970 by the database's clock, the only one that orders a room. */
    at: bigint('at', { mode: 'number' }).notNull(),
    who: text('who').notNull(),
    command: jsonb('command').$type<Command>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.runId, table.sequence] }),
    uniqueIndex('run_event_id').on(table.hallId, table.runId, table.id),
    ofRun('run_event', table),
  ],
)

/** An unguessable link that opens one screen of a run without signing in. */
export const screenLinks = pgTable(
  'screen_link',
  {
    token: text('token').primaryKey(),
    hallId: hallId(),
    runId: text('run_id').notNull(),
    screen: text('screen', { enum: ['wall', 'card', 'station', 'controls', 'names'] }).notNull(),
    /** The person whose card it is, or the number of the station. */
    subject: text('subject'),
    revoked: boolean('revoked').notNull().default(false),
  },
  (table) => [ofRun('screen_link', table), index('screen_link_by_run').on(table.hallId, table.runId)],
)

/**
 * A screen that shows a code until a coach has told it, by that code, which screen of a class it is: of no hall till then, and good
 * for one screen, once. Only the screen itself knows the `device` by which it asks.
 */
export const pairings = pgTable('pairing', {
  device: text('device').primaryKey(),
  code: text('code').notNull().unique('pairing_code'),
  /** By the room's time, in milliseconds. */
  until: bigint('until', { mode: 'number' }).notNull(),
  /** Where it was sent to. */
  path: text('path'),
})

/** Whose card is open on a device that found it in the room's list of names: nobody else opens it from there. */
export const cardClaims = pgTable(
  'card_claim',
  { hallId: hallId(), runId: text('run_id').notNull(), personId: text('person_id').notNull(), device: text('device').notNull() },
  (table) => [primaryKey({ columns: [table.hallId, table.runId, table.personId] }), ofRun('card_claim', table)],
)

/** By how much the room's time is ahead of the database's clock, since that was last set by hand: one row. */
export const roomClock = pgTable('room_clock', {
  id: integer('id').primaryKey().default(1),
  offsetMs: doublePrecision('offset_ms').notNull().default(0),
  steppedAt: moment('stepped_at'),
})

/** Written to find out whether anything can be stored: one row. */
export const writeProbe = pgTable('write_probe', { id: integer('id').primaryKey().default(1), at: moment('at').notNull().defaultNow() })

/** Who was erased, by a figure that says nothing of them: so that a backup from before does not bring them back. */
export const erasedPeople = pgTable(
  'erased_person',
  { hallId: hallId(), mark: text('mark').notNull(), erasedAt: moment('erased_at').notNull().defaultNow() },
  (table) => [primaryKey({ columns: [table.hallId, table.mark] })],
)

/** Who was in a run, and what they did: a cache, made of the run whenever that has changed (`run.record_version`). */
export const attendances = pgTable(
  'attendance',
  {
    hallId: hallId(),
    runId: text('run_id').notNull(),
    personId: text('person_id').notNull(),
    classId: text('class_id').notNull(),
    at: moment('at').notNull(),
    minutes: doublePrecision('minutes').notNull(),
    did: jsonb('did').$type<DidThere[]>().notNull(),
    partners: text('partners').array().notNull(),
    /** What they went easy on, as long as the run says so. */
    goEasy: text('go_easy').array().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.runId, table.personId] }),
    ofRun('attendance', table),
    index('attendance_by_person').on(table.hallId, table.personId, table.at.desc()),
  ],
)

/** What was to be done, each once: results name it by a mark of what makes it the same. */
export const tasks = pgTable(
  'task',
  { hallId: hallId(), key: text('key').notNull(), document: jsonb('document').$type<Task>().notNull() },
  (table) => [primaryKey({ columns: [table.hallId, table.key] })],
)

/** What a result is of: a place of a run, what it is measured by, and whose it is. */
const resultOf = () => ({
  hallId: hallId(),
  runId: text('run_id').notNull(),
  /** `piece/repeat/lap/turn/set` of a list, `piece/station/position` of an exercise, empty for the whole class. */
  place: text('place').notNull(),
  measure: text('measure', { enum: ['time', 'rounds', 'reps', 'load', 'effort'] }).notNull(),
  personId: text('person_id').notNull(),
})

/** What counts of somebody at a place of a run: what was put down last, else what was tapped. */
export const results = pgTable(
  'result',
  {
    ...resultOf(),
    name: text('name').notNull(),
    at: moment('at').notNull(),
    taskKey: text('task_key').notNull(),
    option: text('option').notNull(),
    outcome: jsonb('outcome').$type<Outcome>(),
    /** The same for all for whom it was put down, or tapped, at once. */
    entry: text('entry').notNull(),
    /** What was tapped, and how long each round of it took: a cache, of this many events of the run. */
    tapped: jsonb('tapped').$type<Outcome>(),
    splits: jsonb('splits').$type<number[]>(),
    tappedOf: integer('tapped_of'),
    isEntered: boolean('is_entered').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.runId, table.place, table.measure, table.personId] }),
    ofRun('result', table),
    index('result_by_person').on(table.hallId, table.personId, table.at.desc()),
    index('result_by_piece').on(table.hallId, sql`split_part(place, '/', 1)`, table.personId, table.at.desc()),
    index('result_by_task').on(table.hallId, table.taskKey, table.personId, table.at.desc()),
  ],
)

/** What was put down by hand, line by line: corrections come after what they correct, and nothing is written over. */
export const resultEntries = pgTable(
  'result_entry',
  {
    ...resultOf(),
    id: text('id').notNull(),
    /** Absent: what was put down before was taken away. */
    outcome: jsonb('outcome').$type<Outcome>(),
    byName: text('by_name').notNull(),
    at: moment('at')
      .notNull()
      .default(sql`clock_timestamp()`),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.id, table.personId] }),
    ofRun('result_entry', table),
    index('result_entry_by_run').on(table.hallId, table.runId),
  ],
)

/** What a coach adds to a run, long after it. */
export const runNotes = pgTable(
  'run_note',
  {
    hallId: hallId(),
    id: text('id').notNull(),
    runId: text('run_id').notNull(),
    text: text('text').notNull(),
    byName: text('by_name').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.hallId, table.id] }),
    ofRun('run_note', table),
    index('run_note_by_run').on(table.hallId, table.runId),
  ],
)
