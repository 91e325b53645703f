import { isOfItem, type Phrase, type Span } from './phrase'
import type { TextLine } from './lines'

/** Words of a text, by their line (from 0). */
export interface InText extends Span {
  line: number
  text: string
}

/** What of a text is not in the plan. */
export interface Miss extends InText {
  /** Why, where it is understood. */
  why?: string
  /** What could stand there, where it is not. */
  expected?: string
  /** The words among which it stands, where a name is among them that was understood. */
  among?: InText
}

export const placeOf = (spans: readonly Span[], line: TextLine): InText => {
  const [from, to] = [spans[0]!.from, spans.at(-1)!.to]
  return { line: line.number, from: line.start + from, to: line.start + to, text: line.text.slice(from, to) }
}

/** Keeps account of a text: what is in the plan, and what is not. What nobody has spoken for is not in it. */
export class Heard {
  readonly missed: Miss[] = []
  private readonly spoken = new Set<string>()

  private key = (line: TextLine, at: number) => `${line.number} ${line.start + at}`

  hear(line: TextLine, ...spans: readonly Span[]): void {
    for (const { from } of spans) this.spoken.add(this.key(line, from))
  }

  miss(line: TextLine, spans: readonly Span[], about: Pick<Miss, 'expected' | 'among'>): void {
    this.hear(line, ...spans)
    this.missed.push({ ...placeOf(spans, line), ...about })
  }

  /** What is understood, but cannot be in the plan. */
  refuse(place: InText, why: string): void {
    this.missed.push({ ...place, why })
  }

  /** Once the line is read: all of it is spoken for now. */
  close(line: TextLine): void {
    const says = ({ kind }: Phrase) => kind !== 'mark' && kind !== 'glue'
    for (const phrase of line.phrases)
      if (says(phrase) && !this.spoken.has(this.key(line, phrase.from)))
        this.miss(line, [phrase], { expected: `${isOfItem(phrase) ? 'an exercise' : 'a place'} beside it` })
  }
}
