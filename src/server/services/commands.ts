import { and, asc, count, eq, gt, or, sql } from 'drizzle-orm'
import { apply, applicable, countedIn } from '../../core/run/clock/apply'
import { commandFor } from '../../core/run/retime/asked'
import type { Command, CommandRequest, RunEvent } from '../../core/run/clock/events'
import { advance, type Progress } from '../../core/run/clock/progress'
import { mayCommand } from '../../core/run/clock/holder'
import { isTap } from '../../core/run/clock/is-tap'
import type { InHall } from '../db/in-hall'
import { runEvents, runs } from '../db/schema'
import { refuse, Refused } from '../refused'
import { eventColumns, notice, progressFrom, progressKnown, type LockedRun, type RunRow } from './runs'

/** A run has at most so many events, and so much said in them: a class of six hours with a tap every two seconds. */
const most = { events: 10_000, eventBytes: 20_000_000 } as const

async function requireSpace({ hallId, tx }: InHall, run: RunRow): Promise<void> {
  if (run.sequence < most.events && run.sequence % 100 !== 99) return
  const [used] = await tx
    .select({ events: count(), bytes: sql<number>`coalesce(sum(pg_column_size(${runEvents.command})), 0)::float8` })
    .from(runEvents)
    .where(and(eq(runEvents.hallId, hallId), eq(runEvents.runId, run.id)))
  if (used!.events >= most.events || used!.bytes >= most.eventBytes)
    throw refuse(
      'stale',
      'tooManyEvents',
      'More has happened in this class than one class can keep. It can still be stopped and ended; open it anew to go on.',
    )
}

const neverRefused = new Set(['stop', 'clear', 'finish', 'takeOver'])

/** Meant as they are, whatever has happened meanwhile. */
const isNeverTooLate = (command: CommandRequest['command']) =>
  command.type === 'stop' || command.type === 'clear' || command.type === 'takeOver' || isTap(command)

/**
 * Takes a command into the run's order. A repeat (the same id) answers with what it did the first time; one that was decided on an
 * older state is refused with 409 and the events it had not seen, and so is one that means nothing now. A stop, a tap and a
 * takeover are never too late: they are told what they had `missed`.
 */
export async function takeCommand(
  hall: InHall,
  run: LockedRun,
  request: CommandRequest,
): Promise<{ event: RunEvent; missed: RunEvent[]; repeated: boolean }> {
  const known = progressKnown(run)
  const events = await eventsFor(hall, run, request, known.sequence)
  const progress = progressFrom(known, run, events)
  const before = events.find((event) => event.id === request.id)
  const missed = events.filter((event) => event.sequence > request.expectedSequence && event !== before)
  if (before) return { event: before, missed, repeated: true }
  if (!mayCommand(progress.holder, request.device, request.command)) {
    throw refuse(
      'stale',
      'heldElsewhere',
      `The controls are held by ${progress.holder!.name}. Take over first; a stop counts from anywhere.`,
      {
        events: missed,
      },
    )
  }
  if (request.expectedSequence !== run.sequence && !isNeverTooLate(request.command)) {
    throw refuse(
      'stale',
      'stale',
      'Somebody else was quicker. This screen now shows where the class is; press again if you still want to.',
      {
        events: missed,
      },
    )
  }
  if (!neverRefused.has(request.command.type)) await requireSpace(hall, run)
  const at = Math.max(Math.round(run.now), progress.at)
  const now = advance(progress, at)
  // From the very state that the screen had: what it showed is what is done.
  const asked = commandFor(request.command, run.snapshot, progress)
  if (!asked.ok) throw new Refused('stale', asked.problems, { events: [] })
  requireMeaning(now, asked.value)
  const command = countedIn(now, asked.value)
  const event: RunEvent = { sequence: run.sequence + 1, id: request.id, at, who: request.who, command }
  await store(hall, run.id, event, apply(now, event))
  return { event, missed, repeated: false }
}

/** What the request did, if it came before, and the events that its screen, or this app, had not seen. */
const eventsFor = ({ hallId, tx }: InHall, run: RunRow, { id, expectedSequence }: CommandRequest, known: number): Promise<RunEvent[]> =>
  tx
    .select(eventColumns)
    .from(runEvents)
    .where(
      and(
        eq(runEvents.hallId, hallId),
        eq(runEvents.runId, run.id),
        or(gt(runEvents.sequence, Math.min(known, expectedSequence)), eq(runEvents.id, id)),
      ),
    )
    .orderBy(asc(runEvents.sequence))

function requireMeaning(now: Progress, command: Command): void {
  if (applicable(now, command)) return
  if (command.type === 'amend')
    throw refuse('stale', 'notNow', 'The class has gone on to its next part meanwhile. Look at the ways again.', { events: [] })
  if (isTap(command))
    throw refuse('stale', 'notNow', 'That was tapped outside a part at one’s own pace, or too long after the class, and does not count.', {
      events: [],
    })
  throw refuse('stale', 'notNow', `"${command.type}" means nothing while the class is ${now.mode}.`, { events: [] })
}

/** In one question: while the app is busy, each costs a turn of its thread, and a room waits for the sum. */
async function store({ hallId, tx }: InHall, runId: string, event: RunEvent, after: Progress): Promise<void> {
  const stored = tx.$with('stored').as(
    tx
      .insert(runEvents)
      .values({ hallId, runId, ...event })
      .returning({ sequence: runEvents.sequence }),
  )
  await tx
    .with(stored)
    .update(runs)
    .set({
      sequence: event.sequence,
      ...(after.startedAt !== undefined && { startedAt: new Date(after.startedAt) }),
      ...(after.endedAt !== undefined && { endedAt: new Date(after.endedAt) }),
    })
    .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
    .returning({ told: notice(runId, event.sequence) })
}
