import Ajv from 'ajv/dist/2020'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { libraryExercises } from '../../../scripts/library/exercises'
import { demoPlans } from '../../../scripts/demo/plans'
import { shapes } from '../../../tests/fixtures/shapes'
import { resizeStations } from './edit/simple'
import { mainPiece } from './main-circuits'
import { planFile, PlanFile } from './words/file'
import { Plan, type PlanInput } from './plan'
import { read } from '../base/read'
import { starterPlan } from './edit/starter'

const base = (): PlanInput => structuredClone(shapes.find((shape) => shape.id === 'A')!.plan)

/** The problems after `change` was made to a sound plan, as "field message". */
const problems = (change: (circuit: Record<string, unknown>, plan: Record<string, unknown>) => void): string[] => {
  const plan = base()
  change(plan.parts[0]!.pieces[0] as unknown as Record<string, unknown>, plan as unknown as Record<string, unknown>)
  const result = read(Plan, plan)
  return result.ok ? [] : result.problems.map((problem) => problem.message)
}

const station = (id: string) => ({ id })

describe('what a plan refuses, naming the field', () => {
  const cases: [what: string, change: Parameters<typeof problems>[0], message: string][] = [
    ['no stations', (circuit) => (circuit.stations = []), 'parts[0].pieces[0].stations needs at least one station'],
    [
      '41 stations',
      (circuit) => (circuit.stations = Array.from({ length: 41 }, (_, i) => station(`n${i}`))),
      'parts[0].pieces[0].stations has at most 40 stations',
    ],
    ['no laps', (circuit) => (circuit.laps = 0), 'parts[0].pieces[0].laps must be a whole number of laps from 1 to 50'],
    [
      'negative work',
      (circuit) => (circuit.stay = { kind: 'intervals', workSeconds: [-5] }),
      'parts[0].pieces[0].stay.workSeconds[0] must be a whole number of seconds from 1 to 21600',
    ],
    [
      'fractions',
      (circuit) => (circuit.lapRestSeconds = 1.5),
      'parts[0].pieces[0].lapRestSeconds must be a whole number of seconds from 0 to 21600',
    ],
    [
      'huge numbers',
      (circuit) => (circuit.lapRestSeconds = 1e300),
      'parts[0].pieces[0].lapRestSeconds must be a whole number of seconds from 0 to 21600',
    ],
    ['text for a number', (circuit) => (circuit.laps = '3'), 'parts[0].pieces[0].laps must be a whole number of laps from 1 to 50'],
    [
      '13 positions',
      (circuit) => (circuit.stay = { kind: 'intervals', workSeconds: Array(13).fill(5) }),
      'parts[0].pieces[0].stay.workSeconds has at most 12 positions',
    ],
    ['laps and turns', (circuit) => (circuit.turns = 4), 'parts[0].pieces[0].laps needs either laps or turns, not both and not neither'],
    [
      'an id twice',
      (circuit) => (circuit.stations = [station('x'), station('x')]),
      'parts[0].pieces[0].stations[1].id "x" is used twice: every part, piece, station and use needs an id of its own',
    ],
    ['fields that are not known', (circuit) => (circuit.colour = 'red'), 'parts[0].pieces[0] has fields that are not known: colour'],
    ['an empty name', (_, plan) => (plan.name = '  '), 'name must not be empty'],
    ['what a database cannot keep', (_, plan) => (plan.name = 'a\u0000b'), 'name must be one line without control characters'],
    ['half of an emoji', (_, plan) => (plan.name = 'a\ud83d'), 'name must be one line without control characters'],
    [
      'its own stay in a rotation',
      (circuit) => (circuit.stations = [{ ...station('x'), stay: { kind: 'intervals', workSeconds: [5] } }]),
      'parts[0].pieces[0].stations[0].stay is only for stations done together: in a rotation all stays are of one length',
    ],
    [
      'a finish in a rotation without a cap',
      (circuit) => (circuit.stay = { kind: 'task', goal: 'finish' }),
      'parts[0].pieces[0].stay.capSeconds is needed when people rotate: without a cap the room could not move on together',
    ],
    [
      'a variation beyond the laps',
      (circuit) => (circuit.vary = [{ at: 9, id: 'a', field: 'workSeconds', value: [5] }]),
      'parts[0].pieces[0].vary[0].at is lap 9 counted from 0, and there are 4',
    ],
    [
      'a variation of nothing',
      (circuit) => (circuit.vary = [{ at: 0, id: 'zz', field: 'workSeconds', value: [5] }]),
      'parts[0].pieces[0].vary[0].id "zz" is not found here',
    ],
    [
      'a variation of the number of positions',
      (circuit) => (circuit.vary = [{ at: 0, id: 'a', field: 'workSeconds', value: [5, 5] }]),
      'parts[0].pieces[0].vary[0].value must have 1 figures, one for each position',
    ],
    [
      'a variation of the number of laps',
      (circuit) => (circuit.vary = [{ at: 0, id: 'a', field: 'laps', value: 3 }]),
      'parts[0].pieces[0].vary[0].field must name a field that can vary',
    ],
    [
      'more in the opener at a lap than the list has',
      (circuit) =>
        Object.assign(circuit, {
          travel: 'together',
          stay: { kind: 'task', goal: 'cap', capSeconds: 60 },
          vary: [{ at: 0, id: 'a', field: 'openerCount', value: 20 }],
        }),
      'parts[0].pieces[0].vary[0].value is more than the list has items (1)',
    ],
  ]
  for (const [what, change, message] of cases) it(what, () => expect(problems(change)).toContain(message))

  it('takes HTML and emoji as the text they are', () => {
    expect(problems((_, plan) => (plan.name = '<b>Früh 🌅</b>'))).toEqual([])
  })
})

describe('the plan file', () => {
  const schema = z.toJSONSchema(PlanFile, { io: 'input', unrepresentable: 'any' })
  const validate = new Ajv({ strict: false, validateFormats: false }).compile(schema)

  it('carries the exercises used, reads back as it was, and passes the published JSON Schema', () => {
    for (const plan of demoPlans) {
      const file = planFile(plan, libraryExercises)
      expect(file.exercises.length).toBeGreaterThan(3)
      const again = read(PlanFile, JSON.parse(JSON.stringify(file)))
      expect(again).toEqual({ ok: true, value: file })
      expect(validate(JSON.parse(JSON.stringify(file))), JSON.stringify(validate.errors)).toBe(true)
    }
  })

  it('says which version it wants', () => {
    expect(read(PlanFile, { format: 'vicinor-plan', version: 3, plan: base() })).toMatchObject({
      ok: false,
      problems: [{ field: 'version' }],
    })
  })
})

describe('editing', () => {
  it('finds the piece to begin with, and a starter is a sound plan', () => {
    expect(mainPiece(demoPlans[0]!).id).toBe('ll-stations')
    expect(mainPiece(demoPlans.at(-1)!).id).toBe('bb-rounds')
    let next = 0
    const starter = starterPlan('New', 2700, 8, () => `n${next++}`)
    expect(read(Plan, starter)).toEqual({ ok: true, value: starter })
  })

  it('keeps the stations that stay', () => {
    const stations = [{ id: 'a', uses: [], span: 1 as const, rest: false, skipLaps: [] }]
    expect(resizeStations(stations, 3, () => 'new').map((known) => known.id)).toEqual(['a', 'new', 'new'])
    expect(resizeStations(stations, 0, () => 'new')).toEqual([])
  })
})
