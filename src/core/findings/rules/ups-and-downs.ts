import { formOf, isOnFloor } from '../../library/form'
import { pieceName } from '../../summary/names'
import { inEveryWay, commonPractice, exerciseOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Going to the floor and up again at more than every second change of station. */
export function upsAndDowns({ document, library }: Judged): Finding[] {
  return inEveryWay(document, (circuit): Finding[] => {
    const low = circuit.stations.map((station) => {
      const exercise = exerciseOf(library, station)
      return exercise && isOnFloor(formOf(exercise, station.uses[0]?.optionId))
    })
    if (circuit.travel !== 'rotate' || low.length < 4 || low.includes(undefined)) return []
    const changes = low.filter((here, index) => here !== low[(index + 1) % low.length]).length
    if (changes <= low.length / 2 || changes <= 4) return []
    return [
      {
        id: `upsAndDowns-${circuit.id}`,
        severity: 'weigh',
        what: `${pieceName(circuit)}: to the floor and up ${changes / 2} times a lap`,
        why: 'Two floor exercises in a row save a getting up, and its seconds.',
        source: commonPractice,
        pieceId: circuit.id,
        fix: {
          label: 'Put the floor exercises next to each other',
          apply: (now: typeof document) =>
            withPiece(now, circuit, {
              stations: [...circuit.stations.filter((_, index) => !low[index]), ...circuit.stations.filter((_, index) => low[index])],
            }),
        },
      },
    ]
  })
}
