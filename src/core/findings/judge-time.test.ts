import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { computeClass } from '../class/compute'
import type { ClassDocument } from '../class/class-document'
import type { Pause, Task } from '../plan/plan'
import { finishSeconds } from '../pace/pace'
import { formatSeconds } from '../base/units'
import type { Timeline } from '../timeline/phase'
import { piecesOf } from './rules/finding'
import { numbersIn } from './rules/note-numbers'
import { library, newId, judged, lunch, stations, changed, find, expectMended } from '../../../tests/fixtures/judged'

describe('findings about time, common practice unless a source is named', () => {
  it('too long: the most laps that fit', () => {
    const mended = expectMended(
      changed((circuit) => (circuit.laps = 6)),
      'slot',
    )
    expect(stations(mended).laps).toBe(3)
  })

  it('much of the slot unused: another lap, if it fits', () => {
    const finding = find(judged(lunch()), 'slot')!
    expect(finding).toMatchObject({ severity: 'weigh', what: '11:50 of the slot is unused', fix: { label: '3 laps instead of 2: 36:15' } })
    expect(find(judged(changed((_, document) => (document.plan.slotSeconds = 1700))), 'slot')).toMatchObject({ severity: 'fine' })
  })

  it('a side left short by an odd number of laps', () => {
    const mended = expectMended(
      changed((circuit) => (circuit.laps = 3)),
      'sideShort',
    )
    expect(stations(mended).stations[3]!.uses[0]!.sides).toBe('half')
    expect(find(judged(lunch()), 'sideShort')).toBeUndefined()
    // Two laps, one of them left out at that station; and a second lap that is cut off.
    const left = changed((circuit) => {
      circuit.travel = 'together'
      circuit.stations[3]!.skipLaps = [1]
    })
    expect(find(judged(left), 'sideShort')!.why).toBe('A side a lap: 1 for the first, 0 for the second.')
    const cut = changed((circuit) => {
      delete circuit.laps
      circuit.turns = 12
    })
    expect(find(judged(cut), 'sideShort')!.why).toBe('A side a lap, and the last lap ends after 4 of 8 turns.')
  })

  it('no time to move, and what is left of the work', () => {
    const document = changed((circuit) => (circuit.transition.seconds = 0))
    expect(find(judged(document), 'zeroGap')!.why).toContain('of 40 s of work about 30 s are left')
    expectMended(document, 'zeroGap')
  })

  it('a brief too short for its exercises: 17 to 32 s each', () => {
    const document = changed((_, all) => ((all.plan.parts[0]!.pieces[0] as Pause).seconds = 120))
    expect(find(judged(document), 'briefing')!.what).toBe('8 exercises take 2:16 to 4:16 to explain; the brief is 2:00')
    expect(piecesOf(expectMended(document, 'briefing'))[0]).toMatchObject({ seconds: 195 })
  })

  it('six exercises take 1:42 to 3:12 to explain, more than a swap of 1:30', () => {
    const document: ClassDocument = structuredClone(
      demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-early')!.document,
    )
    ;(piecesOf(document).find((piece) => piece.id === 'eh-swap') as Pause).seconds = 90
    expect(find(judged(document), 'briefing')!.what).toBe('6 exercises take 1:42 to 3:12 to explain; the swap is 1:30')
    // 6 × 24 s = 2:24 at the usual pace: 2:20 is too short, 2:30 will do if nobody asks, 3:15 is enough.
    const swapOf = (seconds: number) => {
      ;(piecesOf(document).find((piece) => piece.id === 'eh-swap') as Pause).seconds = seconds
      return judged(document).find(({ id }) => id === 'briefing-eh-swap')?.severity
    }
    expect([140, 150, 195].map(swapOf)).toEqual(['mend', 'weigh', undefined])
  })

  it('an aim that even the quick do not reach', () => {
    const document = changed((circuit) => {
      circuit.stay = { kind: 'task', goal: 'cap', capSeconds: 120, aimRounds: 6, openerCount: 0, rungRestSeconds: 0 }
      for (const station of circuit.stations)
        station.uses = [{ id: newId(), exerciseId: 'goblet-squat', reps: { count: 20, counted: 'total' }, sides: 'none' }]
    })
    expect(find(judged(document), 'aim')!.what).toBe('Station 1: 6 rounds are out of reach')
    expect(stations(expectMended(document, 'aim')).stay).toMatchObject({ aimRounds: 1 })
  })

  it('a finish that even the quick do not reach in the cap', () => {
    const document = changed((circuit) => {
      circuit.stay = { kind: 'task', goal: 'finish', capSeconds: 60, rungs: [15, 12, 9], openerCount: 0, rungRestSeconds: 0 }
      for (const station of circuit.stations) station.uses = [{ id: newId(), exerciseId: 'goblet-squat', sides: 'none' }]
    })
    const found = find(judged(document), 'aim')!
    expect(found.what).toBe('Station 1: nobody finishes in 1:00')
    const mended = stations(expectMended(document, 'aim')).stay
    const { typical } = finishSeconds(mended as Task, stations(document).stations[0]!.uses, computeClass(document, library).paces)
    expect(mended).toMatchObject({ capSeconds: Math.ceil(typical / 30) * 30 })
    expect(found.why).toContain(`most people ${formatSeconds(typical)}`)
  })

  it('seconds that nobody has planned', () => {
    const document = changed(
      (circuit, all) => (circuit.withinSeconds = 30 + (computeClass(all, library).timeline as { value: { total: number } }).value.total),
    )
    expect(find(judged(document), 'unplanned')!.what).toMatch(/^Stations: \d+:\d\d of its window is unplanned$/)
    expectMended(document, 'unplanned')
  })

  it('nothing explained before: 15 s gaps run to about 24 s', () => {
    const document = changed((circuit, all) => {
      circuit.transition.seconds = 15
      all.plan.parts[0]!.pieces = all.plan.parts[0]!.pieces.slice(1)
    })
    expect(find(judged(document), 'firstLap')!.why).toContain("the first lap's 15 s gaps run to about 24 s: 1:03 over by its end")
    expectMended(document, 'firstLap')
  })

  it('one-sided, and nothing says when to change', () => {
    const document = changed((circuit) => Object.assign(circuit.stations[0]!.uses[0]!, { exerciseId: 'side-plank', sides: 'none' }))
    expect(find(judged(document), 'sidesUnsaid')!.what).toBe('1. Side plank: nothing says when to change sides')
    expectMended(document, 'sidesUnsaid')
  })

  it('what is wrong in one lap alone is found there, told when, and has no fix that would change the others', () => {
    const document = changed((circuit) => {
      const [first, second] = circuit.stations.map(({ uses }) => uses[0]!.id)
      circuit.vary.push({ at: 1, id: first!, field: 'exerciseId', value: 'jump-squat' })
      circuit.vary.push({ at: 1, id: second!, field: 'exerciseId', value: 'jumping-jack' })
      circuit.vary.push({ at: 1, id: circuit.id, field: 'transitionSeconds', value: 0 })
    })
    const [before, found] = [judged(lunch()), judged(document)]
    const added = found.filter(({ what }) => !before.some((known) => known.what === what))
    expect(added.find(({ id }) => id.startsWith('impactTwice'))).toMatchObject({ what: 'Jumps twice running, 1 then 2, lap 2' })
    expect(added.find(({ id }) => id.startsWith('zeroGap'))).toMatchObject({ what: 'Stations: no time to move, lap 2', severity: 'mend' })
    for (const finding of added.filter(({ what }) => what.endsWith(', lap 2'))) expect(finding).not.toHaveProperty('fix')
    expect(new Set(found.map(({ id }) => id)).size).toBe(found.length)
  })

  it('a left and a right one after the other: the sides are said', () => {
    const sides = (count: number) =>
      changed((circuit) => {
        for (let at = 0; at < count; at++) Object.assign(circuit.stations[at]!.uses[0]!, { exerciseId: 'split-squat', sides: 'none' })
      })
    expect([1, 2, 3, 4].map((count) => find(judged(sides(count)), 'sidesUnsaid') !== undefined)).toEqual([true, false, true, false])
  })

  it('a number in a note that contradicts the figure beside it', () => {
    expect(numbersIn('about 3 min, then 12 kg x 10 reps, 1:30 rest')).toEqual([
      { text: '1:30', value: 90, unit: 'seconds' },
      { text: '3 min', value: 180, unit: 'seconds' },
      { text: '12 kg', value: 12, unit: 'kilograms' },
      { text: '10 reps', value: 10, unit: 'reps' },
    ])
    const says = (note: string) => find(judged(changed((circuit) => (circuit.transition.note = note))), 'noteNumbers')
    expect(says('45 s of work, 3 laps')!.what).toBe('Stations: the note says “45 s”, the figure is one of 0:40, 0:15, 1:00')
    expect(says('40 s of work, 2 laps, 8 stations, mind step 9')).toBeUndefined()
    // Of a moment, of an hour of the day, of a range that holds the figure, and of the length of a lap or of the whole.
    for (const note of ['faster in the last 10 s', 'change after 20 s', 'every 3 laps', '30-40 s', 'we end at 18:30'])
      expect(says(note), note).toBeUndefined()
    const { phases } = (computeClass(lunch(), library).timeline as { value: Timeline }).value
    const all = phases.filter(({ pieceId }) => pieceId === 'll-stations').reduce((sum, { seconds }) => sum + seconds, 0)
    expect(says(`all of it ${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')}`)).toBeUndefined()
    expect(says('50-55 s')!.what).toContain('“50-55 s”')
    const reps = changed((circuit) =>
      Object.assign(circuit.stations[0]!.uses[0]!, { reps: { count: 8, most: 10, counted: 'total' }, note: '9 reps' }),
    )
    expect(find(judged(reps), 'noteNumbers')).toBeUndefined()
  })
})
