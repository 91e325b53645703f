import { describe, expect, it } from 'vitest'
import { demoGear } from '../../../../scripts/demo/hall'
import { demoPeople } from '../../../../scripts/demo/people'
import { libraryExercises } from '../../../../scripts/library/exercises'
import { computeClass } from '../../class/compute'
import { ClassDocument } from '../../class/class-document'
import type { Use } from '../../plan/plan'
import { listQueues } from './list-queues'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const made = (uses: Partial<Use>[], people: number, stay: object = { kind: 'task', goal: 'cap', capSeconds: 900 }) =>
  ClassDocument.parse({
    name: 'Rounds',
    startsAt: '2026-01-05T10:00:00Z',
    roomId: 'kiln-floor',
    here: demoPeople.slice(0, people).map((person) => person.id),
    walkIns: [],
    groupSize: 'solo',
    plan: {
      id: 'p',
      name: 'P',
      slotSeconds: 1200,
      parts: [
        {
          id: 'a',
          pieces: [
            {
              id: 'c',
              type: 'circuit',
              name: 'Rounds',
              travel: 'together',
              laps: 1,
              stay,
              stations: [{ id: 's', uses: uses.map((use, index) => ({ id: `u${index}`, ...use })) }],
            },
          ],
        },
      ],
    },
  })
const queuesOf = (document: ClassDocument) => listQueues(document, computeClass(document, library), library)

describe('queues of a class', () => {
  const rowed: Partial<Use>[] = [
    { exerciseId: 'row-machine', seconds: 90 },
    { exerciseId: 'push-up', seconds: 60 },
    { exerciseId: 'plank', seconds: 30 },
  ]

  it('eight people, two rowers: 90 of 180 s each round, so four would serve them, and two serve four', () => {
    const [queue] = queuesOf(made(rowed, 8))
    expect(queue!.limit).toEqual({ name: 'Rowing', places: 2, wanted: 4, serves: 4 })
    expect(queue!.items[0]).toMatchObject({ places: 2, expected: 4 })
    expect(queue!.together.crowd[0]).toBe(8)
    const waiting = (waits: number[]) => waits.reduce((sum, value) => sum + value, 0)
    expect(waiting(queue!.spread.waits)).toBeLessThan(waiting(queue!.together.waits))
    expect(queue!.starts).toHaveLength(8)
  })

  it('four people with two rowers, well spread, do not wait', () => {
    const [queue] = queuesOf(made(rowed, 4))
    expect(queue!.limit).toBeUndefined()
    expect(Math.max(...queue!.spread.waits)).toBe(0)
  })

  it('nobody is in the way where there is enough, where the clock moves people on, or where one works alone', () => {
    expect(queuesOf(made([{ exerciseId: 'push-up', seconds: 60 }], 8))).toEqual([])
    expect(queuesOf(made([{ exerciseId: 'row-machine' }], 8, { kind: 'intervals', workSeconds: [60] }))).toEqual([])
    expect(queuesOf(made(rowed, 1))).toEqual([])
  })

  it('what is done once at the opening is no part of the round', () => {
    const [queue] = queuesOf(made(rowed, 8, { kind: 'task', goal: 'cap', capSeconds: 900, openerCount: 1 }))
    expect(queue).toBeUndefined()
  })
})
