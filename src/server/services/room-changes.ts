import { and, eq } from 'drizzle-orm'
import type { ClassDocument } from '../../core/class/class-document'
import type { HallLibrary } from '../../core/class/compute'
import { strainNames } from '../../core/library/exercise'
import type { Person } from '../../core/library/person'
import { calledLike } from '../../core/library/same-name'
import { changeFor, withAsk, type CardAsk } from '../../core/run/room/card-ask'
import { noted } from '../../core/run/room/note-change'
import { withRoomChange, type RoomChange } from '../../core/run/room/room-change'
import { roomVersion } from '../../core/run/room/room-version'
import { withKnown } from '../../core/run/room/take-snapshot'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import { stateAt, type RunState } from '../../core/run/clock/state'
import { andList } from '../../core/base/and-list'
import { presentFormat } from '../../core/base/stored'
import type { InHall } from '../db/in-hall'
import { runs } from '../db/schema'
import { kinds, readRow } from '../db/stored'
import { refuse, Refused } from '../refused'
import { findClass } from './classes'
import { hallLibrary } from './halls'
import { lockedRun, notifyRun, progressOf, type LockedRun, type StoredRun } from './runs'

export interface RoomChangeDone {
  version: number
  /** What was done, in words. */
  told: string[]
  /** What whoever was added goes easy on, for who may know it. */
  goesEasy?: string
}

/**
 * Changes what really happens in a run, from where it is now. Decided on an older state of the room (`roomVersion`), it is refused
 * with 409: the screen has the newer one by then. Answers with the new version and what was done, in words.
 */
export function changeRoom(hall: InHall, runId: string, version: number, change: RoomChange): Promise<RoomChangeDone> {
  return withRoom(hall, runId, version, async (run) => {
    const state = await stateNow(hall, run)
    const known = change.type === 'arrives' ? await knownArrival(hall, run, change.name) : undefined
    const made: RoomChange = known ? { type: 'arrives', id: known.person.id, name: known.person.name } : change
    const changed = withRoomChange({ ...run.snapshot, timeline: state.timeline }, made, state.status === 'ready' ? -1 : state.phase.index)
    if (!changed.ok) throw new Refused('invalid', changed.problems)
    // The timeline it was taken with stays: what became of it is told by the events.
    const after = noted({ ...changed.value.snapshot, timeline: run.snapshot.timeline }, made, run.now)
    if (!known) return { snapshot: after, before: run.snapshot, told: changed.value.told }
    return {
      snapshot: withKnown(after, known.person, known.document, known.library),
      before: run.snapshot,
      told: changed.value.told,
      goesEasy: goesEasyWords(known.person),
    }
  })
}

/**
 * What somebody asks on their own card: counts whatever else has changed, and makes no coach's change stale. It is asked of the
 * room before the coach's last change too, so that taking that back does not take this away.
 */
export function askOnCard(hall: InHall, runId: string, ask: CardAsk, personId: string): Promise<RoomChangeDone> {
  return withRoom(hall, runId, undefined, async (run) => {
    await stateNow(hall, run)
    requireAsksLeft(run)
    const asked = withAsk(run.snapshot, ask, personId)
    if (!asked.ok) throw new Refused('invalid', asked.problems)
    const note = (snapshot: RunSnapshot) => noted(snapshot, changeFor(ask, personId), run.now)
    const earlier = await snapshotBefore(hall, runId)
    const askedBefore = earlier && withAsk(earlier, ask, personId)
    // Who had not come yet then asks nothing there.
    const before = askedBefore?.ok ? note(askedBefore.value) : earlier && { ...earlier, asks: (earlier.asks ?? 0) + 1 }
    return { snapshot: note(asked.value), before, told: [] }
  })
}

/** Everybody together can ask so often of a class; each card besides only so often a minute (`http/rates.ts`). */
const mostAsks = 2000

function requireAsksLeft({ snapshot }: StoredRun): void {
  if ((snapshot.asks ?? 0) >= mostAsks)
    throw refuse('stale', 'tooManyAsks', 'Too much has been asked in this class already: tell your coach.')
}

/** The run as it stands; refused when it has ended. */
async function stateNow(hall: InHall, run: LockedRun): Promise<RunState> {
  const progress = await progressOf(hall, run)
  const state = stateAt(progress, Math.max(run.now, progress.at))
  if (state.status === 'finished') throw refuse('stale', 'notNow', 'This class has ended.')
  return state
}

async function snapshotBefore({ hallId, tx }: InHall, runId: string): Promise<RunSnapshot | null> {
  const [row] = await tx
    .select({ document: runs.snapshotBefore, format: runs.format })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
  return row && row.document !== null ? readRow(kinds.snapshot, row) : null
}

/** Who is on the hall's list by that name, and not here yet: what they go easy on has to come with them. */
async function knownArrival(
  hall: InHall,
  run: StoredRun,
  name: string,
): Promise<{ person: Person; document: ClassDocument; library: HallLibrary } | undefined> {
  const library = await hallLibrary(hall)
  const called = calledLike(library.people, name)
  const [person] = called
  if (!person || called.length > 1 || run.snapshot.people.some((known) => known.id === person.id)) return undefined
  const { document } = await findClass(hall, run.classId, true)
  return { person, document, library }
}

function goesEasyWords({ name, goEasy, goEasyNote }: Person): string {
  if (goEasy.length === 0 && goEasyNote === '') return ''
  return `${name} goes easy on ${[andList(goEasy.map((strain) => strainNames[strain])), goEasyNote].filter(Boolean).join(': ')}.`
}

/** Puts people and stations back as they were before the last change. */
export function takeBackChange(hall: InHall, runId: string, version: number): Promise<RoomChangeDone> {
  return withRoom(hall, runId, version, async () => {
    const before = await snapshotBefore(hall, runId)
    if (!before) throw refuse('stale', 'notNow', 'There is no change to take back.')
    return { snapshot: before, before: null, told: ['Taken back.'] }
  })
}

type Change = (run: LockedRun) => Promise<{ snapshot: RunSnapshot; before: RunSnapshot | null; told: string[]; goesEasy?: string }>

async function withRoom(hall: InHall, runId: string, version: number | undefined, change: Change): Promise<RoomChangeDone> {
  const { hallId, tx } = hall
  const run = await lockedRun(hall, runId)
  if (version !== undefined && roomVersion(run) !== version)
    throw refuse('stale', 'stale', 'Somebody else was quicker. This screen now shows who is here; press again if you still want to.')
  const { snapshot, before, ...said } = await change(run)
  await tx
    .update(runs)
    .set({ snapshot, snapshotBefore: before, format: presentFormat(kinds.snapshot), version: run.version + 1 })
    .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
  await notifyRun(tx, runId)
  return { version: roomVersion({ version: run.version + 1, snapshot }), ...said }
}
