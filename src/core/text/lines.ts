import type { Phrase, Span } from './phrase'
import { phrasesOf } from './phrase'

/** A line of a text, without what only numbers it. */
export interface TextLine {
  /** From 0. */
  number: number
  /** Where its own words begin. */
  start: number
  text: string
  /** It stands in a list of lines. */
  bullet: boolean
  phrases: Phrase[]
  /** An empty line stands before it. */
  apart: boolean
  /** A sentence after another on one line. */
  goesOn: boolean
}

const bullet = /^\s*(?:[-*•–·>]\s+|\(?\d{1,2}[.)]\s+|[A-Za-z][.)]\s+)?/

/** Between two sentences. */
const sentenceEnd = /(?<=\p{L}{2}[.!;])\s+(?=[\p{Lu}(\d])/u

/** The lines of a text that say anything. */
export function linesOf(text: string): TextLine[] {
  let apart = true
  return text.split(/\r?\n/).flatMap((line, number): TextLine[] => {
    const numbering = bullet.exec(line)![0]
    const own = line.slice(numbering.length)
    if (own.trim() === '') {
      apart = true
      return []
    }
    let start = numbering.length
    // What is in quotes is one piece, whatever stands in it.
    const found = (own.includes('"') ? [own] : own.split(sentenceEnd)).map((sentence, index): TextLine => {
      const at = index === 0 ? start : line.indexOf(sentence, start)
      start = at + sentence.length
      return {
        number,
        start: at,
        text: sentence,
        bullet: index === 0 && numbering.trim() !== '',
        phrases: phrasesOf(sentence),
        apart,
        goesOn: index > 0,
      }
    })
    apart = false
    return found
  })
}

/** The line without so much of what it begins with, which only numbers it. */
export const withoutStart = (line: TextLine, length: number): TextLine => {
  const text = line.text.slice(length)
  return { ...line, start: line.start + length, text, bullet: true, phrases: phrasesOf(text) }
}

/** Phrases between two commas or the like. */
export interface Segment {
  phrases: Phrase[]
  /** The mark that it ends with; none at the end of the line. */
  end: string
  /** It stands after a "+". */
  joins: boolean
  /** It stands between brackets. */
  aside: boolean
}

const dash = /^[-–—]$/
const isBreak = (phrase: Phrase, line: TextLine): phrase is Phrase & { kind: 'mark'; text: string } => {
  if (phrase.kind !== 'mark') return false
  if (/^[,;:/|+&!?.()]$/.test(phrase.text)) return true
  // A dash between spaces parts; one within a name does not.
  return dash.test(phrase.text) && /\s/.test(line.text[phrase.from - 1] ?? ' ')
}

/** Numbers by which a line counts what it names, as in "1 squats 2 rows 3 plank 4 dips"; between commas they are reps. */
export function countingIn(line: TextLine): Phrase[] {
  const { phrases } = line
  const first = phrases.findIndex(({ kind }) => kind === 'reps')
  const exact = phrases.some(({ kind }) => kind === 'quoted' || kind === 'ref' || kind === 'key')
  if (exact || phrases.slice(first).some((phrase) => isBreak(phrase, line))) return []
  const counts = phrases.filter((phrase) => phrase.kind === 'reps' && !phrase.most && !phrase.open)
  const counted = counts.every((phrase, index) => 'count' in phrase && phrase.count === index + 1)
  return counted && counts.length > 3 ? counts : []
}

/** `counting` parts them too. */
export function segmentsOf(line: TextLine, counting: readonly Phrase[] = []): Segment[] {
  const segments: Segment[] = []
  let phrases: Phrase[] = []
  let [joins, aside] = [false, false]
  for (const phrase of line.phrases) {
    const mark = counting.includes(phrase) ? ',' : isBreak(phrase, line) ? phrase.text : undefined
    if (mark === undefined) {
      phrases.push(phrase)
      continue
    }
    if (phrases.length > 0) segments.push({ phrases, end: mark, joins, aside })
    else if (segments.length > 0 && phrase.kind === 'mark') segments.at(-1)!.end = mark
    phrases = []
    joins = mark === '+'
    aside = mark === '(' || (aside && mark !== ')')
  }
  if (phrases.length > 0) segments.push({ phrases, end: '', joins, aside })
  return segments
}

/** The words of a stretch of phrases, each with its place. */
export const wordsIn = (phrases: readonly Phrase[], line: TextLine): (Span & { text: string; glue: boolean })[] =>
  phrases.flatMap(({ kind, from, to }) =>
    kind === 'word' || kind === 'glue' ? [{ from, to, text: line.text.slice(from, to), glue: kind === 'glue' }] : [],
  )
