import { z } from 'zod'
import { wholeNumber } from '../base/fields'
import { RepPace } from './exercise'
import { lengthUnits } from './length'
import { weightUnits } from './weight'

const percent = z.number({ error: 'must be a number of per cent' }).min(0, 'must be at least 0 %').max(20, 'must be at most 20 %')

/** The figures a hall reckons with where an exercise has none of its own. Each hall sets its own. */
export const HallSettings = z.strictObject({
  /** Seconds a rep, the way to the next exercise included. */
  repPace: RepPace,
  /** How much slower reps get with each minute of self-paced work, in per cent. */
  slowingPercent: z.strictObject({ low: percent, typical: percent, high: percent }),
  /** Seconds to explain one exercise with its options. */
  briefSeconds: z
    .strictObject({ least: wholeNumber(1, 300, 'seconds'), usual: wholeNumber(1, 300, 'seconds'), most: wholeNumber(1, 300, 'seconds') })
    .refine((brief) => brief.least <= brief.usual && brief.usual <= brief.most, 'must not go down from least to most'),
  /** What weights are shown in; absent, kilograms. */
  weightUnit: z.enum(weightUnits).optional(),
  /** How times of day are typed; absent, by 24 hours. */
  clock: z.enum(['24h', '12h']).optional(),
  /** What lengths are shown in; absent, metres. */
  lengthUnit: z.enum(lengthUnits).optional(),
  /** Metres a second that people walk in a full room; absent, the common figure. */
  walkingMetresPerSecond: z.number().min(0.2, 'must be at least 0.2 m/s').max(3, 'must be at most 3 m/s').optional(),
  /** Months after somebody's last class in which the hall still knows what they go easy on; absent, `usualLimitsMonths`. */
  limitsMonths: wholeNumber(1, 60, 'months').optional(),
})
export type HallSettings = z.infer<typeof HallSettings>

/**
 * Common practice: 1 s a rep for the trained, 2 to 3 s in a mixed class, five exercises of 20 reps in about four minutes; 17 to 32
 * s to explain an exercise. That people slow down over a long list is common practice too; by how much is our estimate.
 */
export const commonSettings: HallSettings = {
  repPace: { low: 1, typical: 2.4, high: 3 },
  slowingPercent: { low: 0.5, typical: 1.5, high: 3 },
  briefSeconds: { least: 17, usual: 24, most: 32 },
}

/** So long after somebody's last class it is known what they go easy on, where a hall has not said otherwise. */
export const usualLimitsMonths = 12
