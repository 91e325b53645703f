/** The phrases of a line that is in small letters. */
export function parse(line: string): unknown
