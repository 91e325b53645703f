import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { libraryExercises } from '../../../scripts/library/exercises'
import { demoGear, demoRooms } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { computeClass } from '../class/compute'
import { asOther, type OtherClass } from '../class/overlap'
import { ClassDocument } from '../class/class-document'
import type { Room } from '../library/room'
import { emptyStation } from '../plan/edit/simple'
import { intervals, plainCircuit } from '../plan/edit/make'
import type { Circuit, Pause, Task } from '../plan/plan'
import { finishSeconds } from '../pace/pace'
import { formatSeconds } from '../base/units'
import type { Timeline } from '../timeline/phase'
import { read } from '../base/read'
import { starterPlan } from '../plan/edit/starter'
import { circuitsOf, piecesOf, type Finding } from './rules/finding'
import { workAndRest } from '../plan/work-rest'
import type { Intervals } from '../plan/plan'
import { judge } from './judge'
import { previewOf } from './preview'
import { answerFindings } from './request'
import { numbersIn } from './rules/note-numbers'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
let counter = 0
const newId = () => `n${counter++}`

const judged = (document: ClassDocument, room: Room | undefined = demoRooms[0]) =>
  judge({ document, computed: computeClass(document, library), library, room, newId })

const lunch = (): ClassDocument => structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document)
const stations = (document: ClassDocument) => piecesOf(document).find((piece) => piece.id === 'll-stations') as Circuit
const changed = (change: (circuit: Circuit, document: ClassDocument) => void): ClassDocument => {
  const document = lunch()
  change(stations(document), document)
  return document
}
const find = (findings: Finding[], id: string) => findings.find((finding) => finding.id.startsWith(id))

/** The finding is there, and its fix leaves a sound class without it. */
function expectMended(document: ClassDocument, id: string, room?: Room): ClassDocument {
  const finding = find(judged(document, room), id)
  expect(finding?.fix, id).toBeDefined()
  const mended = finding!.fix!.apply(document)
  expect(read(ClassDocument, mended).ok).toBe(true)
  const after = find(judged(mended, room), id)
  // What was too long may leave a little unused: that is for the coach to weigh.
  expect(after?.severity === finding!.severity, id).toBe(false)
  return mended
}

/** Fewer newcomers are out of sight once the fix is applied. */
function expectMendedOrFewer(document: ClassDocument): ClassDocument {
  const count = (of: ClassDocument) => Number(/^\d+/.exec(find(judged(of), 'outOfSight')?.what ?? '0')![0])
  const mended = find(judged(document), 'outOfSight')!.fix!.apply(document)
  expect(count(mended)).toBeLessThan(count(document))
  return mended
}

const bare = (): ClassDocument => ({ ...lunch(), plan: starterPlan('Bare', 2700, 8, newId) })

describe('findings, common practice unless a source is named', () => {
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

  it('looks at the list that a wave does meanwhile, and mends it there', () => {
    const list = plainCircuit(
      newId,
      'Meanwhile',
      [{ ...emptyStation('ws'), uses: [{ id: 'wu', exerciseId: 'squat-and-press', sides: 'none' }] }],
      intervals([30]),
    )
    const low = { ...demoRooms[0]!, ceilingMetres: 2.4 }
    const mended = expectMended(
      changed((circuit) => (circuit.waves = { meanwhile: list })),
      'lowCeiling-wu',
      low,
    )
    expect(stations(mended).waves!.meanwhile.stations[0]!.uses[0]!.optionId).toBeDefined()
  })

  it('newcomers begin next to whom they follow', () => {
    const document = lunch()
    const people = computeClass(document, library).groups.flat()
    const newest = people.filter((person) => person.level === 'newcomer')
    expect(newest.length).toBeGreaterThan(1)
    const shows = people.find((person) => person.level === 'trained')!
    const mended = expectMendedOrFewer({ ...document, demonstrators: { standard: shows.id } })
    expect(computeClass(mended, library).groups.flat()).toHaveLength(people.length)
  })

  it('two classes at once: the same room, and gear that both want', () => {
    const document = lunch()
    const computed = computeClass(document, library)
    const other = (change: Partial<OtherClass>): OtherClass => ({
      ...asOther('other', { ...document, name: 'Other' }, computed),
      roomId: 'drying-loft',
      ...change,
    })
    const with_ = (others: OtherClass[]) =>
      judge({ document, computed, library, room: demoRooms[0], others, newId })
        .filter((finding) => finding.id.startsWith('twoClasses'))
        .map((finding) => `${finding.what}. ${finding.why}`)
    // One card, however many kinds.
    expect(with_([other({})])).toEqual([
      expect.stringMatching(
        /^\d+ kinds and sizes of gear are wanted in two classes at once\. .*Kettlebell 12 kg: 4 here and 4 in Other, 2 to be had; /,
      ),
    ])
    expect(with_([other({ roomId: document.roomId })])).toContainEqual(expect.stringContaining('Other is in this room at the same time'))
    const crowd = ['A', 'B', 'C', 'D', 'E'].map((name) => other({ id: name, name, roomId: document.roomId, most: [] }))
    expect(with_(crowd.slice(0, 3))).toEqual([expect.stringMatching(/^A, B, and C are in this room at the same time\. /)])
    expect(with_(crowd)).toEqual([expect.stringMatching(/^A, B, and 3 more classes are in this room at the same time\. /)])
    const later = new Date(Date.parse(document.startsAt) + 3_600_000).toISOString()
    expect(with_([other({ startsAt: later })])).toEqual([])
    // What stays in one room cannot be wanted in the other.
    expect(with_([other({ most: [] })])).toEqual([])
  })

  it('a way between stations that takes longer than its gap, with the transition that is long enough', () => {
    const document = { ...lunch(), spots: Array.from({ length: 8 }, (_, index) => ({ x: 1 + index * 2.2, y: index % 2 === 0 ? 1.5 : 9 })) }
    const found = find(judged(document), 'shortTransition')!
    expect(found).toMatchObject({ severity: 'mend', what: expect.stringMatching(/^Station \d to \d needs \d+ s, has 15 s$/) })
    expect(found.source).toContain('common practice')
    const mended = expectMended(document, 'shortTransition')
    expect(stations(mended).transition.seconds).toBeGreaterThanOrEqual(Number(/needs (\d+)/.exec(found.what)![1]))
    expect(find(judged(lunch()), 'shortTransition')).toBeUndefined()
  })

  it('a station in an exit is to mend, one on another to weigh; both are laid out anew', () => {
    const document = lunch()
    document.spots![0] = { x: 0.75, y: 5.25 }
    document.spots![2] = { ...document.spots![1]! }
    const found = judged(document).filter((finding) => finding.id.startsWith('stationFloor'))
    expect(found.map(({ severity, what }) => [severity, what])).toEqual(
      expect.arrayContaining([
        ['mend', 'Station 1 stands in an exit'],
        ['weigh', 'Stations stand on each other: 1 and 8, 2 and 3'],
      ]),
    )
    expect(judged(found[0]!.fix!.apply(document)).filter((finding) => finding.id.startsWith('stationFloor'))).toEqual([])
    expect(found[0]!.why).toContain('local fire rules')
    // What is wrong in one way is one card.
    expect(new Set(found.map(({ id }) => id)).size).toBe(found.length)
    document.spots![0] = lunch().spots![0]!
    const single = judged(document).filter(({ id }) => id === 'stationFloor-overlap')
    expect(single.map(({ what }) => what)).toEqual(['Stations 2 and 3 stand on each other'])
  })

  it('less floor a person than 50 sq ft (International Building Code table 1004.5; from memory), deferring to the local code', () => {
    const small = { ...demoRooms[0]!, lengthMetres: 9, widthMetres: 8, features: [] }
    const finding = find(judged({ ...lunch(), spots: [] }, small), 'floorSpace')!
    expect(finding).toMatchObject({ severity: 'weigh', what: '4.5 m² a person in Kiln Floor', source: expect.stringContaining('1004.5') })
    expect(finding.why).toMatch(/15 people here\. Your local code/)
    expect(find(judged(lunch()), 'floorSpace')).toBeUndefined()
  })

  it('no warm-up, no cool-down, no water', () => {
    expect(circuitsOf(expectMended(bare(), 'warmUp'))[0]).toMatchObject({ name: 'Warm-up', travel: 'together' })
    expect(circuitsOf(expectMended(bare(), 'coolDown')).at(-1)).toMatchObject({ name: 'Cool-down' })
    const dry = (lapRestSeconds: number) =>
      changed((circuit, document) => {
        circuit.lapRestSeconds = lapRestSeconds
        document.plan.parts[2]!.pieces = document.plan.parts[2]!.pieces.slice(1)
      })
    expectMended(dry(30), 'water')
    // Between two laps people drink, if it is long enough.
    expect(find(judged(dry(60)), 'water')).toBeUndefined()
    // A list that a wave does while it waits is no cool-down.
    const waves = changed((circuit, document) => {
      const list = plainCircuit(
        newId,
        'Meanwhile',
        [{ ...emptyStation('ws'), uses: [{ id: 'wu', exerciseId: 'plank', sides: 'none' }] }],
        intervals([30]),
      )
      circuit.waves = { meanwhile: list }
      document.plan.parts = document.plan.parts.slice(0, 2)
    })
    expect(find(judged(waves), 'coolDown')).toBeDefined()
    // What all do together at the end is one only where it is easy, and is not called a finisher.
    const ends = (exerciseId: string, name?: string) => {
      const document = lunch()
      const last = circuitsOf(document).at(-1)!
      last.name = name
      for (const station of last.stations) station.uses = [{ ...station.uses[0]!, exerciseId }]
      document.plan.parts.at(-1)!.role = undefined
      return find(judged(document), 'coolDown') !== undefined
    }
    expect([ends('calf-stretch'), ends('burpee'), ends('burpee', 'Cool-down'), ends('calf-stretch', 'Finisher')]).toEqual([
      false,
      true,
      false,
      true,
    ])
    for (const id of ['warmUp', 'coolDown', 'water']) expect(find(judged(lunch()), id)).toBeUndefined()
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

  it('overhead under a low ceiling', () => {
    const document = changed((circuit) => (circuit.stations[0]!.uses[0]!.exerciseId = 'shoulder-press'))
    expect(find(judged(document), 'lowCeiling')).toBeUndefined()
    expectMended(document, 'lowCeiling', demoRooms[1])
  })

  it('a limit with no option', () => {
    const document = changed((circuit, all) => {
      circuit.stations[0]!.uses[0]!.exerciseId = 'strap-row'
      all.here = ['jun', 'tove']
    })
    expect(find(judged(document), 'noOption')).toBeUndefined()
    const exercises = libraryExercises.map((exercise) => (exercise.id === 'strap-row' ? { ...exercise, options: [] } : exercise))
    const computed = computeClass(document, { ...library, exercises })
    const findings = judge({ document, computed, library: { ...library, exercises }, room: demoRooms[0], newId })
    expect(find(findings, 'noOption')).toMatchObject({ severity: 'mend', what: 'Strap row has nothing for Jun' })
  })

  it('a region twice running, round the corner of the loop too', () => {
    const document = changed((circuit) => (circuit.stations[0]!.uses[0]!.exerciseId = 'plank'))
    expect(find(judged(document), 'regionTwice')!.what).toBe('Core twice running, 8 then 1')
    const mixed = changed((circuit) => (circuit.stations[6]!.uses[0]!.exerciseId = 'goblet-squat'))
    expect(find(judged(mixed), 'regionTwice')).toMatchObject({ severity: 'fine' })
  })

  it('to the floor and up again at every station', () => {
    const document = changed((circuit) =>
      circuit.stations.forEach((station, index) => (station.uses[0]!.exerciseId = index % 2 ? 'plank' : 'goblet-squat')),
    )
    expect(find(judged(document), 'upsAndDowns')!.what).toBe('Stations: to the floor and up 4 times a lap')
    expect(find(judged(lunch()), 'upsAndDowns')).toMatchObject({ severity: 'weigh' })
  })

  it('grip and jumps twice running, and the trade of stations that mends it', () => {
    const grip = changed((circuit) =>
      ['goblet-squat', 'strap-row', 'plank', 'march'].forEach((id, index) => (circuit.stations[index]!.uses[0]!.exerciseId = id)),
    )
    expect(find(judged(grip), 'gripTwice')!.what).toBe('Grip twice running, 1 then 2')
    expectMended(grip, 'gripTwice')
    const jumps = changed((circuit) => ['jump-squat', 'burpee'].forEach((id, index) => (circuit.stations[index]!.uses[0]!.exerciseId = id)))
    expect(find(judged(jumps), 'impactTwice')!.what).toBe('Jumps twice running, 1 then 2')
    expectMended(jumps, 'impactTwice')
  })

  it('more jumps than those who come take well', () => {
    const document = changed((circuit) =>
      ['jump-squat', 'plank', 'rope-skip', 'plank', 'jumping-jack'].forEach(
        (id, index) => (circuit.stations[index]!.uses[0]!.exerciseId = id),
      ),
    )
    expect(find(judged(document), 'manyJumps')!.what).toBe('Stations: 3 of 8 stations jump')
    expectMended(document, 'manyJumps')
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

  it('work to rest that beginners do not keep up: they rest as long as they work', () => {
    const document = changed((circuit, all) => {
      circuit.transition.seconds = 15
      all.here = demoPeople.filter((person) => person.level === 'newcomer').map((person) => person.id)
    })
    expect(find(judged(document), 'workRest')!.what).toBe('Stations: 2.7 : 1 is hard for this class')
    expect(stations(expectMended(document, 'workRest')).transition.seconds).toBe(40)
    expect(find(judged(lunch()), 'workRest')).toBeUndefined()
    // Sets count with the rest between them: 4 × 20 s, 20 s between, and the way: 80 to 80, not 4 : 1.
    const sets = changed((circuit, all) => {
      circuit.stay = { kind: 'intervals', workSeconds: [20], gapSeconds: 0, sets: 4, setRestSeconds: 20 }
      circuit.transition.seconds = 20
      all.here = demoPeople.filter((person) => person.level === 'newcomer').map((person) => person.id)
    })
    expect(find(judged(sets), 'workRest')).toBeUndefined()
    expect(workAndRest(stations(sets), stations(sets).stay as Intervals)).toEqual({ work: 80, rest: 80 })
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

  it('a fix can be seen before it is made: what changes, what it mends, what it raises', () => {
    const document = changed((circuit) => (circuit.laps = 3))
    const findings = judged(document)
    const state = { document, computed: computeClass(document, library), library, room: demoRooms[0], newId }
    const { changes, total, mends, raises } = previewOf(state, findings, find(findings, 'sideShort')!.fix!.apply)
    expect(changes).toEqual([expect.stringMatching(/^Stations: 4 .* changes sides another way$/)])
    expect([total, mends.length, raises]).toEqual(['stays 36:15', 1, []])
  })

  it('answers in plain JSON with the words of each fix', () => {
    const answer = answerFindings({ plan: changed((circuit) => (circuit.laps = 6)).plan, people: [], groupSize: 'pairs' }, library)
    expect(answer[0]).toMatchObject({ id: 'slot', severity: 'mend', fix: expect.stringContaining('3 laps instead of 6') })
    expect(JSON.parse(JSON.stringify(answer))).toEqual(answer)
  })

  it('says what to mend first', () => {
    const order = judged(bare()).map((finding) => finding.severity)
    expect(order).toEqual([...order].sort((a, b) => ['mend', 'weigh', 'fine'].indexOf(a) - ['mend', 'weigh', 'fine'].indexOf(b)))
    expect(find(judged(lunch()), 'gearShort')).toMatchObject({ severity: 'mend', what: 'Kettlebell 12 kg: 4 wanted, 2 to be had' })
  })
})
