import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary } from '../../../tests/fixtures/demo-run'
import { rotatingCircuits } from '../plan/turns'
import { ClassDocument } from './class-document'
import { computeClass } from './compute'
import { fewerStations, ruleOutcomes, ruleRecommended } from './rule-outcomes'
import { withPiece } from './fix'

/** Lunch Loop, eight stations, with so many people. */
function lunch(people: number) {
  const document = classDocument('demo-lunch')
  document.here = [...document.here, ...demoLibrary.people.map(({ id }) => id).filter((id) => !document.here.includes(id))].slice(0, people)
  delete document.arranged
  const computed = computeClass(document, demoLibrary)
  return { document, computed, circuit: computed.rotations[0]!.circuit }
}

describe('what each rule gives a class', () => {
  it('is what the class has once it is chosen', () => {
    const { document, computed, circuit } = lunch(14)
    for (const outcome of ruleOutcomes(document, computed, circuit)) {
      const chosen = computeClass(
        { ...document, rotations: { [circuit.id]: { rule: outcome.rule, ...(outcome.rule === 'loopByK' && { step: 3 }) } } },
        demoLibrary,
      )
      const { rotation, units } = chosen.rotations[0]!
      if (!rotation.ok) throw new Error(rotation.problems[0]!.message)
      const alone = rotation.value.turns.flat().filter((here) => here.reduce((sum, unit) => sum + units[unit]!.length, 0) === 1).length
      expect([outcome.rule, outcome.alone]).toEqual([outcome.rule, alone])
    }
  })

  it('offers fewer stations where these give everyone a new partner every turn, and they do', () => {
    const { document, computed, circuit } = lunch(14)
    expect(ruleRecommended(document, computed, circuit, ruleOutcomes(document, computed, circuit)).rule).toBe('loop')
    // What differs at the station that goes, goes with it.
    const last = circuit.stations.at(-1)!
    const varied = withPiece(document, circuit, { vary: [{ at: 1, id: last.uses[0]!.id, field: 'exerciseId', value: 'plank' }] })
    const fewer = fewerStations(varied, computed, { ...circuit, vary: rotatingCircuits(varied.plan)[0]!.vary })!
    expect(fewer.count).toBe(7)
    expect(ClassDocument.safeParse(fewer.document).success).toBe(true)
    const smaller = fewer.document
    const then = computeClass(smaller, demoLibrary)
    const now = then.rotations[0]!.circuit
    const outcomes = ruleOutcomes(smaller, then, now)
    expect(outcomes.find(({ rule }) => rule === 'twoFiles')).toMatchObject({ alone: 0, missed: 0, waiting: 0 })
    expect(ruleRecommended(smaller, then, now, outcomes)).toMatchObject({ rule: 'twoFiles', isWhole: true })
    for (const people of [16, 15, 5]) {
      const other = lunch(people)
      expect(fewerStations(other.document, other.computed, other.circuit)).toBeUndefined()
    }
  })
})
