import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../../../scripts/demo/plans'
import { libraryExercises } from '../../../../../scripts/library/exercises'
import { planOf, presets } from '@core/plan/edit/presets'
import { Plan, type Piece, type Variation } from '@core/plan/plan'
import { entryFor, fieldNames, targetsOf, type VaryField } from './differ-fields'

let counter = 0
const makings = { newId: () => `v${counter++}`, main: ['goblet-squat', 'push-up', 'plank'], suggested: { warmUp: [], coolDown: [] } }
const plans = [...demoPlans, ...presets.map((preset) => planOf(preset, preset.name, preset.slotSeconds, makings))]

/** What somebody might type for a field. */
const typed: Partial<Record<VaryField, string>> = {
  workSeconds: '0:30',
  rungs: '9-6-3',
  aimRounds: '4',
  openerCount: '1',
  reps: '12',
  load: '6',
  tempo: '3-1-1-0',
  effort: 'steady',
  machine: '5 km/h',
}

const valueFor = (field: VaryField, positions: number, entry: ReturnType<typeof entryFor>): unknown => {
  if (entry.kind === 'exercise') return 'plank'
  if (entry.kind === 'choice') return entry.choices[0]!.value
  return entry.notation.read(field === 'workSeconds' ? Array(positions).fill('0:30').join(' + ') : (typed[field] ?? '0:25'))
}

/** The plan with one more variation, of the circuit by lap or of the part by repeat. */
const varied = (plan: Plan, piece: Piece, variation: Variation): Plan => ({
  ...plan,
  parts: plan.parts.map((part) => {
    if (!part.pieces.includes(piece)) return part
    if (piece.type === 'pause') return { ...part, vary: [variation] }
    return { ...part, pieces: part.pieces.map((known) => (known === piece ? { ...piece, vary: [variation] } : known)) }
  }),
})

describe('what may differ', () => {
  it('everything that is offered, for every piece of every plan and preset, is taken by the plan’s own schema and told in words', () => {
    let offered = 0
    for (const plan of plans) {
      for (const piece of plan.parts.flatMap((part) => part.pieces)) {
        const targets = targetsOf(piece, libraryExercises)
        for (const target of targets) {
          for (const field of target.fields) {
            const entry = entryFor(field, target, libraryExercises)
            const value = valueFor(field, target.stay?.kind === 'intervals' ? target.stay.workSeconds.length : 1, entry)
            expect(value, `${plan.name} ${target.label} ${field}`).toBeDefined()
            const variation = { at: 0, id: target.id, field, value } as Variation
            const checked = Plan.safeParse(varied(plan, piece, variation))
            expect(checked.error?.issues, `${plan.name} ${target.label} ${field}`).toBeUndefined()
            // What is shown of it is typed in again as the same.
            if (entry.kind === 'text') expect(entry.notation.read(entry.notation.show(value))).toEqual(value)
            offered++
          }
        }
      }
    }
    expect(offered).toBeGreaterThan(500)
  })

  it('what is typed comes back as it is written, and what cannot be is not taken', () => {
    const circuit = demoPlans[0]!.parts.flatMap((part) => part.pieces).find((piece) => piece.type === 'circuit')!
    const [all, use] = targetsOf(circuit, libraryExercises)
    for (const [target, field, text] of [
      [all!, 'transitionSeconds', '0:20'],
      [use!, 'reps', '12'],
      [use!, 'load', '7.5'],
      [use!, 'tempo', '4-2-1-0'],
      [use!, 'effort', 'steady'],
    ] as const) {
      const entry = entryFor(field, target, libraryExercises)
      if (entry.kind !== 'text') throw new Error(field)
      expect(entry.notation.show(entry.notation.read(text))).toBe(text)
      for (const wrong of field === 'effort' ? [' '] : ['-1', 'soon', ''])
        expect(entry.notation.read(wrong), `${field} ${wrong}`).toBeUndefined()
    }
  })

  it('has a name for every field', () => {
    expect(Object.values(fieldNames).every((name) => name.length > 2)).toBe(true)
  })
})
