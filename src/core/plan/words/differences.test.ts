import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { pieceName } from '../../summary/names'
import { planDifferences } from './differences'
import type { Circuit, Plan } from '../plan'

const plan = () => structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan)
const names = { piece: pieceName, exercise: (id: string, optionId?: string) => optionId ?? id }
const changed = (change: (circuit: Circuit, plan: Plan) => void): string[] => {
  const after = plan()
  change(after.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit, after)
  return planDifferences(plan(), after, names)
}

describe('differences between two plans, in words', () => {
  it('none where nothing differs', () => {
    expect(changed(() => undefined)).toEqual([])
  })

  it('numbers, exercises and sides of a circuit', () => {
    expect(
      changed((circuit) => {
        circuit.laps = 3
        circuit.transition.seconds = 20
        circuit.stations[1]!.uses[0]!.exerciseId = 'plank'
        circuit.stations[0]!.uses[0]!.optionId = 'harder-one'
        if (circuit.stay.kind === 'intervals') circuit.stay.workSeconds = [45]
      }),
    ).toEqual([
      'Stations: work 0:45 instead of 0:40',
      'Stations: transition 0:20 instead of 0:15',
      'Stations: 3 laps instead of 2',
      expect.stringMatching(/^Stations: 1 harder-one instead of /),
      expect.stringMatching(/^Stations: 2 plank instead of /),
    ])
  })

  it('pieces that come, go, or change places, and the slot', () => {
    expect(
      changed((_, after) => {
        after.slotSeconds = 3600
        after.parts[0]!.optional = true
        after.parts.reverse()
        after.parts[0]!.pieces = [{ id: 'new', type: 'pause', kind: 'rest', seconds: 45 }]
      }),
    ).toEqual([
      'Slot 1:00:00 instead of 40:00',
      'New: Rest, 0:45',
      expect.stringMatching(/^Gone: /),
      expect.stringMatching(/^Gone: /),
      'Another order of pieces',
      expect.stringContaining('only if there is time'),
    ])
  })

  it('a stay of another kind with its figures, and the list of a wave', () => {
    expect(
      changed((circuit) => (circuit.stay = { kind: 'task', goal: 'cap', capSeconds: 300, openerCount: 0, rungRestSeconds: 0 })),
    ).toEqual(['Stations: a list for 5:00 instead of 0:40 work'])
    const before = plan()
    const circuit = (of: Plan) => of.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit
    circuit(before).waves = { meanwhile: { ...structuredClone(circuit(before)), id: 'm', travel: 'together' } }
    expect(planDifferences(plan(), before, names)).toEqual(['Stations: two waves, with a list meanwhile'])
    const after = structuredClone(before)
    circuit(after).waves!.meanwhile.laps = 1
    expect(planDifferences(before, after, names)).toEqual(['Stations: meanwhile 1 lap instead of 2'])
  })
})
