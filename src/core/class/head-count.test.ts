import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary, snapshotOf } from '../../../tests/fixtures/demo-run'
import { stateAt } from '../run/clock/state'
import { foldEvents } from '../run/clock/apply'
import { roomView } from '../run/screens/room-view'
import { ClassDocument } from './class-document'
import { computeClass } from './compute'

describe('a class of whom nobody took the names', () => {
  const heads = (count: number, groupSize: ClassDocument['groupSize'] = 'pairs', here: string[] = []) => {
    const document = { ...classDocument('demo-lunch'), here, groupSize, headCount: count }
    return computeClass(document, demoLibrary).groups.map((group) => group.map(({ name }) => name))
  }

  it('is called by the numbers of its groups and a letter, as a room counts off', () => {
    expect(heads(5)).toEqual([
      ['1A', '1B', '1C'],
      ['2A', '2B'],
    ])
    expect(heads(2, 'solo')).toEqual([['No. 1'], ['No. 2']])
  })

  it('comes after those who are named', () => {
    expect(heads(3, 'pairs', ['tove'])).toEqual([
      ['Tove', '1B'],
      ['2A', '2B'],
    ])
  })

  it('stands on the wall as its pairs, where both work; by letters where they take turns', () => {
    const names = (pairs: 'both' | 'inTurns') => {
      const snapshot = snapshotOf('demo-lunch', (document) => {
        Object.assign(document, { here: [], headCount: 4, groupSize: 'pairs' })
        for (const piece of document.plan.parts.flatMap((part) => part.pieces)) if (piece.type === 'circuit') piece.pairs = pairs
      })
      const phase = snapshot.timeline.phases.findIndex((phase) => phase.kind === 'work' && snapshot.circuits[phase.pieceId]!.rotates)
      const progress = foldEvents(snapshot.timeline, [
        { sequence: 1, id: 'a', at: 0, who: 'c', command: { type: 'start' } },
        { sequence: 2, id: 'b', at: 1, who: 'c', command: { type: 'goto', phase } },
      ])
      return roomView(snapshot, stateAt(progress, 2)).tiles.flatMap(({ people }) => people)
    }
    expect(names('both')).toEqual(['Pair 1', 'Pair 2'])
    expect(names('inTurns')).toEqual(['1A', '1B', '2A', '2B'])
  })

  it('are other people in another class: nobody is said to have been their partner before', () => {
    const ids = (startsAt: string) => {
      const document = { ...classDocument('demo-lunch'), here: [], headCount: 3, startsAt }
      return computeClass(document, demoLibrary).people.map(({ id }) => id)
    }
    const [today, tomorrow] = [ids('2026-01-05T12:00:00Z'), ids('2026-01-06T12:00:00Z')]
    expect(today).toEqual(ids('2026-01-05T12:00:00Z'))
    expect(today.filter((id) => tomorrow.includes(id))).toEqual([])
    expect(ClassDocument.safeParse({ ...classDocument('demo-lunch'), arranged: [{ ids: today, locked: false }] }).success).toBe(true)
  })

  it('has no more people than a class can have', () => {
    const document = classDocument('demo-lunch')
    const wrong = ClassDocument.safeParse({ ...document, headCount: 201 - document.here.length })
    expect(wrong.error?.issues).toMatchObject([{ path: ['headCount'] }])
  })
})
