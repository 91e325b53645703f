import { z } from 'zod'

/** How used somebody is to such classes. */
export const Level = z.enum(['newcomer', 'regular', 'trained'])
export type Level = z.infer<typeof Level>
