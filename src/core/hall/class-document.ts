import { z } from 'zod'
import { idField, nameField } from '../plan/fields'
import { limits } from '../plan/limits'
import { Plan } from '../plan/plan'
import { Person } from './person'

export const GroupSize = z.enum(['solo', 'pairs', 'trios', 'fours', 'fit'])
export type GroupSize = z.infer<typeof GroupSize>

/** A plan on a date with people: everything about a class that is edited. The plan is the class's own copy. */
export const ClassDocument = z
  .strictObject({
    name: nameField(),
    startsAt: z.iso.datetime({ offset: true, error: 'must be a date and time' }),
    roomId: idField,
    plan: Plan,
    /** Ids of the roster's people and of walk-ins, in the order in which they came. */
    here: z.array(idField).max(limits.people, `has at most ${limits.people} people`),
    walkIns: z.array(Person).max(limits.people, `has at most ${limits.people} people`),
    groupSize: GroupSize,
  })
  .refine((document) => new Set(document.here).size === document.here.length, { path: ['here'], message: 'names someone twice' })
export type ClassDocument = z.infer<typeof ClassDocument>
