import { libraryExercises } from '../scripts/library/exercises'
import { finishSeconds, itemSeconds, roundSeconds, whoseAmong, type Estimate, type Paces } from '../src/core/pace/pace'
import { pacesOf } from '../src/core/class/compute'
import { Task, Use } from '../src/core/plan/plan'
import type { Level } from '../src/core/library/level'
import { formatSeconds } from '../src/core/base/units'

let counter = 0
const use = (more: object) => Use.parse({ id: `u${counter++}`, exerciseId: 'anything', ...more })
const reps = (count: number, exerciseId = 'anything') => use({ exerciseId, reps: { count } })
const task = (more: object = {}) => Task.parse({ kind: 'task', goal: 'finish', ...more })
const of = (levels: Level[]): Paces => ({ ...pacesOf({ exercises: libraryExercises }), whose: whoseAmong(levels) })
const machine = () => use({ seconds: 90 })
/** How many of an exercise somebody of each level does in an interval, after so many minutes of class. */
function repsIn(seconds: number, exerciseId: string, minutes: number): Estimate {
  const paces = of([])
  const each = itemSeconds(reps(1, exerciseId), paces)
  const slowed = (end: keyof Estimate) => each[end] * (1 + (paces.slowingPercent[end] / 100) * minutes)
  return { low: seconds / slowed('high'), typical: seconds / slowed('typical'), high: seconds / slowed('low') }
}

interface Row {
  what: string
  /** Whether the paces were set by it. */
  set: boolean
  seen: [number, number]
  model: Estimate
  inSeconds: boolean
}

/** What coaches have seen (common practice), and what the model of pace says of it. */
const rows = (): Row[] => [
  {
    what: 'five exercises of 20 reps, most people',
    set: true,
    seen: [235, 245],
    model: finishSeconds(
      task(),
      Array.from({ length: 5 }, () => reps(20)),
      of([]),
    ),
    inSeconds: true,
  },
  {
    what: '50, 40, 30, 20, 10 for time, the trained',
    set: true,
    seen: [140, 160],
    model: finishSeconds(
      task(),
      [50, 40, 30, 20, 10].map((count) => reps(count)),
      of(['trained']),
    ),
    inSeconds: true,
  },
  {
    what: 'led ladder 10-8-6-4-2 of eight, 15 s between',
    set: true,
    seen: [640, 780],
    model: finishSeconds(
      task({ rungs: [10, 8, 6, 4, 2], rungRestSeconds: 15, rungClock: { led: true } }),
      Array.from({ length: 8 }, () => reps(1)),
      of([]),
    ),
    inSeconds: true,
  },
  {
    what: 'a round of machine and floor, a newcomer',
    set: false,
    seen: [690, 750],
    model: roundSeconds(
      task(),
      [machine(), reps(20), machine(), reps(15), machine(), use({ seconds: 60 }), machine(), reps(20), machine(), reps(15)],
      of(['newcomer']),
    ),
    inSeconds: true,
  },
  { what: 'burpees in 45 s, first lap', set: true, seen: [12, 18], model: repsIn(45, 'burpee', 2), inSeconds: false },
  { what: 'burpees in 45 s, third lap', set: false, seen: [10, 12], model: repsIn(45, 'burpee', 20), inSeconds: false },
  { what: 'walk-out push-ups in 30 s', set: true, seen: [8, 10], model: repsIn(30, 'walk-out', 4), inSeconds: false },
]

/** How far the typical figure is outside what was seen, in per cent of the nearer end. */
function miss({ seen: [least, most], model: { typical } }: Row): number {
  if (typical >= least && typical <= most) return 0
  return typical < least ? (typical / least - 1) * 100 : (typical / most - 1) * 100
}

/** The model of pace beside what coaches have seen: rows that it was set by, and rows that it was not. */
export function benchPace(): void {
  console.log('\nPace: what coaches have seen, and what the model says (quickest, most people, slowest)')
  for (const row of rows()) {
    const shown = (value: number) => (row.inSeconds ? formatSeconds(Math.round(value)) : value.toFixed(1))
    const { low, typical, high } = row.model
    const off = miss(row)
    console.log(
      `  ${row.set ? 'set by  ' : 'held out'} ${row.what}: seen ${row.seen.map(shown).join(' to ')}, model ${[low, typical, high].map(shown).join(', ')}${off === 0 ? '' : ` (${off > 0 ? '+' : ''}${off.toFixed(0)} %)`}`,
    )
  }
}
