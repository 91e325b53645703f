import type { ComputedClass, HallLibrary } from '../../class/compute'
import type { ClassDocument } from '../../class/class-document'
import { piecesWords, setUpList } from '../../gear/lists/lists'
import { sizeKey } from '../../gear/need'
import { counterOf, stationNeed } from '../../gear/station-need'
import { usableIn } from '../../library/gear-kind'
import type { Circuit } from '../../plan/plan'
import { rotatingCircuits } from '../../plan/turns'

/**
 * What each unit that moves brings along to a station, by `station/unit` (from 0): sizes of which there are too few to stand at
 * every station go round with those who use them. Empty where everything stands there.
 */
export function broughtAlong(
  document: ClassDocument,
  computed: Pick<ComputedClass, 'rotations' | 'groups' | 'gear' | 'choices' | 'paces'>,
  library: HallLibrary,
  circuit: Circuit,
): Record<string, string[]> {
  const { goRound } = setUpList(document.plan, computed.gear)
  const units = computed.rotations.find((known) => known.circuit.id === circuit.id)?.units
  if (goRound.length === 0 || !units || rotatingCircuits(document.plan)[0]?.id !== circuit.id) return {}
  const { plan } = document
  const kinds = usableIn(library.gear, document.roomId, document.bring)
  const { groups, choices, paces } = computed
  const counter = counterOf({ plan, exercises: library.exercises, kinds, groups, choices, paces, rotations: new Map() })
  const brought = circuit.stations.flatMap((station, at) =>
    units.flatMap((unit, index): [string, string[]][] => {
      const need = stationNeed(counter, circuit, station, [unit], 0)
      const pieces = goRound.flatMap((piece) => {
        const count = need.get(sizeKey(piece.kindId, piece.sizeId)) ?? 0
        return count > 0 ? [piecesWords({ ...piece, count })] : []
      })
      return pieces.length > 0 ? [[`${at}/${index}`, pieces]] : []
    }),
  )
  return Object.fromEntries(brought)
}
