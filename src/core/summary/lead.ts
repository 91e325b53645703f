/** What a line that leads others ends with. */
export const leads = ':'

/** Whether a line leads those after it, and is none of the items. */
export const isLead = (line: string): boolean => line.endsWith(leads)

/** The lines as one. */
export const oneLine = (lines: readonly string[]): string =>
  lines.reduce((text, line) => (text === '' ? line : `${text}${isLead(text) ? ' ' : ' · '}${line}`), '')
