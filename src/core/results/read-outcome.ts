import { failure, problem, success, type Result } from '../base/result'
import { readWeight, type WeightUnit } from '../library/weight'
import { Outcome, type Measure, type Value } from './outcome'

/** What a cell of each measure takes, for who typed something else. */
const takes: Record<Measure, string> = {
  time: 'a time such as 2:14.3, or DNF; rounds such as 4+10 where they did not finish',
  rounds: 'rounds and reps, such as 5+12, or 5',
  reps: 'a number of reps',
  load: 'a weight such as 24 kg',
  effort: 'an effort from 0 to 10',
}

/**
 * Reads a result as it is called out and typed; an empty text is none. After the value, or before it, in any order: `dnf`, `scaled`
 * (`s`), `late 0:20`.
 *
 * `readOutcome('2:14.3 s', 'time')` → `{value: {measure: 'time', tenths: 1343}, scaled: true}`
 */
export function readOutcome(text: string, measure: Measure, unit: WeightUnit = 'kg'): Result<Outcome | undefined> {
  let rest = text
    .trim()
    .toLowerCase()
    .replace(/[;,](?!\d)/g, ' ')
  if (rest === '') return success(undefined)
  const taken = (mark: RegExp): RegExpExecArray | null => {
    const found = mark.exec(rest)
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`.trim()
    return found
  }
  const late = taken(/\blate\s*([\d:.]+)/)
  const lateTenths = late ? readTenths(late[1]!) : undefined
  const scaled = taken(/(?<![\p{L}])(scaled|sc|s)(?![\p{L}])/u)
  const stopped = taken(/\b(dnf|did not finish)\b/)
  const value = rest === '' ? undefined : readValue(rest, measure, unit)
  const isWhole = (rest === '' || value !== undefined) && (!late || lateTenths !== undefined)
  // Who did not come to the end of something for time has so many rounds of it.
  const broughtRounds = measure === 'time' && value?.measure === 'rounds'
  const read = Outcome.safeParse({
    ...(value && { value }),
    ...((stopped || broughtRounds) && { didNotFinish: true }),
    ...(scaled && { scaled: true }),
    ...(late && { lateTenths }),
  })
  if (read.success && isWhole) return success(read.data)
  return failure(problem('unread', `"${text.trim()}" cannot be read here: it takes ${takes[measure]}.`))
}

function readValue(text: string, measure: Measure, unit: WeightUnit): Value | undefined {
  switch (measure) {
    case 'time': {
      const tenths = readTenths(text)
      return tenths === undefined ? roundsIn(text, true) : { measure, tenths }
    }
    case 'rounds':
      return roundsIn(text, false)
    case 'reps': {
      const found = /^(\d{1,5})(\s*reps?)?$/.exec(text)
      return found ? { measure, reps: Number(found[1]) } : undefined
    }
    case 'load': {
      const kilograms = readWeight(text, unit)
      return kilograms === undefined ? undefined : { measure, kilograms }
    }
    case 'effort': {
      const found = /^(\d{1,2}(?:[.,]5|[.,]0)?)(\s*\/\s*10)?$/.exec(text)
      return found ? { measure, effort: Number(found[1]!.replace(',', '.')) } : undefined
    }
  }
}

/** `5+12`, `5 + 12`, `5 rounds + 12 reps`; `5` alone, but where a number alone is a time. */
function roundsIn(text: string, withReps: boolean): Value | undefined {
  const found = /^(\d{1,4})\s*(?:r|rounds?)?(?:\s*\+\s*(\d{1,5})(?:\s*reps?)?)?$/.exec(text)
  if (!found || (withReps && found[2] === undefined)) return undefined
  return { measure: 'rounds', rounds: Number(found[1]), reps: Number(found[2] ?? 0) }
}

/** `2:14.3`, `1:02:14`, `134`, `58.6`, in tenths of a second. */
function readTenths(text: string): number | undefined {
  const found = /^(?:(?:(\d{1,2}):)?(\d{1,3}):)?(\d{1,5})(?:[.,](\d))?$/.exec(text.trim())
  if (!found) return undefined
  const [, hours = '0', minutes = '0', seconds, tenth = '0'] = found
  if (found[2] !== undefined && (seconds!.length !== 2 || Number(seconds) > 59)) return undefined
  if (found[1] !== undefined && (minutes.length !== 2 || Number(minutes) > 59)) return undefined
  return (Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds)) * 10 + Number(tenth)
}
