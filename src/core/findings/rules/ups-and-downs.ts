import { pieceName } from '../../summary/names'
import { circuitsOf, commonPractice, exerciseOf, type Finding, type Judged } from '../finding'

/** Going to the floor and up again at more than every second change of station. */
export function upsAndDowns({ document, library }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit) => {
    const low = circuit.stations.map((station) => {
      const stance = exerciseOf(library, station)?.stance
      return stance && (stance === 'lying' || stance === 'kneeling')
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
      },
    ]
  })
}
