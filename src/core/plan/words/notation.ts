import type { z } from 'zod'
import { limits } from '../../base/limits'
import type { Dose, Tempo, Use } from '../plan'

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

type RepFigures = Omit<NonNullable<Use['reps']>, 'counted'>

/** `"12"`, `"8–10"`, `"max 12–18"`: a number of reps, from one to another, or as many as one can with what is to be expected. */
export function readReps(text: string): RepFigures | undefined {
  const found = /^\s*(max\s+)?(\d{1,4})(?:\s*[-–]\s*(\d{1,4}))?\s*$/i.exec(text)
  if (!found) return undefined
  const [, open, from, to] = found
  const [count, most] = [Number(from), to === undefined ? undefined : Number(to)]
  if (count < 1 || count > limits.reps || (most !== undefined && (most <= count || most > limits.reps))) return undefined
  return { count, ...(most !== undefined && { most }), ...(open && { open: true }) }
}

export const showReps = ({ count, most, open }: RepFigures): string =>
  `${open ? 'max ' : ''}${count}${most === undefined ? '' : `–${most}`}`

type DoseFigures = z.infer<typeof Dose>

/** What may be said of a level, each once, in any order: how it is written, and what it sets. */
const doses: { pattern: RegExp; field: keyof DoseFigures; show: (value: number) => string; most: number }[] = [
  { pattern: /^(\d{1,4})(?: reps?)?$/i, field: 'reps', show: (value) => String(value), most: limits.reps },
  { pattern: /^(\d{1,4}) ?s$/i, field: 'seconds', show: (value) => `${value} s`, most: 3600 },
  { pattern: /^(\d{1,4}) rounds?$/i, field: 'rounds', show: (value) => `${value} ${value === 1 ? 'round' : 'rounds'}`, most: limits.laps },
  { pattern: /^(\d{1,4}) laps?$/i, field: 'laps', show: (value) => `${value} ${value === 1 ? 'lap' : 'laps'}`, most: limits.laps },
  { pattern: /^rest (\d{1,4}) ?s$/i, field: 'restSeconds', show: (value) => `rest ${value} s`, most: 3600 },
]

/** `"6, 2 laps"`, `"20 s"`, `"3 rounds, rest 15 s"`: what somebody of a level does instead. */
export function readDose(text: string): DoseFigures | undefined {
  const dose: DoseFigures = {}
  for (const part of text.split(',').map((piece) => piece.trim())) {
    const known = doses.find(({ pattern }) => pattern.test(part))
    const value = Number(known?.pattern.exec(part)![1])
    if (!known || dose[known.field] !== undefined || value < 1 || value > known.most) return undefined
    dose[known.field] = value
  }
  return dose
}

export const showDose = (dose: DoseFigures): string =>
  doses.flatMap(({ field, show }) => (dose[field] === undefined ? [] : [show(dose[field])])).join(', ')

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

export const showCycle = (cycle: Cycle): string => cycle.map((step) => `${step.count} ${step.name}`).join(' + ')

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
