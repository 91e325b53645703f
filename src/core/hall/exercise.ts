import { z } from 'zod'
import { idField, nameField, noteField, wholeNumber } from '../plan/fields'

/** What a person may need to go easy on, and what an exercise asks of the body. */
export const Strain = z.enum(['shoulder', 'knee', 'wrist', 'ankle', 'neck', 'lowBack', 'jumps', 'floor', 'balance', 'overhead'])
export type Strain = z.infer<typeof Strain>

export const strainNames: Record<Strain, string> = {
  shoulder: 'shoulder',
  knee: 'knee',
  wrist: 'wrist',
  ankle: 'ankle',
  neck: 'neck',
  lowBack: 'low back',
  jumps: 'jumps',
  floor: 'getting to the floor',
  balance: 'balance',
  overhead: 'overhead work',
}

export const Region = z.enum(['lower', 'upper', 'core', 'cardio'])
export const Stance = z.enum(['standing', 'seated', 'kneeling', 'lying', 'hanging'])

/**
 * Gear that an exercise needs. A sized kind names the size each level usually takes; a person's own load for the kind
 * comes before it, and a load written in the plan before both.
 */
export const GearNeed = z.strictObject({
  kindId: idField,
  per: z.enum(['person', 'group', 'station']),
  count: wholeNumber(1, 100).default(1),
  sizeByLevel: z.strictObject({ newcomer: idField, regular: idField, trained: idField }).optional(),
})
export type GearNeed = z.infer<typeof GearNeed>

/** An easier or harder form of the exercise, or a substitute when its gear is missing. */
export const Option = z.strictObject({
  id: idField,
  name: nameField(),
  rung: z.enum(['easier', 'harder', 'substitute']),
  gear: z.array(GearNeed).max(10).default([]),
  oneSided: z.boolean().default(false),
  asks: z.array(Strain).default([]),
})
export type Option = z.infer<typeof Option>

const repSeconds = z.number({ error: 'must be a number of seconds' }).positive('must be more than 0 s').max(60, 'must be at most 60 s')

export const Exercise = z.strictObject({
  id: idField,
  name: nameField(),
  regions: z.array(Region).min(1, 'needs at least one region'),
  stance: Stance,
  oneSided: z.boolean().default(false),
  gear: z.array(GearNeed).max(10).default([]),
  asks: z.array(Strain).default([]),
  /** Seconds a rep for the quick, most people and the slow; left out, the common pace. */
  pace: z.strictObject({ low: repSeconds, typical: repSeconds, high: repSeconds }).optional(),
  setUp: noteField,
  points: z.array(nameField(200)).max(5),
  fault: noteField,
  options: z.array(Option).max(12).default([]),
})
export type Exercise = z.infer<typeof Exercise>
export type ExerciseInput = z.input<typeof Exercise>
