import { intervals } from '../plan/edit/make'
import type { Circuit, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import type { Paces } from '../pace/pace'
import type { Seconds } from '../base/units'
import { withTiming, type Timing } from './timing'

/** The class's total for work, laps and lap rest. */
export type Totals = (workSeconds: Seconds, laps: number, lapRestSeconds: Seconds) => Seconds

/** Longer than any break that a lap rest of `circuit` can meet, so that it stands wherever it meets one. */
function longRestOf({ stay, stations, transition, vary }: Circuit, transitionSeconds: Seconds): Seconds {
  const breaks = [stay, ...stations.map((station) => station.stay)].flatMap((known) =>
    known?.kind === 'intervals' ? [known.gapSeconds, known.setRestSeconds] : [],
  )
  const varied = vary.flatMap(({ value }) => (typeof value === 'number' ? [value] : []))
  return 1 + Math.max(transition.seconds, transitionSeconds, ...breaks, ...varied)
}

/** The circuit with next to nothing to do for the wave that waits: the stations alone tell its length. */
const withoutList = (circuit: Circuit): Circuit =>
  circuit.waves
    ? {
        ...circuit,
        waves: {
          meanwhile: {
            ...circuit.waves.meanwhile,
            laps: 1,
            stations: [{ ...circuit.waves.meanwhile.stations[0]!, stay: undefined, skipLaps: [], uses: [] }],
            stay: intervals([1]),
            vary: [],
          },
        },
      }
    : circuit

/**
 * The class's total as a function of the numbers of `circuits`, for one transition; `undefined` where the plan does not compile.
 *
 * With the transition given, the total is e + laps·(n·work + p) + (a + b·laps)·max(lapRest, B), where B is the break that a lap
 * rest merges with: a handful of compilations tell all of it. Where laps are fixed (`lapsFixed`), they are compiled as they are.
 */
export function totalsFor(
  plan: Plan,
  circuits: readonly Circuit[],
  now: Timing,
  transitionSeconds: Seconds,
  lapsFixed: boolean,
  paces: Paces,
): Totals | undefined {
  const base = { ...now, transitionSeconds }
  const bare = circuits.map(withoutList)
  const longRest = Math.max(...bare.map((circuit) => longRestOf(circuit, transitionSeconds)))
  const totalOf = (timing: Partial<Timing>): Seconds => {
    const timeline = compileTimeline(withTiming(plan, bare, { ...base, ...timing }), paces)
    return timeline.ok ? timeline.value.total : NaN
  }
  const at = (laps: number) => restCurve((lapRestSeconds) => totalOf({ laps, lapRestSeconds }), longRest)
  if (lapsFixed) {
    const now = at(base.laps)
    const works = totalOf({ workSeconds: base.workSeconds + 1 }) - totalOf({})
    if (Number.isNaN(works + now(0))) return undefined
    return (work, _, lapRest) => now(lapRest) + works * (work - base.workSeconds)
  }
  const [one, two] = [at(1), at(2)]
  const works = totalOf({ laps: 1, workSeconds: base.workSeconds + 1 }) - totalOf({ laps: 1 })
  if (Number.isNaN(works + one(0) + two(0))) return undefined
  return (work, laps, lapRest) => one(lapRest) + (laps - 1) * (two(lapRest) - one(lapRest)) + laps * works * (work - base.workSeconds)
}

/**
 * A total as it follows from the lap rest, when that has no effect until it is longer than the break it merges with: less than
 * `longRest`.
 */
function restCurve(totalOf: (lapRest: Seconds) => Seconds, longRest: Seconds): (lapRest: Seconds) => Seconds {
  const least = totalOf(0)
  const long = totalOf(longRest)
  const rests = totalOf(longRest + 1) - long
  if (rests === 0) return () => least
  const from = longRest - (long - least) / rests
  return (lapRest) => least + rests * Math.max(0, lapRest - from)
}
