export const floors: readonly (readonly [floor: string, what: string])[]
