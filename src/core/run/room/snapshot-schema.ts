import { z } from 'zod'
import { Figure } from '../../figure/figure'
import { PairsWork, Sides, Tempo } from '../../plan/plan'
import { limits } from '../../base/limits'
import type { DocumentKind } from '../../base/stored'
import { TimelineSchema } from '../../timeline/schema'
import { eases } from './ease'
import { mostNoted, changeTypes, type NotedChange } from './noted-change'
import type { CircuitView, ExerciseView, OwnDoing, RunSnapshot, StationView } from './snapshot'
import { withOwnDoings } from './snapshot-formats'

const text = z.string().max(4 * limits.noteLength)
const texts = z.array(text).max(limits.people)
const id = z.string().min(1).max(64)
const ids = z.array(id).max(limits.people)
const index = z.number().int().min(-1).max(limits.phases)

const line = text.optional()
const figureKey = z.string().max(130).optional()
const rung = z.strictObject({ name: text, points: texts, line, figure: figureKey })
const exerciseFields = {
  name: text,
  points: texts,
  sides: Sides,
  how: text,
  line,
  tempo: Tempo.optional(),
  reps: z.number().int().optional(),
  figure: figureKey,
  easier: rung.optional(),
  harder: rung.optional(),
}
const exercise: z.ZodType<ExerciseView> = z.strictObject(exerciseFields)
const count = z.number().int().min(0).optional()
const ownDoing: z.ZodType<OwnDoing> = z.strictObject({
  ...exerciseFields,
  points: texts.optional(),
  watch: line,
  dose: line,
  keeps: z.array(z.enum(eases)).max(eases.length).optional(),
  laps: count,
  rounds: count,
})

const mark = z.looseObject({ from: z.number() })
const marks = z.array(mark).max(limits.phases)
const list = z.strictObject({
  lines: z.array(z.union([text, index])).max(2 * limits.uses),
  aim: text,
  marks: z.strictObject({ low: marks, typical: marks, high: marks }).optional(),
}) as unknown as z.ZodType<NonNullable<StationView['list']>>

const station: z.ZodType<StationView> = z.strictObject({
  exercises: z.array(exercise).max(limits.uses),
  rest: z.boolean(),
  list: list.optional(),
})
const stations = z.array(station).max(limits.stations)

const table = z.array(z.array(z.array(index).max(limits.people)).max(limits.stations)).max(2 * limits.turns)

const circuit: z.ZodType<CircuitView> = z.strictObject({
  name: text,
  rotates: z.boolean(),
  laps: z.number().int(),
  turnsPerLap: z.number().int(),
  pairs: PairsWork,
  pairsSentence: text,
  stations,
  varied: z.record(z.string().max(20), stations).optional(),
  turns: table.optional(),
  turnsBefore: z.record(z.string().max(20), table).optional(),
  plannedTurns: table.optional(),
  units: z.array(ids).max(limits.people).optional(),
  say: text.optional(),
  begins: z.record(z.string().max(20), z.record(id, index)).optional(),
  walkSeconds: z.number().int().min(0).optional(),
  brings: z.record(z.string().max(20), texts).optional(),
  cross: text.optional(),
  closed: z.array(index).max(limits.stations).optional(),
  carried: z.record(id, z.array(z.strictObject({ away: texts, here: texts })).max(limits.stations)).optional(),
})

const person = z.strictObject({
  id,
  name: text,
  shownAs: text.nullable().optional(),
  counted: z.literal(true).optional(),
  offBoards: z.literal(true).optional(),
  goEasy: texts,
  goEasyNote: text,
  ease: z.enum(eases).optional(),
  onBreak: z.boolean().optional(),
})
const noted: z.ZodType<NotedChange> = z.strictObject({
  at: z.number(),
  type: z.enum(changeTypes),
  personIds: z.array(id).max(2).optional(),
  ease: z.enum(eases).optional(),
  pieceId: id.optional(),
  station: index.optional(),
})
const manyPlaces = limits.people * limits.stations * limits.positions

/** A snapshot as it is stored with its run. */
export const RunSnapshotSchema: z.ZodType<RunSnapshot> = z.strictObject({
  name: text,
  roomName: text,
  startsAt: z.number(),
  slotSeconds: z.number(),
  sentences: z.tuple([text, text]),
  follow: text.optional(),
  showing: z.strictObject({ easier: id.optional(), standard: id.optional(), harder: id.optional() }).optional(),
  timeline: TimelineSchema,
  groups: z.array(ids).max(limits.people),
  people: z.array(person).max(limits.people),
  left: z
    .array(z.strictObject({ id, name: text, shownAs: text.nullable().optional() }))
    .max(10 * limits.people)
    .optional(),
  changes: z.array(noted).max(mostNoted).optional(),
  asks: z.number().int().min(0).optional(),
  ease: z.enum(eases).optional(),
  been: z.record(id, z.record(z.string(), index)).optional(),
  scores: z.boolean().optional(),
  ownTaps: z.boolean().optional(),
  circuits: z.record(id, circuit),
  pieceNames: z.record(id, text),
  figures: z.record(z.string().max(130), z.strictObject({ figure: Figure, repSeconds: z.number().positive().max(60) })).optional(),
  notes: z.record(id, text),
  own: z
    .strictObject({
      doings: z.array(ownDoing).max(manyPlaces),
      ways: z.array(z.record(z.string().max(200), index)).max(2 * limits.people),
      of: z.record(id, index),
    })
    .optional(),
})

export const snapshotKind: DocumentKind<RunSnapshot> = { what: 'run', schema: RunSnapshotSchema, forward: [withOwnDoings] }
