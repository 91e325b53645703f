import { z } from 'zod'
import { ArrangedGroup } from '../grouping/arranged'
import { GroupWishes } from '../grouping/wishes'
import { idField, nameField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'
import { Plan } from '../plan/plan'
import { RotationChoice } from '../rotation/rule'
import { GroupSize } from '../grouping/group-size'
import { Person } from '../library/person'

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
    /** Ids of those who follow from home: they have their own gear and no place in the room. */
    fromHome: z.array(idField).max(limits.people).optional(),
    /** How many more are here of whom nobody took the names. */
    headCount: wholeNumber(0, limits.people).optional(),
    /**
     * Ids of those who show the easier, the standard and the harder version; and of who has agreed to show the easier one: nobody is
     * pointed at as taking it who has not.
     */
    demonstrators: z
      .strictObject({
        easier: idField.optional(),
        standard: idField.optional(),
        harder: idField.optional(),
        agreed: idField.optional(),
      })
      .optional(),
    groupSize: GroupSize,
    /** What is wished of the groups, and the groups as they were put; left out, they are made in the order in which people came. */
    wishes: GroupWishes.optional(),
    arranged: z.array(ArrangedGroup).max(limits.people).optional(),
    /** Sizes that people take in this class instead of their usual ones, by the ids of person and kind. */
    sizes: z.record(idField, z.record(idField, idField)).optional(),
    /** Options that people do in this class instead of what everyone does, by the ids of person and exercise. */
    options: z.record(idField, z.record(idField, idField)).optional(),
    /** Where people read where to go, if the wall is not to tell all of them. */
    placesOn: z.enum(['cards']).optional(),
    /** Whether what is tapped in self-paced parts is shown to the room. */
    scores: z.boolean().optional(),
    /** Whether people put down their own rounds and finish in self-paced parts, on their cards. */
    ownTaps: z.boolean().optional(),
    /** Kinds of gear that everyone brings along. */
    bring: z.array(idField).max(100).optional(),
    /** Ids of the circuits whose gear lies ready at every place, so that nobody takes it up or puts it away on the way. */
    laidReady: z.array(idField).max(100).optional(),
    /** Where each station stands, in order: the middle of its floor, in metres from the room's top left corner. */
    spots: z
      .array(z.strictObject({ x: z.number().min(0).max(200), y: z.number().min(0).max(200) }))
      .max(limits.stations)
      .optional(),
    /** How people move, by the id of the circuit; a circuit that is not named follows the loop. */
    rotations: z.record(idField, RotationChoice).optional(),
  })
  .refine((document) => new Set(document.here).size === document.here.length, { path: ['here'], message: 'names someone twice' })
  .refine(({ here, headCount = 0 }) => here.length + headCount <= limits.people, {
    path: ['headCount'],
    message: `with those who are named, a class has at most ${limits.people} people`,
  })
export type ClassDocument = z.infer<typeof ClassDocument>
