import { describe, expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { demoRooms } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { computeClass } from '../class/compute'
import { emptyStation } from '../plan/edit/simple'
import { intervals, plainCircuit } from '../plan/edit/make'
import { circuitsOf } from './rules/finding'
import { workAndRest } from '../plan/work-rest'
import type { Intervals } from '../plan/plan'
import { judge } from './judge'
import { bare, library, newId, judged, lunch, stations, changed, find, expectMended } from '../../../tests/fixtures/judged'

describe('findings about load and limits, common practice unless a source is named', () => {
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

  it('an exercise that the hall does not have is told once, and does not make the whole of its list gentle', () => {
    const document = changed((circuit) => {
      circuit.stay = { kind: 'task', openerCount: 0, rungRestSeconds: 0, goal: 'cap', capSeconds: 600 }
      circuit.stations = [
        {
          ...circuit.stations[0]!,
          uses: ['barrel-roll', 'burpee', 'barrel-roll'].map((exerciseId, at) => ({ id: `u${at}`, exerciseId, sides: 'none' })),
        },
      ]
    })
    const alone = { ...document, plan: { ...document.plan, parts: document.plan.parts.slice(1, 2) } }
    const findings = judged(alone)
    expect(findings.filter(({ id }) => id.startsWith('notOfHall')).map(({ what }) => what)).toEqual([
      '“barrel-roll” is not among this hall’s exercises',
    ])
    expect(find(findings, 'warmUp')).toBeDefined()
    expect(find(judged(lunch()), 'notOfHall')).toBeUndefined()
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
})
