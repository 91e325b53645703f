import type { z } from 'zod'
import { limits } from '../../base/limits'
import type { Tempo, Use } from '../plan'

/** How figures of a plan are written by hand. Each reader returns `undefined` for what it cannot read. */

const whole = (text: string): number | undefined => (/^\d{1,4}$/.test(text) ? Number(text) : undefined)

/** `"10-8-6-4-2"` or `"10, 8, 6"` → the figures of a ladder. */
export function readRungs(text: string): number[] | undefined {
  const figures = text
    .split(/[\s,–-]+/)
    .filter(Boolean)
    .map(whole)
  if (
    figures.length === 0 ||
    figures.length > limits.sets ||
    figures.some((figure) => figure === undefined || figure < 1 || figure > limits.reps)
  )
    return undefined
  return figures as number[]
}

export const showRungs = (rungs: readonly number[]): string => rungs.join('-')

type TempoFigures = z.infer<typeof Tempo>['figures']

/** `"4-2-1-0"` → lower, hold, raise, hold. */
export function readTempo(text: string): TempoFigures | undefined {
  const figures = text
    .split(/[\s,–-]+/)
    .filter(Boolean)
    .map(whole)
  if (figures.length !== 4 || figures.some((figure) => figure === undefined || figure > 60) || figures.every((figure) => figure === 0))
    return undefined
  return figures as TempoFigures
}

export const showTempo = (figures: TempoFigures): string => figures.join('-')

type Cycle = NonNullable<Use['inner']>['cycle']

/** `"5 squats + 3 jumps"` → a small cycle inside an interval. */
export function readCycle(text: string): Cycle | undefined {
  const steps = text.split('+').map((part) => /^\s*(\d{1,4})\s+(\S.*?)\s*$/.exec(part))
  if (
    steps.length > limits.positions ||
    steps.some((step) => !step || Number(step[1]) < 1 || Number(step[1]) > limits.reps || step[2]!.length > limits.nameLength)
  )
    return undefined
  return steps.map((step) => ({ count: Number(step![1]), name: step![2]! }))
}

export const showCycle = (cycle: Cycle): string => cycle.map((each) => `${each.count} ${each.name}`).join(' + ')

/** `"1, 4"` → laps counted from 1, as indices from 0. */
export function readLaps(text: string): number[] | undefined {
  const laps = text
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(whole)
  if (laps.some((lap) => lap === undefined || lap < 1 || lap > limits.laps)) return undefined
  return [...new Set(laps as number[])].map((lap) => lap - 1)
}

export const showLaps = (laps: readonly number[]): string => laps.map((lap) => lap + 1).join(', ')
