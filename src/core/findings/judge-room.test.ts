import { describe, expect, it } from 'vitest'
import { demoRooms } from '../../../scripts/demo/hall'
import { computeClass } from '../class/compute'
import { asOther, type OtherClass } from '../class/overlap'
import { judge } from './judge'
import { library, newId, judged, lunch, stations, changed, find, expectMended } from '../../../tests/fixtures/judged'

describe('findings about the room, common practice unless a source is named', () => {
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
        /^\d+ kinds and sizes of gear are wanted in two classes at once\. .*Kettlebell 12 kg: 4 here and 4 in “Other”, 2 available; /,
      ),
    ])
    expect(with_([other({ roomId: document.roomId })])).toContainEqual(expect.stringContaining('“Other” is in this room at the same time'))
    const crowd = ['A', 'B', 'C', 'D', 'E'].map((name) => other({ id: name, name, roomId: document.roomId, most: [] }))
    expect(with_(crowd.slice(0, 3))).toEqual([expect.stringMatching(/^“A”, “B”, and “C” are in this room at the same time\. /)])
    expect(with_(crowd)).toEqual([expect.stringMatching(/^“A”, “B”, and 3 more classes are in this room at the same time\. /)])
    // Many classes, and many kinds, are counted: a card is read at a glance.
    expect(with_(crowd.map((each) => other({ id: each.id, name: each.name })))).toEqual([
      expect.stringMatching(
        /^\d+ kinds .*Kettlebell 12 kg: 4 here and 20 in 5 other classes, 2 available; .*; and \d+ more\. Both classes may/,
      ),
    ])
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

  it('overhead under a low ceiling', () => {
    const document = changed((circuit) => (circuit.stations[0]!.uses[0]!.exerciseId = 'shoulder-press'))
    expect(find(judged(document), 'lowCeiling')).toBeUndefined()
    expectMended(document, 'lowCeiling', demoRooms[1])
  })
})
