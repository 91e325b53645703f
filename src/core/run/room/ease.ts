/** A rung down or up the ladder of whatever is done, or as it was planned. */
export const eases = ['easier', 'usual', 'harder'] as const
export type Ease = (typeof eases)[number]

export const easeWords: Record<Ease, string> = { easier: 'a rung easier', usual: 'as planned', harder: 'a rung harder' }

/** How something is made easier that has no easier rung. */
export const slower = 'slower, or fewer'
