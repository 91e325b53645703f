import { z } from 'zod'
import { idField, kilogramsField, nameField, noteField, secondsField, wholeNumber } from '../base/fields'
import { Level } from '../library/level'
import { limits } from '../base/limits'

/** How a number of reps is called: `total` of both legs, `eachSide`, there-and-back as one, or two counts as one. */
export const RepCount = z.enum(['total', 'eachSide', 'thereAndBack', 'twoCountsOne'])

/** A number of reps: `count`, or from `count` to `most` (8–10), or as many as one can with `count` to be expected (`open`). */
export const Reps = z.strictObject({
  count: wholeNumber(1, limits.reps),
  most: wholeNumber(1, limits.reps).optional(),
  open: z.boolean().optional(),
  counted: RepCount.default('total'),
})

/** How a one-sided exercise is shared out: at the half of the interval, a lap each, or an interval each. */
export const Sides = z.enum(['none', 'half', 'byLap', 'ownInterval'])
export type Sides = z.infer<typeof Sides>

/** Seconds of lower, hold, raise, hold; `from` says at which end a rep starts. */
export const Tempo = z.strictObject({
  figures: z.tuple([wholeNumber(0, 60), wholeNumber(0, 60), wholeNumber(0, 60), wholeNumber(0, 60)]),
  from: z.enum(['top', 'bottom']).default('top'),
})

export const Load = z.strictObject({ kilograms: kilogramsField })

/** What one person does where the level changes it. The room's clock never changes: the person rests through the others. */
export const Dose = z.strictObject({
  reps: wholeNumber(1, limits.reps).optional(),
  seconds: secondsField(1).optional(),
  rounds: wholeNumber(1, limits.laps).optional(),
  /** Rest after it before the next item, where the list gives none. */
  restSeconds: secondsField().optional(),
  /** The laps worked; the others are rested through. */
  laps: wholeNumber(1, limits.laps).optional(),
})

/** What is done instead by those for whom there is not enough of the gear. */
export const Alternative = z.strictObject({ exerciseId: idField, optionId: idField.optional(), load: Load.optional() })

const exerciseId = idField
const optionId = idField
const effort = nameField()
const machine = nameField()

/** One exercise's place in a stay: an interval's exercise, or an item of a self-paced list. */
export const Use = z.strictObject({
  id: idField,
  exerciseId,
  optionId: optionId.optional(),
  seconds: secondsField(1).optional(),
  reps: Reps.optional(),
  inner: z
    .strictObject({
      cycle: z
        .array(z.strictObject({ name: nameField(), count: wholeNumber(1, limits.reps) }))
        .min(1)
        .max(limits.positions),
      aim: wholeNumber(1, limits.reps).optional(),
    })
    .optional(),
  sides: Sides.default('none'),
  tempo: Tempo.optional(),
  load: Load.optional(),
  effort: effort.optional(),
  machine: machine.optional(),
  dose: z.partialRecord(Level, Dose).optional(),
  /** In order of preference, after the exercise itself. */
  alternatives: z.array(Alternative).max(limits.alternatives).optional(),
  note: noteField.optional(),
})
export type Use = z.infer<typeof Use>

const workSeconds = z
  .array(secondsField(1))
  .min(1, 'needs at least one position')
  .max(limits.positions, `has at most ${limits.positions} positions`)
const rungs = z.array(wholeNumber(1, limits.reps)).min(1).max(limits.sets)

/** A stay ended by the clock: one work interval for each position, `sets` times. */
export const Intervals = z.strictObject({
  kind: z.literal('intervals'),
  workSeconds,
  gapSeconds: secondsField().default(0),
  sets: wholeNumber(1, limits.sets).default(1),
  setRestSeconds: secondsField().default(0),
})
export type Intervals = z.infer<typeof Intervals>

/** A self-paced stay: the station's uses are its items, the first `openerCount` of them done once. */
export const Task = z.strictObject({
  kind: z.literal('task'),
  openerCount: wholeNumber(0, limits.uses).default(0),
  rungs: rungs.optional(),
  rungRestSeconds: secondsField().default(0),
  /**
   * Left out, everyone goes from rung to rung at their own pace; `led`, the room does, each rung `seconds` long or until the
   * coach goes on.
   */
  rungClock: z.strictObject({ led: z.literal(true), seconds: secondsField(1).optional() }).optional(),
  goal: z.enum(['cap', 'finish']),
  capSeconds: secondsField(1).optional(),
  aimRounds: wholeNumber(1, limits.reps).optional(),
})

export type Task = z.infer<typeof Task>

export const Stay = z.discriminatedUnion('kind', [Intervals, Task], { error: 'must be a stay of kind "intervals" or "task"' })
export type Stay = z.infer<typeof Stay>

/** A numbered place in the order round the room. */
export const Station = z.strictObject({
  id: idField,
  name: nameField().optional(),
  uses: z.array(Use).max(limits.uses).default([]),
  stay: Stay.optional(),
  span: z.union([z.literal(1), z.literal(2)], { error: 'must be 1 or 2 turns' }).default(1),
  rest: z.boolean().default(false),
  skipLaps: z
    .array(wholeNumber(0, limits.laps - 1))
    .max(limits.laps)
    .default([]),
  spotId: idField.optional(),
  capacity: wholeNumber(1, limits.people, 'people').optional(),
})
export type Station = z.infer<typeof Station>

const at = wholeNumber(0, limits.laps - 1)
const vary = <Name extends string, Value extends z.ZodType>(field: Name, value: Value) =>
  z.strictObject({ at, id: idField, field: z.literal(field), value })

/** One field that differs at one lap or repeat (`at`, from 0); what is absent stays as the base has it. */
export const Variation = z.discriminatedUnion(
  'field',
  [
    vary('workSeconds', workSeconds),
    vary('gapSeconds', secondsField()),
    vary('setRestSeconds', secondsField()),
    vary('transitionSeconds', secondsField()),
    vary('capSeconds', secondsField(1)),
    vary('openerCount', wholeNumber(0, limits.uses)),
    vary('rungs', rungs),
    vary('aimRounds', wholeNumber(1, limits.reps)),
    vary('exerciseId', exerciseId),
    vary('optionId', optionId),
    vary('seconds', secondsField(1)),
    vary('reps', Reps),
    vary('load', Load),
    vary('effort', effort),
    vary('machine', machine),
    vary('tempo', Tempo),
    vary('sides', Sides),
  ],
  { error: 'must name a field that can vary' },
)
export type Variation = z.infer<typeof Variation>

const variedField = z.enum(['workSeconds', 'gapSeconds', 'setRestSeconds', 'transitionSeconds'])
const series = z.array(wholeNumber(1, limits.reps)).min(2).max(limits.laps)

/**
 * A rule by which figures differ from lap to lap or from repeat to repeat: two exchanged every second time (50 and 30, then 30 and
 * 50; work with work, the lengths of its positions in reverse), or a series (18, 15, 12, 9).
 */
export const VariationRule = z.discriminatedUnion('rule', [
  z.strictObject({ rule: z.literal('exchange'), id: idField, fields: z.tuple([variedField, variedField]) }),
  z.strictObject({
    rule: z.literal('series'),
    id: idField,
    field: z.enum(['reps', 'seconds', 'workSeconds', 'capSeconds']),
    values: series,
  }),
])
export type VariationRule = z.infer<typeof VariationRule>
const variationRules = z.array(VariationRule).max(limits.variations).optional()

export const PauseKind = z.enum(['brief', 'water', 'swap', 'rest'])

export const Pause = z.strictObject({
  id: idField,
  type: z.literal('pause'),
  kind: PauseKind,
  name: nameField().optional(),
  seconds: secondsField(),
  note: noteField.optional(),
})
export type Pause = z.infer<typeof Pause>

export const PairsWork = z.enum(['both', 'inTurns', 'halfEach'])
export type PairsWork = z.infer<typeof PairsWork>

const circuitFields = {
  id: idField,
  type: z.literal('circuit'),
  name: nameField().optional(),
  travel: z.enum(['rotate', 'together']),
  stations: z.array(Station).min(1, 'needs at least one station').max(limits.stations, `has at most ${limits.stations} stations`),
  laps: wholeNumber(1, limits.laps, 'laps').optional(),
  turns: wholeNumber(1, limits.turns, 'turns').optional(),
  lapRestSeconds: secondsField().default(0),
  transition: z
    .strictObject({ seconds: secondsField(), how: z.enum(['walk', 'active']).default('walk'), note: noteField.optional() })
    .default({ seconds: 0, how: 'walk' }),
  stay: Stay,
  pairs: PairsWork.default('both'),
  brief: z.strictObject({ note: noteField.default('') }).optional(),
  withinSeconds: secondsField(1).optional(),
  lastGap: z.enum(['keep', 'drop']).default('keep'),
  vary: z.array(Variation).max(limits.variations).default([]),
  varyRules: variationRules,
}

/** What the share of the class that is not at the stations does meanwhile. */
const Meanwhile = z.strictObject(circuitFields)

export const Circuit = z.strictObject({ ...circuitFields, waves: z.strictObject({ meanwhile: Meanwhile }).optional() })
export type Circuit = z.infer<typeof Circuit>

export const Piece = z.discriminatedUnion('type', [Pause, Circuit], { error: 'must be a piece of type "pause" or "circuit"' })
export type Piece = z.infer<typeof Piece>

/** What a part is for. Left out, it is guessed. */
export const PartRole = z.enum(['warmUp', 'main', 'finisher', 'coolDown'])
export type PartRole = z.infer<typeof PartRole>

export const Part = z.strictObject({
  id: idField,
  name: nameField().optional(),
  role: PartRole.optional(),
  pieces: z.array(Piece).min(1, 'needs at least one piece').max(limits.pieces),
  repeat: wholeNumber(1, limits.laps).default(1),
  restBetweenSeconds: secondsField().default(0),
  optional: z.boolean().default(false),
  vary: z.array(Variation).max(limits.variations).default([]),
  varyRules: variationRules,
})
export type Part = z.infer<typeof Part>

/** A plan, without the rules that concern more than one field. */
export const PlanFields = z.strictObject({
  id: idField,
  name: nameField(),
  slotSeconds: secondsField(60),
  parts: z.array(Part).min(1, 'needs at least one part').max(limits.parts),
})
export type PlanFields = z.infer<typeof PlanFields>
