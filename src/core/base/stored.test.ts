import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { shapes } from '../../../tests/fixtures/shapes'
import { snapshotOf } from '../../../tests/fixtures/demo-run'
import { presentFormat, readStored, type DocumentKind } from './stored'
import { snapshotKind } from '../run/room/snapshot-schema'
import { Plan, type PlanInput } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import type { Timeline } from '../timeline/phase'
import { TimelineSchema } from '../timeline/schema'

/** A made-up kind that is in its third format: a name was split, then a size added. */
const kind: DocumentKind<{ first: string; last: string; size: number }> = {
  what: 'thing',
  schema: z.strictObject({ first: z.string(), last: z.string(), size: z.number() }),
  forward: [
    (old) => {
      const [first, last] = (old as { name: string }).name.split(' ')
      return { first, last }
    },
    (old) => ({ ...(old as object), size: 1 }),
  ],
}

describe('a stored document', () => {
  it('of every earlier format is brought forward, step by step', () => {
    const now = { first: 'Red', last: 'Brick', size: 1 }
    expect(readStored(kind, 1, { name: 'Red Brick' })).toEqual({ ok: true, value: now })
    expect(readStored(kind, 2, { first: 'Red', last: 'Brick' })).toEqual({ ok: true, value: now })
    expect(readStored(kind, 3, now)).toEqual({ ok: true, value: now })
  })

  it('that cannot be read is refused in words that name what is wrong', () => {
    expect(readStored(kind, 4, {})).toMatchObject({ problems: [{ code: 'unreadable', message: expect.stringContaining('newer Vicinor') }] })
    expect(readStored(kind, 1, null)).toMatchObject({ problems: [{ code: 'unreadable', message: expect.stringContaining('format 1') }] })
    expect(readStored(kind, 3, { first: 'Red', last: 7, size: 1 })).toMatchObject({ problems: [{ code: 'unreadable', field: 'last' }] })
  })

  it('of a run is read as it was written, for every class of the demo', () => {
    for (const id of ['demo-early', 'demo-lunch', 'demo-sixties', 'demo-evening', 'demo-short', 'demo-bricks']) {
      const stored = JSON.parse(JSON.stringify(snapshotOf(id))) as unknown
      expect(readStored(snapshotKind, presentFormat(snapshotKind), stored), id).toEqual({ ok: true, value: stored })
    }
  })
})

describe('the schema of a timeline', () => {
  const timelineOf = (plan: PlanInput): Timeline => {
    const made = compileTimeline(Plan.parse(plan))
    if (!made.ok) throw new Error(made.problems[0]!.message)
    return made.value
  }

  it('takes every shape of class', () => {
    for (const { id, plan } of shapes)
      expect(TimelineSchema.safeParse(JSON.parse(JSON.stringify(timelineOf(plan)))).error, id).toBeUndefined()
  })

  it('refuses holes, wrong numbers and totals, and bare phases, at their field', () => {
    const wrong = (change: (timeline: Timeline) => void) => {
      const timeline = timelineOf(shapes[0]!.plan)
      change(timeline)
      return TimelineSchema.safeParse(timeline).error?.issues[0]?.path.join('.')
    }
    expect(wrong((timeline) => (timeline.phases[3]!.start += 1))).toBe('phases.3.start')
    expect(wrong((timeline) => (timeline.phases[3]!.index = 7))).toBe('phases.3.index')
    expect(wrong((timeline) => (timeline.total += 1))).toBe('total')
    expect(wrong((timeline) => (timeline.phases[0] = { start: 0, seconds: 15 } as never))).toBe('phases.0.partId')
    expect(wrong((timeline) => (timeline.phases[0]!.changeAt = timeline.phases[0]!.seconds))).toBe('phases.0.changeAt')
  })
})
