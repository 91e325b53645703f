import { z } from 'zod'
import { idField, nameField, noteField, wholeNumber } from '../base/fields'
import { Figure } from '../figure/figure'

/** What a person may need to go easy on, and what an exercise asks of the body. */
export const Strain = z.enum(['shoulder', 'knee', 'wrist', 'ankle', 'neck', 'lowBack', 'grip', 'jumps', 'floor', 'balance', 'overhead'])
export type Strain = z.infer<typeof Strain>

export const strainNames: Record<Strain, string> = {
  shoulder: 'shoulder',
  knee: 'knee',
  wrist: 'wrist',
  ankle: 'ankle',
  neck: 'neck',
  lowBack: 'low back',
  grip: 'grip',
  jumps: 'jumps',
  floor: 'getting to the floor',
  balance: 'balance',
  overhead: 'overhead work',
}

export const Region = z.enum(['lower', 'upper', 'core', 'cardio'])
export type Region = z.infer<typeof Region>

export const Stance = z.enum(['standing', 'seated', 'kneeling', 'lying', 'hanging'])
export type Stance = z.infer<typeof Stance>

/** The kind of movement, as coaches balance them over a class. */
export const Pattern = z.enum(['squat', 'hinge', 'lunge', 'push', 'pull', 'carry', 'twist', 'brace', 'step', 'stretch'])
export type Pattern = z.infer<typeof Pattern>

/** How hard the feet meet the floor: `low` keeps one foot down, `high` leaves it. */
export const Impact = z.enum(['none', 'low', 'high'])
export type Impact = z.infer<typeof Impact>

/**
 * Gear that an exercise needs. A sized kind names the size each level usually takes; a person's own load for the kind comes before
 * it, and a load written in the plan before both.
 */
export const GearNeed = z.strictObject({
  kindId: idField,
  per: z.enum(['person', 'group', 'station']),
  count: wholeNumber(1, 100).default(1),
  sizeByLevel: z.strictObject({ newcomer: idField, regular: idField, trained: idField }).optional(),
})
export type GearNeed = z.infer<typeof GearNeed>

const positive = (unit: string, most: number) =>
  z
    .number({ error: `must be a number${unit}` })
    .positive(`must be more than 0${unit}`)
    .max(most, `must be at most ${most}${unit}`)

const rising = (field: { low: number; high: number }) => field.low <= field.high
const notRising = 'must not go down from low to high'

/** Seconds a rep for the quick, most people and the slow. */
export const RepPace = z
  .strictObject({ low: positive(' s', 60), typical: positive(' s', 60), high: positive(' s', 60) })
  .refine((pace) => pace.low <= pace.typical && pace.typical <= pace.high, notRising)

/** Multiples of the energy spent at rest. */
export const MetRange = z.strictObject({ low: positive(' MET', 25), high: positive(' MET', 25) }).refine(rising, notRising)

/** Floor that one person takes up. */
export const Footprint = z.strictObject({ lengthMetres: positive(' m', 30), widthMetres: positive(' m', 30) })

const formPoints = z.array(nameField(200)).max(5)

/** An easier or harder form of the exercise, or a substitute when its gear is missing. What it leaves out is as in the exercise. */
export const Option = z.strictObject({
  id: idField,
  name: nameField(),
  rung: z.enum(['easier', 'harder', 'substitute']),
  gear: z.array(GearNeed).max(10).default([]),
  oneSided: z.boolean().default(false),
  asks: z.array(Strain).max(20).default([]),
  stance: Stance.optional(),
  impact: Impact.optional(),
  pace: RepPace.optional(),
  met: MetRange.optional(),
  setUp: noteField.optional(),
  points: formPoints.optional(),
  fault: noteField.optional(),
  figure: Figure.optional(),
})
export type Option = z.infer<typeof Option>

export const Exercise = z.strictObject({
  id: idField,
  name: nameField(),
  /** What else people call it: it is found by these too. */
  aliases: z.array(nameField()).max(20, 'has at most 20 other names').optional(),
  regions: z.array(Region).min(1, 'needs at least one region').max(10),
  pattern: Pattern.default('step'),
  stance: Stance,
  impact: Impact.default('none'),
  oneSided: z.boolean().default(false),
  gear: z.array(GearNeed).max(10).default([]),
  asks: z.array(Strain).max(20).default([]),
  /** Left out, the common pace. */
  pace: RepPace.optional(),
  met: MetRange.default({ low: 3, high: 5 }),
  space: Footprint.default({ lengthMetres: 2, widthMetres: 1.5 }),
  /** Clear height it wants, where that is more than standing room. */
  clearMetres: positive(' m', 20).optional(),
  setUp: noteField,
  points: formPoints,
  fault: noteField,
  breathing: noteField.default(''),
  /** What counts as one rep. */
  repStandard: noteField.default(''),
  /** How it looks; an option without one looks the same. */
  figure: Figure.optional(),
  options: z.array(Option).max(12).default([]),
})
export type Exercise = z.infer<typeof Exercise>

const chosen = { error: 'must be chosen' }

/** An exercise as it is asked for in a form: what load and limits are judged by is chosen, never taken for granted. */
export const AskedExercise = Exercise.extend({
  pattern: z.enum(Pattern.options, chosen),
  stance: z.enum(Stance.options, chosen),
  impact: z.enum(Impact.options, chosen),
})
export type ExerciseInput = z.input<typeof Exercise>
