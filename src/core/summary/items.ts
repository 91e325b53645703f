import { midSentence } from '../base/mid-sentence'
import type { RepCount, Task, Use } from '../plan/plan'
import type { z } from 'zod'
import { finishSeconds, roundsWithin, type Estimate, type Paces } from '../pace/pace'
import { repsWithin, tempoSeconds } from '../pace/tempo'
import { formatSeconds, type Seconds } from '../base/units'

const counts: Record<z.infer<typeof RepCount>, string> = {
  total: '',
  eachSide: ' each side',
  thereAndBack: ' there and back',
  twoCountsOne: ', two counts make one',
}

/** `10`, `8–10`; open ones as `as many as you can, 12–18`. */
export function repsText({ count, most, open }: NonNullable<Use['reps']>): string {
  const figures = most === undefined || most === count ? String(count) : `${count}–${most}`
  return open ? `as many as you can, ${most === undefined ? 'about ' : ''}${figures}` : figures
}

/**
 * An item of a self-paced list as it is read out: `20 push-up`, `8 lunge each side`, `0:60 plank`; `onRungs`, without the figure,
 * which the rungs say.
 */
export function itemText(use: Use, name: string, onRungs = false): string {
  const how = ['', ...detailsOf({ ...use, reps: undefined })].join(', ')
  if (use.seconds !== undefined) return `${formatSeconds(use.seconds)} ${midSentence(name)}${how}`
  if (!use.reps) return `${name}${how}`
  if (use.reps.open) return `${name}, ${repsText(use.reps)}${counts[use.reps.counted]}${how}`
  return `${onRungs ? '' : `${repsText(use.reps)} `}${midSentence(name)}${counts[use.reps.counted]}${how}`
}

/**
 * How an exercise is done, beyond its name: reps and how they are called, tempo, load, effort, machine, inner cycle. `seconds` are
 * the interval's.
 */
export function detailsOf(use: Use, seconds?: Seconds): string[] {
  const rep = tempoSeconds(use)
  const texts = [
    use.reps && `${repsText(use.reps)}${use.reps.open ? '' : ' reps'}${counts[use.reps.counted]}`,
    use.inner &&
      `${use.inner.cycle.map((step) => `${step.count} ${step.name}`).join(' + ')}${use.inner.aim ? `, aim ${use.inner.aim} times` : ''}`,
    use.tempo &&
      `tempo ${use.tempo.figures.join('-')} from the ${use.tempo.from}${rep && seconds ? ` (${repsWithin(seconds, rep)} reps)` : ''}`,
    use.load && `${use.load.kilograms} kg`,
    use.effort,
    use.machine,
  ]
  return texts.filter((text) => text !== undefined && text !== '') as string[]
}

const rounds = (value: number) => (value >= 10 ? String(Math.floor(value)) : (Math.floor(value * 2) / 2).toFixed(1).replace('.0', ''))

/** What a self-paced stay comes to: how many rounds its cap allows, or how long it takes to finish. */
export function paceText(stay: Task, uses: readonly Use[], paces: Paces): string {
  if (stay.goal === 'finish') return `about ${rangeText(finishSeconds(stay, uses, paces))} to finish`
  const within = stay.capSeconds === undefined ? undefined : roundsWithin(stay.capSeconds, stay, uses, paces)
  if (!within) return ''
  const aim =
    stay.aimRounds === undefined
      ? ''
      : stay.aimRounds > within.high
        ? `; ${stay.aimRounds} are out of reach`
        : `; the aim is ${stay.aimRounds}`
  const one = rounds(within.typical) === '1'
  const [low, high] = [rounds(within.low), rounds(within.high)]
  return `about ${rounds(within.typical)} ${one ? 'round' : 'rounds'}${low === high ? '' : ` for most (${low} to ${high})`}${aim}`
}

/** `3:20 to 5:00, most 4:00`. */
export const rangeText = ({ low, typical, high }: Estimate): string =>
  `${formatSeconds(typical)} (${formatSeconds(low)} to ${formatSeconds(high)})`
