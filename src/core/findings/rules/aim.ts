import { formatSeconds, type Seconds } from '../../base/units'
import type { Circuit, Station, Task } from '../../plan/plan'
import { pieceName, stationName } from '../../summary/names'
import { finishSeconds, roundsWithin, type Estimate, type Paces } from '../../pace/pace'
import { circuitsOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

interface Reach {
  index: number
  low: number
  typical: number
  high: number
}

/** What each station with the circuit's own stay comes to, and the one that is `worst`. */
function worstOf(circuit: Circuit, reachOf: (station: Station) => Estimate | undefined, worse: (a: Reach, b: Reach) => boolean) {
  return circuit.stations.reduce<Reach | undefined>((worst, station, index) => {
    const reach = station.stay || station.uses.length === 0 ? undefined : reachOf(station)
    return reach && (!worst || worse({ index, ...reach }, worst)) ? { index, ...reach } : worst
  }, undefined)
}

const placeOf = (circuit: Circuit, { index }: Reach) => (circuit.stations.length > 1 ? stationName(circuit, index) : pieceName(circuit))

/** An aim that even the quick do not reach in the cap: so many rounds, or the finish. */
export function aim({ document, computed }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit) => {
    const { stay } = circuit
    if (stay.kind !== 'task' || stay.capSeconds === undefined) return []
    return stay.goal === 'finish'
      ? finishOutOfReach(circuit, stay, stay.capSeconds, computed.paces)
      : roundsOutOfReach(circuit, stay, stay.capSeconds, computed.paces)
  })
}

function finishOutOfReach(circuit: Circuit, stay: Task, capSeconds: Seconds, paces: Paces): Finding[] {
  const longest = worstOf(
    circuit,
    ({ uses }) => finishSeconds(stay, uses, paces),
    (a, b) => a.low > b.low,
  )
  if (!longest || longest.low <= capSeconds) return []
  const enough = Math.ceil(longest.typical / 30) * 30
  return [
    {
      id: `aim-${circuit.id}`,
      severity: 'weigh',
      what: `${placeOf(circuit, longest)}: nobody finishes in ${formatSeconds(capSeconds)}`,
      why: `At the paces of this hall the quick take ${formatSeconds(longest.low)}, most people ${formatSeconds(longest.typical)}.`,
      pieceId: circuit.id,
      fix: {
        label: `Give ${formatSeconds(enough)}`,
        apply: (now) => withPiece<Circuit>(now, circuit, { stay: { ...stay, capSeconds: enough } satisfies Task }),
      },
    },
  ]
}

function roundsOutOfReach(circuit: Circuit, stay: Task, capSeconds: Seconds, paces: Paces): Finding[] {
  const { aimRounds } = stay
  const least = worstOf(
    circuit,
    ({ uses }) => roundsWithin(capSeconds, stay, uses, paces),
    (a, b) => a.high < b.high,
  )
  if (aimRounds === undefined || !least || least.high >= aimRounds) return []
  const rounds = Math.max(1, Math.floor(least.typical))
  return [
    {
      id: `aim-${circuit.id}`,
      severity: 'weigh',
      what: `${placeOf(circuit, least)}: ${aimRounds} rounds are out of reach`,
      why: `At the paces of this hall the quick get ${least.high.toFixed(1)} rounds, most people ${least.typical.toFixed(1)}.`,
      pieceId: circuit.id,
      fix: {
        label: `Aim at ${rounds} ${rounds === 1 ? 'round' : 'rounds'}`,
        apply: (now) => withPiece<Circuit>(now, circuit, { stay: { ...stay, aimRounds: rounds } satisfies Task }),
      },
    },
  ]
}
