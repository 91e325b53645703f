import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { repCount, tempoCount, type TempoCount } from '../../pace/tempo'
import { foldEvents } from '../clock/apply'
import { upcomingCues } from './upcoming-cues'

const lunch = snapshotOf('demo-lunch')
const said = (snapshot: typeof lunch, from: number, until: number, station?: number) =>
  upcomingCues(foldEvents(snapshot.timeline, pressed([0, 'start'])), (10 + from) * 1000, (10 + until) * 1000, { snapshot, station }).map(
    (cue) => [cue.kind, cue.at / 1000 - 10, cue.text],
  )
const work = (lap: number) =>
  lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.lap === lap)!

describe('what is said', () => {
  it('through a work interval of two sides: the change over instead of the half, the last ten, the count, the move', () => {
    const { start } = work(0)
    expect(said(lunch, start, start + 41)).toEqual([
      ['change', start, 'Work'],
      ['changeOver', start + 20, 'Station 8: change sides'],
      ['lastTen', start + 30, 'Ten seconds'],
      ['three', start + 37, '3'],
      ['two', start + 38, '2'],
      ['one', start + 39, '1'],
      ['change', start + 40, 'Move on'],
    ])
  })

  it('the last lap once, and what comes next where everyone does the same', () => {
    const all = said(lunch, 0, lunch.timeline.total)
    expect(all.filter(([kind]) => kind === 'lastLap')).toEqual([['lastLap', work(1).start, 'Last lap']])
    const next = all.filter(([kind]) => kind === 'next').map(([, , text]) => text)
    expect(next).toContain('Next: ' + lunch.circuits[lunch.timeline.phases.at(-1)!.pieceId]!.stations[0]!.exercises[0]!.name)
    expect(next.every((text) => String(text).startsWith('Next: '))).toBe(true)
    expect(all.at(-1)![2]).toBe('1')
  })

  it('on the way, how to go, where it is not the loop that everyone knows', () => {
    const files = snapshotOf('demo-lunch', (document) => (document.rotations = { 'll-stations': { rule: 'twoFiles' } }))
    const way = files.timeline.phases.find((phase) => phase.moves && phase.index > work(0).index)!
    const next = (snapshot: typeof lunch, station?: number) =>
      said(snapshot, way.start, way.start + way.seconds, station).filter(([kind]) => kind === 'next')
    expect(next(files)).toEqual([['next', way.start + 2, 'First partner: one up. Second: one down.']])
    expect([next(lunch), next(files, 3)]).toEqual([[], []])
  })

  it('at a station, only its own sides change', () => {
    const { start } = work(0)
    const changes = (station: number) =>
      said(lunch, start, start + 40, station)
        .filter(([kind]) => kind === 'changeOver')
        .map(([, , text]) => text)
    expect([0, 7].map(changes)).toEqual([[], ['Change sides']])
  })

  it('nothing is said twice at one instant by the same kind', () => {
    const keys = said(lunch, 0, lunch.timeline.total).map(([kind, at]) => `${kind} ${at}`)
    expect(new Set(keys).size).toBe(keys.length)
  })
})

describe('the count of a tempo (common practice: lower, hold, raise, hold, in seconds)', () => {
  const texts = (counts: TempoCount[]) => counts.map(({ at, text }) => `${at} ${text}`)

  it('in the order in which a rep begins, at true seconds, whole reps only', () => {
    // 3-1-2-0 lasts 6 s: two whole reps fit 15 s.
    const tempo = { figures: [3, 1, 2, 0] as [number, number, number, number], from: 'top' as const }
    expect(texts(tempoCount(tempo, 15))).toEqual([
      '0 down',
      '1 2',
      '2 3',
      '3 hold',
      '4 up',
      '5 2',
      '6 down',
      '7 2',
      '8 3',
      '9 hold',
      '10 up',
      '11 2',
    ])
    expect(texts(tempoCount({ ...tempo, from: 'bottom' }, 6))).toEqual(['0 up', '1 2', '2 down', '3 2', '4 3', '5 hold'])
    expect(tempoCount({ figures: [0, 0, 0, 0], from: 'top' }, 30)).toEqual([])
  })

  it('reps at a set pace are spread evenly', () => {
    expect(texts(repCount(4, 20))).toEqual(['0 1', '5 2', '10 3', '15 4'])
    expect(repCount(4, 20)[2]!.shown).toBe('3 of 4')
    expect(tempoCount({ figures: [2, 0, 1, 0], from: 'top' }, 3).map((count) => count.shown)).toEqual(['down 1', 'down 2', 'up 1'])
  })

  it('is heard where everyone does the same; where stations differ, at each station its own', () => {
    const tempo = { figures: [2, 0, 2, 0] as [number, number, number, number], from: 'top' as const }
    const counted = snapshotOf('demo-sixties', (document) =>
      document.plan.parts.forEach((part) =>
        part.pieces.forEach(
          (piece) => piece.type === 'circuit' && piece.stations.forEach((station) => station.uses.forEach((use) => (use.tempo = tempo))),
        ),
      ),
    )
    const first = counted.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'ss-list')!
    expect(said(counted, first.start, first.start + 4).filter(([kind]) => kind === 'tempo')).toEqual([
      ['tempo', first.start, 'down'],
      ['tempo', first.start + 1, '2'],
      ['tempo', first.start + 2, 'up'],
      ['tempo', first.start + 3, '2'],
    ])
    const rotating = snapshotOf('demo-lunch', (document) =>
      document.plan.parts.forEach((part) =>
        part.pieces.forEach(
          (piece) =>
            piece.type === 'circuit' &&
            piece.travel === 'rotate' &&
            piece.stations.forEach((station) => station.uses.forEach((use) => (use.tempo = tempo))),
        ),
      ),
    )
    expect(said(rotating, work(0).start, work(0).start + 40).some(([kind]) => kind === 'tempo')).toBe(false)
    rotating.circuits['ll-stations']!.stations[2]!.exercises[0]!.tempo = { figures: [1, 0, 1, 0], from: 'bottom' }
    const countAt = (station: number) =>
      said(rotating, work(0).start, work(0).start + 4, station).flatMap(([kind, , text]) => (kind === 'tempo' ? [text] : []))
    expect(countAt(1)).toEqual(['down', '2', 'up', '2'])
    expect(countAt(2)).toEqual(['up', 'down', 'up', 'down'])
  })
})
