import { z } from 'zod'
import { nameField } from '../base/fields'
import { lengthUnits } from './length'
import { weightUnits } from './weight'
import { Room } from './room'

const isZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone })
    return true
  } catch {
    return false
  }
}

/** What is asked of a hall that somebody begins: all else can come later. */
export const NewHall = z.strictObject({
  name: nameField(),
  timeZone: z.string({ error: 'must be a time zone' }).refine(isZone, 'must be a time zone such as Europe/Vienna'),
  weightUnit: z.enum(weightUnits),
  lengthUnit: z.enum(lengthUnits),
  clock: z.enum(['24h', '12h']),
  room: Room,
  /** Whether it begins with a usual set of gear, to be counted; else with none of any kind. */
  usualGear: z.boolean(),
})
export type NewHall = z.infer<typeof NewHall>
