import { z } from 'zod'
import { idField, secondsField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'
import { PauseKind } from '../plan/plan'
import type { Phase, Timeline } from './phase'

const bit = z.union([z.literal(0), z.literal(1)])
const estimate = z.strictObject({ low: z.number().min(0), typical: z.number().min(0), high: z.number().min(0) })
const count = (most: number) => wholeNumber(0, most)

const phase: z.ZodType<Phase> = z.strictObject({
  partId: idField,
  pieceId: idField,
  repeat: count(limits.laps),
  optional: z.boolean(),
  lap: count(limits.turns).optional(),
  turn: count(2 * limits.turns).optional(),
  set: count(limits.sets).optional(),
  position: count(limits.positions).optional(),
  rung: count(limits.sets).optional(),
  station: count(limits.stations).optional(),
  wave: bit.optional(),
  index: count(limits.phases),
  start: secondsField(),
  seconds: secondsField(1),
  kind: z.enum(['work', 'transition', 'rest', 'pause', 'unplanned']),
  pause: PauseKind.optional(),
  moves: z.boolean(),
  side: bit.optional(),
  selfPaced: z.strictObject({ open: estimate.optional(), capSeconds: secondsField(1).optional() }).optional(),
  reps: wholeNumber(1, limits.reps).optional(),
  partner: bit.optional(),
  changeAt: secondsField(1).optional(),
})

/**
 * A timeline as it is stored or sent: phases one after the other from 0 to the total, numbered as they stand; beside them what
 * waves do meanwhile.
 */
export const TimelineSchema: z.ZodType<Timeline> = z
  .strictObject({
    phases: z.array(phase).min(1, 'needs at least one phase').max(limits.phases),
    meanwhile: z.array(phase).max(limits.phases),
    total: secondsField(1),
    range: estimate.optional(),
    totalWithoutOptional: secondsField(),
  })
  .superRefine(({ phases, total }, context) => {
    let clock = 0
    for (const [index, { start, seconds, index: numbered, changeAt }] of phases.entries()) {
      const wrong = (key: string, message: string) => context.addIssue({ code: 'custom', path: ['phases', index, key], message })
      if (start !== clock) return wrong('start', `must be ${clock}: phases follow one another without a hole`)
      if (numbered !== index) return wrong('index', `must be ${index}`)
      if (changeAt !== undefined && changeAt >= seconds) return wrong('changeAt', 'must be within the phase')
      clock += seconds
    }
    if (clock !== total) context.addIssue({ code: 'custom', path: ['total'], message: `must be ${clock}, the end of the last phase` })
  })
