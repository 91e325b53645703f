import type { ComputedClass, HallLibrary } from '../class/compute'
import { exercisesById } from '../library/by-id'
import type { ClassDocument } from '../class/class-document'
import { formOf, type Form } from '../library/form'
import { rotatingCircuits } from '../plan/turns'
import type { Metres } from '../base/units'
import { floorAround, type Rect } from './geometry'

/** The floor that a station takes up: its number, its forms, and the most people at once. */
export interface StationFloor {
  /** From 0: the same spot in every circuit in which people rotate. */
  index: number
  lengthMetres: Metres
  widthMetres: Metres
  people: number
  forms: Form[]
}

/** People side by side before another row begins. */
const inARow = 3

/**
 * The floor of every spot: as many spots as the longest rotation has stations, each for the largest exercise and the most people
 * that come to it.
 */
export function stationFloors(
  document: Pick<ClassDocument, 'plan'>,
  computed: ComputedClass,
  library: Pick<HallLibrary, 'exercises'>,
): StationFloor[] {
  const byId = exercisesById(library.exercises)
  const circuits = rotatingCircuits(document.plan)
  const count = Math.max(0, ...circuits.map((circuit) => circuit.stations.length))
  return Array.from({ length: count }, (_, index): StationFloor => {
    const forms = circuits.flatMap((circuit) =>
      (circuit.stations[index]?.uses ?? []).flatMap((use) => {
        const exercise = byId.get(use.exerciseId)
        return exercise ? [formOf(exercise, use.optionId)] : []
      }),
    )
    const people = Math.max(
      1,
      ...computed.rotations.map(({ rotation, units }) =>
        rotation.ok
          ? Math.max(
              0,
              ...rotation.value.turns.map((turn) => (turn[index] ?? []).reduce((sum, unit) => sum + (units[unit]?.length ?? 0), 0)),
            )
          : 0,
      ),
    )
    const length = Math.max(1, ...forms.map((form) => form.space.lengthMetres))
    const width = Math.max(1, ...forms.map((form) => form.space.widthMetres))
    return { index, people, forms, lengthMetres: length * Math.ceil(people / inARow), widthMetres: width * Math.min(people, inARow) }
  })
}

/** Where a spot's floor lies when its middle is there. */
export const floorAt = (spot: { x: Metres; y: Metres }, floor: Pick<StationFloor, 'lengthMetres' | 'widthMetres'>): Rect =>
  floorAround(spot, floor.lengthMetres, floor.widthMetres)
