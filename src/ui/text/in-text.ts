import type { InText } from '@core/text/heard'

/** Where each line of a text begins. */
export function lineStarts(text: string): number[] {
  const starts = [0]
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1)
  return starts
}

/** The text with other words at a place of it. */
export function withWords(text: string, { line, from, to }: InText, words: string): string {
  const start = lineStarts(text)[line] ?? 0
  return text.slice(0, start + from) + words + text.slice(start + to)
}

/** The letters before the caret that may be the beginning of a name: the last words of the line, without a figure before them. */
export function begunName(text: string, caret: number): { from: number; letters: string } | undefined {
  if (/\p{L}/u.test(text[caret] ?? '')) return undefined
  const line = text.slice(text.lastIndexOf('\n', caret - 1) + 1, caret)
  const found = /(\p{L}[\p{L}'’ -]*)$/u.exec(line)?.[1]
  return found && found.length >= 3 ? { from: caret - found.length, letters: found } : undefined
}
