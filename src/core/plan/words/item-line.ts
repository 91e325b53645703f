import { formatSeconds, parseSeconds, type Kilograms, type Seconds } from '../../base/units'
import type { Use } from '../plan'
import { readReps, readTempo, showReps, showTempo } from './notation'

type Reps = NonNullable<Use['reps']>

/** A line of a list as somebody writes it on a board: how much, of what, and what else is said of it. */
export interface ItemLine {
  reps?: Reps
  /** How reps are counted, where the line gives none, as on a ladder. */
  counted?: Reps['counted']
  seconds?: Seconds
  /** All that is neither a figure nor a detail: the exercise, by any of its names, and whatever is said after a comma. */
  words: string
  load?: { kilograms: Kilograms }
  tempo?: NonNullable<Use['tempo']>
}

const countedWords: Record<Reps['counted'], string> = {
  total: '',
  eachSide: ' each side',
  thereAndBack: ' there and back',
  twoCountsOne: ' two counts as one',
}

/** How people write the ways of counting. */
const counts: [RegExp, Exclude<Reps['counted'], 'total'>][] = [
  [/(?:^|\s)(?:(?:on |for )?each (?:side|leg|arm|way)|per (?:side|leg|arm)|a side|e\/s|\/\s?side)(?=[\s,]|$)/i, 'eachSide'],
  [/(?:^|\s)there and back(?: (?:is|as) one)?(?=[\s,]|$)/i, 'thereAndBack'],
  [/(?:^|\s)two counts (?:make |as |is )?one(?=[\s,]|$)/i, 'twoCountsOne'],
]

const bullet = /^\s*(?:[-•*–]\s+|\d{1,2}[.)]\s+)?/
const time = /^(\d{1,2}:\d{2}|\d{1,4}(?:[.,]\d)?\s*(?:secs?|seconds?|s|mins?|minutes?|m|"|'))(?=[\s,]|$)\s*(?:of\s+)?/i
const figures = /^((?:max\s+)?\d{1,4}(?:\s*[-–]\s*\d{1,4})?)\s*(?:x|×|reps?)?(?=[\s,])\s*(?:of\s+)?/i

/**
 * Reads a line such as `18 jumping lunges`, `8 each side bird dog, leg only`, `90 s row` or `10–15 burpees`: a bullet or a number
 * before it is left out. `undefined` where nothing is said.
 */
export function readItemLine(text: string): ItemLine | undefined {
  let rest = text.replace(bullet, '').trim()
  if (rest === '') return undefined
  const line: Omit<ItemLine, 'words'> = {}
  const timed = time.exec(rest)
  const seconds = timed ? parseSeconds(timed[1]!) : undefined
  if (timed && seconds) {
    line.seconds = seconds
    rest = rest.slice(timed[0].length)
  } else {
    const found = figures.exec(rest)
    const reps = found ? readReps(found[1]!) : undefined
    if (found && reps) {
      line.reps = { ...reps, counted: 'total' }
      rest = rest.slice(found[0].length)
    }
  }
  for (const [pattern, counted] of counts) {
    if (line.seconds !== undefined || !pattern.test(rest)) continue
    if (line.reps) line.reps.counted = counted
    else line.counted = counted
    rest = rest.replace(pattern, ' ').trim()
    break
  }
  const words = rest.split(',').flatMap((part): string[] => {
    const said = part.trim()
    const kilograms = /^(?:with |at )?(\d{1,3}(?:\.\d{1,2})?)\s*kg$/i.exec(said)
    const tempo = /^tempo (\S+?)(?: from the (top|bottom))?$/i.exec(said)
    const read = tempo && readTempo(tempo[1]!)
    if (kilograms) line.load = { kilograms: Number(kilograms[1]) }
    else if (read) line.tempo = { figures: read, from: tempo[2]?.toLowerCase() === 'bottom' ? 'bottom' : 'top' }
    else return said === '' ? [] : [said.replace(/\s+/g, ' ')]
    return []
  })
  return words.length === 0 ? undefined : { ...line, words: words.join(', ') }
}

/** The same as it is written; `name` is the exercise in the form that it is done; on a ladder the `rungs` say how many. */
export function showItemLine({ reps, seconds, load, tempo, note }: Use, name: string, rungs = false): string {
  const count = reps ? `${rungs ? '' : showReps(reps)}${countedWords[reps.counted]}`.trim() : ''
  const much = seconds !== undefined ? formatSeconds(seconds) : count
  const details = [
    load && `${load.kilograms} kg`,
    tempo && `tempo ${showTempo(tempo.figures)}${tempo.from === 'bottom' ? ' from the bottom' : ''}`,
    note,
  ].filter(Boolean)
  return [`${much} ${name}`.trim(), ...details].join(', ')
}
