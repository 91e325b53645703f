import { describe, expect, it } from 'vitest'
import { demoRooms } from '../../../scripts/demo/hall'
import { computeClass } from '../class/compute'
import { emptyStation } from '../plan/edit/simple'
import { intervals, plainCircuit } from '../plan/edit/make'
import { previewOf } from './preview'
import { answerFindings } from './request'
import {
  bare,
  library,
  newId,
  judged,
  lunch,
  stations,
  changed,
  find,
  expectMended,
  expectMendedOrFewer,
} from '../../../tests/fixtures/judged'

describe('findings, common practice unless a source is named', () => {
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

  it('a fix can be seen before it is made: what changes, what it mends, what it raises', () => {
    const document = changed((circuit) => (circuit.laps = 3))
    const findings = judged(document)
    const state = { document, computed: computeClass(document, library), library, room: demoRooms[0], newId }
    const { changes, total, mends, raises } = previewOf(state, find(findings, 'sideShort')!.fix!.apply)
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
    expect(find(judged(lunch()), 'gearShort')).toMatchObject({ severity: 'mend', what: 'Kettlebell 12 kg: 4 wanted, 2 available' })
  })
})
