const format = new Intl.ListFormat('en', { type: 'conjunction' })

/** "Oren", "Oren and Tove", "Oren, Tove, and Wilf". */
export const andList = (words: readonly string[]): string => format.format(words)
