import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import { withUse } from '../../plan/edit/circuit'
import { Plan, type Circuit } from '../../plan/plan'
import { differsTexts } from './differs-text'

const part = Plan.parse(shapes.find(({ id }) => id === 'C3')!.plan).parts[0]!
const circuit = part.pieces[0] as Circuit
const use = circuit.stations[0]!.uses[0]!
const names = (id: string) => id.toUpperCase()

describe('what an exercise is at each lap or time', () => {
  it('is told where it differs', () => {
    expect(differsTexts(use, circuit, part, names)).toEqual([])
    const falling: Circuit = { ...circuit, varyRules: [{ rule: 'series', id: use.id, field: 'reps', values: [18, 15, 12, 9] }] }
    expect(differsTexts(use, falling, part, names)).toEqual(['18, 15, 12, 9 reps'])
    const other: Circuit = { ...circuit, vary: [{ at: 1, id: use.id, field: 'exerciseId', value: 'plank' }] }
    expect(differsTexts(use, other, part, names)).toEqual(['lap 2: PLANK'])
    const times = { ...part, repeat: 2, vary: [{ at: 1, id: use.id, field: 'seconds' as const, value: 20 }] }
    expect(differsTexts({ ...use, seconds: 30 }, circuit, times, names)).toEqual(['0:30, 0:20'])
  })
})

describe('an exercise of a station changed', () => {
  const apart = (of: Circuit) => withUse(of, of.stations[0]!.id, of.stations[0]!.uses[0]!.id, (now) => ({ ...now, sides: 'ownInterval' }))

  it('sides with an interval each rest between as the exercises do, where nothing is set', () => {
    expect(apart(circuit).stay).toMatchObject({ gapSeconds: 15 })
    expect(apart(apart(circuit)).stay).toMatchObject({ gapSeconds: 15 })
    expect(apart({ ...circuit, stay: { ...circuit.stay, gapSeconds: 5 } as Circuit['stay'] }).stay).toMatchObject({ gapSeconds: 5 })
    expect(apart({ ...circuit, travel: 'rotate' }).stay).toMatchObject({ gapSeconds: 0 })
    expect(apart(circuit).stations[0]!.uses[0]!.sides).toBe('ownInterval')
  })
})
