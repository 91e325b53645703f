import { z } from 'zod'
import { idField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'

/** Who of the hall's people is here: all that an assistant changes of a class, and only of the version that they saw. */
export const Attendance = z.strictObject({
  version: wholeNumber(1, 1_000_000_000),
  here: z.array(idField).max(limits.people, `has at most ${limits.people} people`),
})
export type Attendance = z.infer<typeof Attendance>

/** A class as who takes attendance sees it: names, and who is here. */
export interface AttendanceSheet {
  id: string
  version: number
  name: string
  startsAt: string
  people: { id: string; name: string }[]
  here: string[]
}
