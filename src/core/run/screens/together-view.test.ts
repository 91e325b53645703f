import { describe, expect, it } from 'vitest'
import { listed, pressed, snapshotOf, type Press } from '../../../../tests/fixtures/demo-run'
import type { ClassDocument } from '../../class/class-document'
import type { Circuit } from '../../plan/plan'
import { foldEvents } from '../clock/apply'
import { stateAt } from '../clock/state'
import type { RunSnapshot } from '../room/snapshot'
import { togetherView } from './together-view'

const circuitOf = ({ plan }: ClassDocument, id: string) =>
  plan.parts.flatMap(({ pieces }) => pieces).find((piece): piece is Circuit => piece.id === id)!

/** The view so many seconds into a work, or before it where that is negative. */
function viewAt(snapshot: RunSnapshot, phase: number, into: number, ...more: Press[]) {
  const second = snapshot.timeline.phases[phase]!.start + into
  return togetherView(
    snapshot,
    stateAt(foldEvents(snapshot.timeline, pressed([0, 'start'], [10, { type: 'goto', phase: 0 }], ...more)), 10_000 + second * 1000),
  )
}
const firstWork = (snapshot: RunSnapshot, pieceId: string) =>
  snapshot.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === pieceId)!.index

const warm = snapshotOf('demo-lunch').timeline.phases.find(({ kind }) => kind === 'work')!.pieceId
/** The warm-up at a tempo of 4-2-1, with somebody who shows the easier version. */
const tempo = snapshotOf('demo-lunch', (document) => {
  const circuit = circuitOf(document, warm)
  const use = circuit.stations[0]!.uses[0]!
  Object.assign(use, { exerciseId: 'goblet-squat', tempo: { figures: [4, 2, 1, 0], from: 'top' } })
  document.demonstrators = { easier: 'ilse', agreed: 'ilse' }
})

describe('what the room sees where all do the same', () => {
  it('the exercise, the rungs with who shows them, and what comes after it', () => {
    const view = viewAt(tempo, firstWork(tempo, warm), 1)!
    expect(view).toMatchObject({ exercise: 'Goblet squat', ahead: false, isList: false })
    expect(view.versions.map(({ figure: _, ...version }) => version)).toEqual([
      { rung: 'easier', name: 'Sit to a high chair', with: 'Ilse' },
      { rung: 'harder', name: 'Goblet squat, two-second hold' },
    ])
    // Each with its picture, and what all do at its tempo.
    expect(view.figure).toMatchObject({ words: expect.stringMatching(/^Goblet squat: /), tempo: [4, 2, 1, 0] })
    expect(view.versions.map(({ figure }) => figure?.words)).toEqual([
      expect.stringMatching(/^Sit to a high chair/),
      expect.stringMatching(/two-second hold/),
    ])
    expect(view.then).toHaveLength(1)
    expect(view.then[0]!.name).not.toBe('Goblet squat')
  })

  it('where the count of 4-2-1 is: down for four seconds, hold for two, up for one, rep after rep', () => {
    const work = firstWork(tempo, warm)
    const beat = (second: number) => viewAt(tempo, work, second)!.beat
    expect(beat(0)?.parts).toEqual([
      { text: 'down', seconds: 4 },
      { text: 'hold', seconds: 2 },
      { text: 'up', seconds: 1 },
    ])
    expect([0, 3, 4, 5, 6, 7].map((second) => [beat(second)!.at, beat(second)!.rep])).toEqual([
      [0, 1],
      [0, 1],
      [1, 1],
      [1, 1],
      [2, 1],
      [0, 2],
    ])
    const { seconds } = tempo.timeline.phases[work]!
    expect(beat(0)!.reps).toBe(Math.floor(seconds / 7))
    // No rep is begun that the interval would cut off.
    expect(beat(Math.floor(seconds / 7) * 7)).toBeUndefined()
  })

  it('before it begins, what comes and up to two that follow; of a list its items', () => {
    const ready = togetherView(tempo, stateAt(foldEvents(tempo.timeline, pressed([0, 'start'])), 5000))!
    expect(ready).toMatchObject({ exercise: 'Goblet squat', ahead: true, soon: '' })
    expect(ready.then).toHaveLength(2)
    expect(ready.beat).toBeUndefined()
    const list = viewAt(listed, listed.timeline.phases.find(({ selfPaced }) => selfPaced)!.index, 3)!
    expect(list).toMatchObject({ isList: true, versions: [] })
    expect(list.lines[0]).toMatch(/^10 /)
    // Line by line a picture of what it says.
    expect(list.figure).toBeUndefined()
    expect(list.pictures).toHaveLength(list.lines.length)
    for (const [index, picture] of list.pictures!.entries())
      if (picture) expect(list.lines[index]!.toLowerCase()).toContain(picture.words.split(':')[0]!.toLowerCase())
    expect(list.pictures!.filter(Boolean).length).toBeGreaterThan(1)
  })

  it('nothing where people are at stations, and after the end', () => {
    expect(viewAt(tempo, firstWork(tempo, 'll-stations'), 3)).toBeUndefined()
    expect(viewAt(tempo, firstWork(tempo, warm), 1, [10.5, 'finish'])).toBeUndefined()
  })
})
