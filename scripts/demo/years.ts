import { randomFrom } from '../../src/core/base/random'
import type { ClassDocument } from '../../src/core/class/class-document'
import type { Command } from '../../src/core/run/clock/events'
import { aClass, bricks, on, scored, type DemoRun } from './classes'
import { demoPeople } from './people'

/** A class that Kiln Yard has every week, and how it has gone. */
interface Weekly {
  id: string
  name: string
  /** Days after the Monday-like first day of a week of the demo, and the hour. */
  day: number
  at: [hour: number, minute: number]
  roomId: string
  planId: string
  groupSize: ClassDocument['groupSize']
  /** The first of those who come, and how many came two years ago and come now. */
  people: [from: number, then: number, now: number]
  /** How hard they say it is, about. */
  effort: number
}

const weekly: Weekly[] = [
  {
    id: 'early',
    name: 'Early Two Halves',
    day: 0,
    at: [6, 30],
    roomId: 'kiln-floor',
    planId: 'early-two-halves',
    groupSize: 'pairs',
    people: [14, 13, 9],
    effort: 6.5,
  },
  {
    id: 'lunch',
    name: 'Lunch Loop',
    day: 1,
    at: [12, 5],
    roomId: 'kiln-floor',
    planId: 'lunch-loop',
    groupSize: 'pairs',
    people: [0, 9, 16],
    effort: 6,
  },
  {
    id: 'sixties',
    name: 'Steady Over-60s',
    day: 2,
    at: [14, 30],
    roomId: 'drying-loft',
    planId: 'steady-sixties',
    groupSize: 'solo',
    people: [22, 11, 11],
    effort: 4,
  },
  {
    id: 'evening',
    name: 'Evening Blocks',
    day: 2,
    at: [18, 45],
    roomId: 'kiln-floor',
    planId: 'evening-blocks',
    groupSize: 'fit',
    people: [8, 12, 14],
    effort: 7,
  },
  {
    id: 'short',
    name: 'Long and Short',
    day: 3,
    at: [17, 15],
    roomId: 'drying-loft',
    planId: 'long-short',
    groupSize: 'solo',
    people: [4, 7, 9],
    effort: 7,
  },
  {
    id: 'bricks',
    name: 'Brick by Brick',
    day: 4,
    at: [19, 0],
    roomId: 'kiln-floor',
    planId: 'brick-by-brick',
    groupSize: 'solo',
    people: [2, 5, 8],
    effort: 8,
  },
]

/** A run of the years before, and what was put down of it afterwards. */
export interface PastRun extends DemoRun {
  /** Runs of one class with the same people are taken from one snapshot. */
  alike: string
  /** How hard each said it was. */
  efforts: Record<string, number>
  /** What each lifted, in kilograms, where the class has something to lift. */
  loads: Record<string, number>
}

/** Who comes to a class differs in so many ways. */
const ways = 2

/** The runs of so many weeks before the last two, the earliest first: always the same for the same day. */
export function pastRuns(today: Date, weeks: number): PastRun[] {
  const random = randomFrom(1926)
  const runs: PastRun[] = []
  for (let back = weeks + 2; back > 2; back--)
    for (const one of weekly) {
      const share = 1 - (back - 3) / Math.max(1, weeks)
      runs.push(pastRun(today, one, back, share, random))
    }
  return runs
}

type Random = ReturnType<typeof randomFrom>

/** `share`: how far from two years ago, 0, to now, 1. */
function pastRun(today: Date, one: Weekly, back: number, share: number, random: Random): PastRun {
  const [from, then, now] = one.people
  // Steps of a quarter of the way, and one of a few who are away each: so that few snapshots stand for many runs.
  const count = Math.round(then + (now - then) * (Math.round(share * 4) / 4))
  const way = random.below(ways)
  const here = Array.from({ length: count + 1 }, (_, index) => demoPeople[(from + index) % demoPeople.length]!.id).filter(
    (_, index) => index !== (way * 3 + 1) % (count + 1),
  )
  const startsAt = on(today, -7 * back - one.day, ...one.at)
  const document = aClass(`demo-${one.id}-${back}`, one.name, startsAt, one.roomId, one.planId, here, one.groupSize)
  const begin = 20 + random.below(90)
  const isBricks = one.id === 'bricks'
  return {
    document: isBricks ? scored(document) : document,
    alike: `${one.id} ${count} ${way}`,
    commands: isBricks ? bricks(begin, bricksOf(here, share, random)) : pressedIn(one, begin, random),
    efforts: effortsOf(here, one.effort, random),
    loads: one.id === 'evening' ? loadsOf(here, share) : {},
  }
}

/** A start that is late or not, a pause now and then, waits on the way round, and once in a while an early end. */
function pressedIn({ id }: Weekly, begin: number, random: Random): [number, Command][] {
  const commands: [number, Command][] = [[begin, { type: 'start' }]]
  if (random.below(3) === 0) {
    const at = begin + 600 + random.below(300)
    commands.push([at, { type: 'pause' }], [at + 20 + random.below(60), { type: 'resume' }])
  }
  if (id !== 'sixties' && random.below(2) === 0) commands.push([begin + 1100 + random.below(60), { type: 'extend', seconds: 15 }])
  if (random.below(14) === 0) commands.push([begin + 1500 + random.below(120), { type: 'finish' }])
  return commands
}

const pace = { trained: 0.85, regular: 1, newcomer: 1.25 } as const

/** How slow somebody is against the usual, getting quicker over the two years, with a good or a bad day. */
const slownessOf = (id: string, share: number, random: Random): number =>
  pace[demoPeople.find((person) => person.id === id)!.level] * (1.1 - 0.16 * share) * (0.96 + random.next() * 0.08)

function bricksOf(here: string[], share: number, random: Random): Parameters<typeof bricks>[1] {
  return Object.fromEntries(
    here.map((id) => {
      const slowness = slownessOf(id, share, random)
      const each = Math.round(118 * slowness)
      const finishes = slowness < 1.35 || random.below(3) > 0
      return [id, { rounds: Math.min(7, Math.floor(640 / each)), each, ...(finishes && { ladder: Math.round(1600 * slowness) / 10 }) }]
    }),
  )
}

/** Four of five say how hard it was. */
const effortsOf = (here: string[], usual: number, random: Random): Record<string, number> =>
  Object.fromEntries(
    here.flatMap((id) => {
      const effort = Math.round((usual + random.next() * 2.4 - 1.2) * 2) / 2
      return random.below(5) === 0 ? [] : [[id, Math.max(1, Math.min(10, effort))]]
    }),
  )

const steps = [6, 8, 10, 12, 16, 20]

/** A size more every half a year or so. */
const loadsOf = (here: string[], share: number): Record<string, number> =>
  Object.fromEntries(
    here.slice(0, 8).map((id) => {
      const { level } = demoPeople.find((person) => person.id === id)!
      const first = { newcomer: 0, regular: 1, trained: 2 }[level]
      return [id, steps[Math.min(steps.length - 1, first + Math.floor(share * 3.2))]!]
    }),
  )

/** How hard those of the last days say it was: the week was a hard one. */
export const lately = ({ document: { document } }: DemoRun): PastRun['efforts'] =>
  effortsOf(document.here, 7.5, randomFrom(document.here.length))
