import { limits } from '../../base/limits'
import type { Seconds } from '../../base/units'
import { withoutPosition } from '../../plan/edit/circuit'
import type { Circuit, Intervals, Task } from '../../plan/plan'
import type { Clause, NumberSlot, Said } from './said'

/** The longest that one figure of a sentence may be. */
export const mostSeconds: Seconds = limits.totalSeconds

type OfStay<Stay> = (circuit: Circuit, change: (stay: Stay) => Stay) => Circuit

const ofIntervals: OfStay<Intervals> = (circuit, change) =>
  circuit.stay.kind === 'intervals' ? { ...circuit, stay: change(circuit.stay) } : circuit
const ofTask: OfStay<Task> = (circuit, change) => (circuit.stay.kind === 'task' ? { ...circuit, stay: change(circuit.stay) } : circuit)

const time = (slot: string, label: string, value: Seconds, set: NumberSlot<Circuit>['set'], least = 1): NumberSlot<Circuit> => ({
  kind: 'time',
  slot,
  label,
  value,
  least,
  most: mostSeconds,
  set,
})

/** What is worked by the clock: sets, work of each exercise, and the breaks within a stay. */
export function intervalClauses({ workSeconds, gapSeconds, sets, setRestSeconds }: Intervals): Clause<Circuit>[] {
  const several = workSeconds.length > 1
  const clauses: Clause<Circuit>[] = []
  if (sets > 1)
    clauses.push({
      id: 'sets',
      said: [
        {
          kind: 'count',
          slot: 'sets',
          label: 'Sets',
          value: sets,
          least: 2,
          most: limits.sets,
          set: (circuit, value) => ofIntervals(circuit, (stay) => ({ ...stay, sets: value })),
        },
        ' sets of ',
      ],
      without: (circuit) => ofIntervals(circuit, (stay) => ({ ...stay, sets: 1, setRestSeconds: 0, ...(!several && { gapSeconds: 0 }) })),
    })
  workSeconds.forEach((seconds, position) => {
    const set = (circuit: Circuit, value: Seconds) =>
      ofIntervals(circuit, (stay) => ({ ...stay, workSeconds: stay.workSeconds.map((was, at) => (at === position ? value : was)) }))
    clauses.push({
      id: `work.${position}`,
      said: [position > 0 ? ' + ' : '', time(`work.${position}`, several ? `Work ${position + 1}` : 'Work', seconds, set)],
      ...(position > 0 && { without: (circuit: Circuit) => withoutPosition(circuit, position) }),
    })
  })
  clauses.push({ id: 'works', said: [' work'] })
  if (gapSeconds > 0)
    clauses.push({
      id: 'gap',
      said: [
        ' with ',
        time('gap', several ? 'Between exercises' : 'Between sets', gapSeconds, (circuit, value) =>
          ofIntervals(circuit, (stay) => ({ ...stay, gapSeconds: value })),
        ),
        several && sets > 1 ? ' between exercises' : ' between',
      ],
      without: (circuit) => ofIntervals(circuit, (stay) => ({ ...stay, gapSeconds: 0 })),
    })
  if (setRestSeconds > 0)
    clauses.push({
      id: 'setRest',
      said: [
        gapSeconds > 0 ? ' and ' : ' with ',
        time('setRest', 'After each set', setRestSeconds, (circuit, value) =>
          ofIntervals(circuit, (stay) => ({ ...stay, setRestSeconds: value })),
        ),
        ' after each set',
      ],
      without: (circuit) => ofIntervals(circuit, (stay) => ({ ...stay, setRestSeconds: 0 })),
    })
  return clauses
}

const goals = { rounds: 'as many rounds as they can in', within: 'to the end, within', end: 'to the end' } as const
type Goal = keyof typeof goals

const goalOf = ({ goal, capSeconds }: Task): Goal => (goal === 'cap' ? 'rounds' : capSeconds === undefined ? 'end' : 'within')

function withGoal(stay: Task, goal: Goal): Task {
  const { capSeconds, ...rest } = stay
  if (goal === 'end') return { ...rest, goal: 'finish' }
  return { ...rest, goal: goal === 'rounds' ? 'cap' : 'finish', capSeconds: capSeconds ?? 300 }
}

/** What a list says of itself: an opener, a ladder, and when it ends. */
export function listClauses(stay: Task, rotates: boolean): Clause<Circuit>[] {
  const clauses: Clause<Circuit>[] = []
  if (stay.openerCount > 0)
    clauses.push({
      id: 'opener',
      said: [
        'the first ',
        {
          kind: 'count',
          slot: 'opener',
          label: 'Done once at first',
          value: stay.openerCount,
          least: 1,
          most: limits.uses,
          set: (circuit, value) => ofTask(circuit, (task) => ({ ...task, openerCount: value })),
        },
        ' once, then ',
      ],
      without: (circuit) => ofTask(circuit, (task) => ({ ...task, openerCount: 0 })),
    })
  if (stay.rungs) clauses.push(...ladderClauses(stay, stay.rungs))
  if (!stay.rungClock) clauses.push({ id: 'goal', said: goalSaid(stay, rotates) })
  return clauses
}

function ladderClauses(stay: Task, rungs: readonly number[]): Clause<Circuit>[] {
  const led = stay.rungClock
  return [
    {
      id: 'rungs',
      said: [
        {
          kind: 'rungs',
          slot: 'rungs',
          label: 'Rungs',
          value: rungs,
          set: (circuit, value) => ofTask(circuit, (task) => ({ ...task, rungs: [...value] })),
        },
        led ? ' of each' : ' of each, ',
      ],
      ...(!led && { without: (circuit: Circuit) => ofTask(circuit, ({ rungs: _, ...task }) => ({ ...task, rungRestSeconds: 0 })) }),
    },
    ...(led ? [rungClockClause(led)] : []),
    ...(stay.rungRestSeconds > 0
      ? [
          {
            id: 'rungRest',
            said: [
              led ? ' with ' : '',
              time('rungRest', 'Between rungs', stay.rungRestSeconds, (circuit, value) =>
                ofTask(circuit, (task) => ({ ...task, rungRestSeconds: value })),
              ),
              led ? ' between' : ' between rungs, ',
            ],
            without: (circuit: Circuit) => ofTask(circuit, (task) => ({ ...task, rungRestSeconds: 0 })),
          },
        ]
      : []),
  ]
}

function rungClockClause(led: NonNullable<Task['rungClock']>): Clause<Circuit> {
  if (led.seconds === undefined) return { id: 'rungOpen', said: [', each until the coach goes on'] }
  return {
    id: 'rungClock',
    said: [
      ', ',
      time('rungClock', 'A rung', led.seconds, (circuit, seconds) =>
        ofTask(circuit, (task) => ({ ...task, rungClock: { led: true, seconds } })),
      ),
      ' a rung',
    ],
    without: (circuit) => ofTask(circuit, (task) => ({ ...task, rungClock: { led: true } })),
  }
}

function goalSaid(stay: Task, rotates: boolean): Said<Circuit>[] {
  const goal = goalOf(stay)
  const possible: Goal[] = rotates ? ['rounds', 'within'] : ['rounds', 'within', 'end']
  return [
    {
      kind: 'choice',
      slot: 'goal',
      label: 'How far',
      value: goal,
      choices: possible.map((value) => ({ value, words: goals[value] })),
      set: (circuit, value) => ofTask(circuit, (task) => withGoal(task, value as Goal)),
    },
    ...(stay.capSeconds === undefined
      ? []
      : [' ', time('cap', 'Time cap', stay.capSeconds, (circuit, capSeconds) => ofTask(circuit, (task) => ({ ...task, capSeconds })))]),
  ]
}

/** How many rounds a list aims at. */
export const aimClauses = (stay: Task): Clause<Circuit>[] =>
  stay.aimRounds === undefined
    ? []
    : [
        {
          id: 'aim',
          said: [
            ', aiming at ',
            {
              kind: 'count',
              slot: 'aim',
              label: 'Rounds to aim at',
              value: stay.aimRounds,
              least: 1,
              most: limits.reps,
              set: (circuit, aimRounds) => ofTask(circuit, (task) => ({ ...task, aimRounds })),
            },
            stay.aimRounds === 1 ? ' round' : ' rounds',
          ],
          without: (circuit) => ofTask(circuit, ({ aimRounds: _, ...task }) => task),
        },
      ]
