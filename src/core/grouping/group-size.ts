import { z } from 'zod'

export const GroupSize = z.enum(['solo', 'pairs', 'trios', 'fours', 'fit'])
export type GroupSize = z.infer<typeof GroupSize>
