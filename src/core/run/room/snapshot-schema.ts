import { z } from 'zod'
import { PairsWork, Sides, Tempo } from '../../plan/plan'
import { limits } from '../../base/limits'
import type { StoredKind } from '../../base/stored'
import { TimelineSchema } from '../../timeline/schema'
import { eases } from './ease'
import type { CircuitView, ExerciseView, RunSnapshot, StationView } from './snapshot'

const text = z.string().max(4 * limits.noteLength)
const texts = z.array(text).max(limits.people)
const id = z.string().min(1).max(64)
const ids = z.array(id).max(limits.people)
const index = z.number().int().min(-1).max(limits.phases)

const rung = z.strictObject({ name: text, points: texts })
const exercise: z.ZodType<ExerciseView> = z.strictObject({
  name: text,
  points: texts,
  sides: Sides,
  how: text,
  tempo: Tempo.optional(),
  reps: z.number().int().optional(),
  easier: rung.optional(),
  harder: rung.optional(),
})

const mark = z.looseObject({ from: z.number() })
const marks = z.array(mark).max(limits.phases)
const list = z.strictObject({
  items: texts,
  aim: text,
  marks: z.strictObject({ low: marks, typical: marks, high: marks }).optional(),
}) as unknown as z.ZodType<NonNullable<StationView['list']>>

const station: z.ZodType<StationView> = z.strictObject({
  exercises: z.array(exercise).max(limits.uses),
  rest: z.boolean(),
  list: list.optional(),
})
const stations = z.array(station).max(limits.stations)

const circuit: z.ZodType<CircuitView> = z.strictObject({
  name: text,
  rotates: z.boolean(),
  laps: z.number().int(),
  turnsPerLap: z.number().int(),
  pairs: PairsWork,
  pairsSentence: text,
  stations,
  varied: z.record(z.string().max(20), stations).optional(),
  turns: z
    .array(z.array(z.array(index).max(limits.people)).max(limits.stations))
    .max(2 * limits.turns)
    .optional(),
  units: z.array(ids).max(limits.people).optional(),
  say: text.optional(),
  closed: z.array(index).max(limits.stations).optional(),
})

const person = z.strictObject({
  id,
  name: text,
  goEasy: texts,
  goEasyNote: text,
  ease: z.enum(eases).optional(),
  onBreak: z.boolean().optional(),
})
const place = { personId: id, pieceId: id, station: index, position: index }
const manyPlaces = limits.people * limits.stations * limits.positions

/** A snapshot as it is stored with its run. */
export const RunSnapshotSchema: z.ZodType<RunSnapshot> = z.strictObject({
  name: text,
  roomName: text,
  startsAt: z.number(),
  slotSeconds: z.number(),
  sentences: z.tuple([text, text]),
  follow: text.optional(),
  timeline: TimelineSchema,
  groups: z.array(ids).max(limits.people),
  people: z.array(person).max(limits.people),
  left: z
    .array(z.strictObject({ id, name: text }))
    .max(10 * limits.people)
    .optional(),
  asks: z.number().int().min(0).optional(),
  ease: z.enum(eases).optional(),
  been: z.record(id, z.record(z.string(), index)).optional(),
  scores: z.boolean().optional(),
  circuits: z.record(id, circuit),
  pieceNames: z.record(id, text),
  notes: z.record(id, text),
  exceptions: z
    .array(z.strictObject({ ...place, text }))
    .max(manyPlaces)
    .optional(),
  doings: z
    .array(z.strictObject({ ...place, name: text, how: text }))
    .max(manyPlaces)
    .optional(),
})

export const snapshotKind: StoredKind<RunSnapshot> = { what: 'run', schema: RunSnapshotSchema, forward: [] }
