import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { againIn, duplicateOf, plannedLike } from './again'
import { ClassDocument } from './class-document'

const lunch = demoClasses(new Date(2026, 9, 20)).find(({ id }) => id === 'demo-lunch')!.document

describe('a class again', () => {
  it('is at the same time of day, also where the clocks change between', () => {
    const before = { ...lunch, startsAt: '2026-10-20T16:00:00.000Z' }
    // Summer time ends in Berlin on 25 October 2026.
    expect(againIn(before, 1, 'Europe/Berlin').startsAt).toBe('2026-10-27T17:00:00.000Z')
    expect(againIn(before, 1, 'UTC').startsAt).toBe('2026-10-27T16:00:00.000Z')
    expect(againIn(before, 3, 'UTC')).toMatchObject({ here: before.here, plan: before.plan })
  })

  it('a second time, it is told apart and still one that can be stored', () => {
    expect(duplicateOf(lunch).name).toBe('Lunch Loop copy')
    expect(ClassDocument.safeParse(duplicateOf({ ...lunch, name: 'x'.repeat(80) })).success).toBe(true)
  })

  it('one of a series takes over the plan of another, and keeps its own day and people', () => {
    const other: ClassDocument = {
      ...againIn(lunch, 2, 'UTC'),
      here: lunch.here.slice(0, 3),
      name: 'Old',
      groupSize: 'trios',
      scores: true,
    }
    const like = plannedLike(other, { ...lunch, groupSize: 'pairs', ownTaps: true })
    expect(like).toMatchObject({ name: lunch.name, startsAt: other.startsAt, here: other.here, groupSize: 'pairs', ownTaps: true })
    expect(like).not.toHaveProperty('scores')
    expect(ClassDocument.safeParse(like).success).toBe(true)
  })
})
