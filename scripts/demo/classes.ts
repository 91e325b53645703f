import { nanoid } from 'nanoid'
import type { ClassDocument } from '../../src/core/class/class-document'
import type { GroupSize } from '../../src/core/grouping/group-size'
import type { Command, TapKind } from '../../src/core/run/clock/events'
import { dayKey, momentAt, plusDays } from '../../src/core/base/calendar/zoned'
import { demoHall } from './hall'
import { demoPeople } from './people'
import { demoPlans } from './plans'

const plan = (id: string) => structuredClone(demoPlans.find((plan) => plan.id === id)!)
const people = (from: number, count: number) =>
  Array.from({ length: count }, (_, index) => demoPeople[(from + index) % demoPeople.length]!.id)

const two = (figure: number) => String(figure).padStart(2, '0')

/** The instant at `hour:minute` of the day `days` from `today`, by the hall's clocks. */
export const on = (today: Date, days: number, hour: number, minute: number) =>
  momentAt(plusDays(dayKey(today, demoHall.timeZone), days), `${two(hour)}:${two(minute)}`, demoHall.timeZone)

export interface DemoClass {
  id: string
  document: ClassDocument
}

export const aClass = (
  id: string,
  name: string,
  startsAt: Date,
  roomId: string,
  planId: string,
  here: string[],
  groupSize: GroupSize,
  spots?: [x: number, y: number][],
): DemoClass => ({
  id,
  document: {
    name,
    startsAt: startsAt.toISOString(),
    roomId,
    plan: plan(planId),
    here,
    walkIns: [],
    groupSize,
    ...(spots && { spots: spots.map(([x, y]) => ({ x, y })) }),
  },
})

export const scored = (demo: DemoClass): DemoClass => ({ ...demo, document: { ...demo.document, scores: true, ownTaps: true } })

/** Round the Kiln Floor, clear of its pillars and exits. */
const lunchSpots: [x: number, y: number][] = [
  [1.5, 1.5],
  [7.5, 1.5],
  [13, 1.5],
  [16.5, 3.75],
  [10.25, 4],
  [10.75, 7],
  [5, 9.5],
  [1.5, 8],
]

/** Classes of different shape: today and the days after. */
export const demoClasses = (today: Date): DemoClass[] => [
  aClass('demo-early', 'Early Two Halves', on(today, 0, 6, 30), 'kiln-floor', 'early-two-halves', people(16, 11), 'pairs'),
  aClass('demo-lunch', 'Lunch Loop', on(today, 0, 12, 5), 'kiln-floor', 'lunch-loop', people(0, 16), 'pairs', lunchSpots),
  aClass('demo-sixties', 'Steady Over-60s', on(today, 0, 14, 30), 'drying-loft', 'steady-sixties', people(22, 12), 'solo'),
  aClass('demo-evening', 'Evening Blocks', on(today, 0, 18, 45), 'kiln-floor', 'evening-blocks', people(8, 14), 'fit'),
  aClass('demo-short', 'Long and Short', on(today, 1, 17, 15), 'drying-loft', 'long-short', people(4, 9), 'solo'),
  scored(aClass('demo-bricks', 'Brick by Brick', on(today, 2, 19, 0), 'kiln-floor', 'brick-by-brick', people(2, 8), 'solo')),
]

export interface DemoRun {
  document: DemoClass
  /** Seconds from the start of the class to each command. */
  commands: [seconds: number, command: Command][]
}

/** Phases of Brick by Brick: its rounds, and its ladder. */
const rounds = { phase: 4, start: 220 }
const ladder = { phase: 6, start: 980 }

/** What people were tapped as having done in Brick by Brick: the ends of their rounds and their time on the ladder, in seconds of each. */
export function bricks(begin: number, done: Record<string, { rounds: number; each: number; ladder?: number }>): DemoRun['commands'] {
  const tap = (personId: string, list: typeof rounds, second: number, what: TapKind): DemoRun['commands'][number] => [
    begin + 10 + list.start + second,
    { type: 'tap', personIds: [personId], what, when: { phase: list.phase, elapsed: Math.round(second * 1000) } },
  ]
  const taps = Object.entries(done).flatMap(([personId, their]) => [
    ...Array.from({ length: their.rounds }, (_, round) => tap(personId, rounds, 15 + their.each * (round + 1), 'round')),
    ...(their.ladder === undefined ? [] : [tap(personId, ladder, their.ladder, 'finish')]),
  ])
  const slowest = Math.max(...Object.values(done).map((their) => their.ladder ?? 0))
  const over: DemoRun['commands'] = [[begin, { type: 'start' }], ...taps, [begin + 10 + ladder.start + slowest + 4, { type: 'skip' }]]
  return over.sort(([a], [b]) => a - b)
}

/** Classes of the days before, with what was pressed in them. */
export const demoRuns = (today: Date): DemoRun[] => [
  {
    document: aClass('demo-past-lunch', 'Lunch Loop', on(today, -2, 12, 5), 'kiln-floor', 'lunch-loop', people(1, 15), 'pairs'),
    commands: [
      [65, { type: 'start' }],
      [780, { type: 'pause' }],
      [824, { type: 'resume' }],
    ],
  },
  {
    document: aClass(
      'demo-past-sixties',
      'Steady Over-60s',
      on(today, -3, 14, 30),
      'drying-loft',
      'steady-sixties',
      people(22, 10),
      'solo',
    ),
    commands: [
      [20, { type: 'start' }],
      [300, { type: 'extend', seconds: 30 }],
      [1500, { type: 'skip' }],
    ],
  },
  {
    document: aClass(
      'demo-past-early',
      'Early Two Halves',
      on(today, -6, 6, 30),
      'kiln-floor',
      'early-two-halves',
      people(14, 12),
      'pairs',
    ),
    commands: [
      [140, { type: 'start' }],
      [1500, { type: 'finish' }],
    ],
  },
  {
    document: scored(
      aClass('demo-past-bricks', 'Brick by Brick', on(today, -5, 19, 0), 'kiln-floor', 'brick-by-brick', people(2, 7), 'solo'),
    ),
    commands: bricks(45, {
      tove: { rounds: 6, each: 104, ladder: 131 },
      kwabena: { rounds: 6, each: 101, ladder: 127 },
      ilse: { rounds: 5, each: 121, ladder: 192 },
      ruaridh: { rounds: 5, each: 126, ladder: 171 },
      anselm: { rounds: 4, each: 148 },
      noor: { rounds: 5, each: 119, ladder: 158 },
      petra: { rounds: 5, each: 110, ladder: 140 },
    }),
  },
  {
    document: scored(
      aClass('demo-earlier-bricks', 'Brick by Brick', on(today, -12, 19, 0), 'kiln-floor', 'brick-by-brick', people(2, 7), 'solo'),
    ),
    commands: bricks(70, {
      tove: { rounds: 5, each: 112, ladder: 139 },
      kwabena: { rounds: 6, each: 104, ladder: 126 },
      ilse: { rounds: 4, each: 138, ladder: 205 },
      ruaridh: { rounds: 5, each: 128, ladder: 180 },
      noor: { rounds: 5, each: 124, ladder: 169 },
      petra: { rounds: 5, each: 117, ladder: 152 },
    }),
  },
]

export const commandId = () => nanoid()
