import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear, demoRooms } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { computeClass } from '../class/compute'
import { ClassDocument } from '../class/class-document'
import { read } from '../base/read'
import { arrangeAll, type ArrangedAll, type ArrangeProgress } from './arrange-all'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const arranged = (document: ClassDocument): { told: ArrangeProgress[]; result: ArrangedAll } => {
  const steps = arrangeAll({ document, library, room: demoRooms[0], past: [] })
  const told: ArrangeProgress[] = []
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { told, result: step.value }
    told.push(step.value)
  }
}
const missing = (document: ClassDocument) =>
  computeClass(document, library).gear.lines.reduce(
    (sum, line) => sum + line.byTurn.reduce((all, wanted) => all + Math.max(0, wanted - line.owned), 0),
    0,
  )

describe('arranging it all', () => {
  for (const { id, document } of demoClasses(new Date(2026, 0, 5))) {
    it(`${id}: drops nobody and no station, tells its steps, and leaves a sound class that is not worse`, () => {
      const { told, result } = arranged(document)
      expect(read(ClassDocument, result.document).ok).toBe(true)
      const names = (of: ClassDocument) =>
        computeClass(of, library)
          .groups.flat()
          .map((person) => person.id)
          .sort()
      expect(names(result.document)).toEqual(names(document))
      const stations = (of: ClassDocument) =>
        of.plan.parts
          .flatMap((part) => part.pieces.flatMap((piece) => (piece.type === 'circuit' ? piece.stations.map((station) => station.id) : [])))
          .sort()
      expect(stations(result.document)).toEqual(stations(document))
      expect(told.map(({ done }) => done)).toEqual(told.map((_, index) => index))
      expect(told.at(-1)!.done).toBe(told[0]!.of - 1)
      expect(computeClass(result.document, library).problems).toEqual([])
    })
  }

  it('in a class short of gear, groups begin where less is missing', () => {
    const { document } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!
    expect(missing(arranged(document).result.document)).toBeLessThanOrEqual(missing(document))
  })
})
