import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import { Plan, type Circuit } from '../plan'
import { circuitAtLap } from '../vary'
import { differingFields, differsAt, withoutDiffering, withSeries, withValueAt, type Varied } from './differ'

const circuit = Plan.parse(shapes.find(({ id }) => id === 'C3')!.plan).parts[0]!.pieces[0] as Circuit
const plain: Varied = { vary: [] }
const at = (varied: Varied, lap: number) => differsAt(varied, [circuit], lap, circuit.id, 'workSeconds')
const works = (varied: Varied) =>
  [0, 1, 2, 3].map((lap) => {
    const { stay } = circuitAtLap({ ...circuit, ...varied }, lap)
    return stay.kind === 'intervals' ? stay.workSeconds[0] : 0
  })

describe('what differs from lap to lap', () => {
  it('one lap is given a figure of its own, another one, and none again', () => {
    const one = withValueAt(plain, 2, circuit.id, 'workSeconds', [30])
    expect(works(one)).toEqual([45, 45, 30, 45])
    expect(at(withValueAt(one, 2, circuit.id, 'workSeconds', [25]), 2)).toEqual([25])
    expect(withValueAt(one, 2, circuit.id, 'workSeconds', undefined)).toEqual(plain)
  })

  it('a series takes the place of what was said, and a figure of it is changed in it', () => {
    const series = withSeries(withValueAt(plain, 1, circuit.id, 'workSeconds', [30]), circuit.id, 'workSeconds', [60, 50, 40])
    expect(series.vary).toEqual([])
    // The last figure stays.
    expect(works(series)).toEqual([60, 50, 40, 40])
    expect(works(withValueAt(series, 3, circuit.id, 'workSeconds', [35]))).toEqual([60, 50, 40, 35])
    expect(works(withValueAt(series, 0, circuit.id, 'workSeconds', [70]))).toEqual([70, 50, 40, 40])
    expect(withoutDiffering(series, circuit.id, 'workSeconds')).toEqual(plain)
  })

  it('two figures that change places keep doing so when they change', () => {
    const exchanged: Varied = { vary: [], varyRules: [{ rule: 'exchange', id: circuit.id, fields: ['workSeconds', 'transitionSeconds'] }] }
    expect(works(exchanged)).toEqual([45, 15, 45, 15])
    const longer = { ...circuit, ...exchanged, transition: { ...circuit.transition, seconds: 20 } }
    expect(circuitAtLap(longer, 1).stay).toMatchObject({ workSeconds: [20] })
  })

  it('each figure of which something is said is named once', () => {
    const varied = withValueAt(withValueAt(plain, 1, circuit.id, 'workSeconds', [30]), 2, circuit.id, 'workSeconds', [20])
    expect(differingFields(varied)).toEqual([{ id: circuit.id, field: 'workSeconds' }])
    expect(differingFields(withSeries(varied, circuit.id, 'workSeconds', [9, 8]))).toHaveLength(1)
  })
})
