import { applicableRules, applicableToCircuit, applicableToPart } from '../check'
import type { Circuit, Part, Plan, Station } from '../plan'

/**
 * The plan after an edit, without what the edit has made meaningless: variations of what is gone or of laps that are no more, own
 * stays and skipped laps of stations in a rotation, double spans where nobody rotates. Returns the plan itself if it was tidy.
 */
export function tidyPlan(plan: Plan): Plan {
  const parts = plan.parts.map(tidyPart)
  return parts.every((part, index) => part === plan.parts[index]) ? plan : { ...plan, parts }
}

function tidyPart(part: Part): Part {
  const pieces = part.pieces.map((piece) => (piece.type === 'circuit' ? tidyCircuit(piece) : piece))
  const changed = pieces.some((piece, index) => piece !== part.pieces[index])
  const tidied = changed ? { ...part, pieces } : part
  const vary = applicableToPart(tidied)
  const { varyRules, ...rest } = tidied
  const rules = applicableRules(tidied)
  return vary.length === part.vary.length && rules.varyRules?.length === varyRules?.length ? tidied : { ...rest, vary, ...rules }
}

function tidyCircuit(circuit: Circuit): Circuit {
  const stations = circuit.stations.map((station) => tidyStation(station, circuit))
  const changed = stations.some((station, index) => station !== circuit.stations[index])
  const tidied = changed ? { ...circuit, stations } : circuit
  const vary = applicableToCircuit(tidied)
  const waves = tidied.waves && tidied.travel !== 'rotate' ? undefined : tidied.waves
  const rules = applicableRules(tidied)
  const same = vary.length === circuit.vary.length && rules.varyRules?.length === circuit.varyRules?.length && waves === tidied.waves
  if (same) return tidied
  const { waves: _, varyRules: __, ...rest } = tidied
  return { ...rest, vary, ...rules, ...(waves && { waves }) }
}

function tidyStation(station: Station, circuit: Circuit): Station {
  const rotates = circuit.travel === 'rotate'
  const laps = circuit.laps ?? Infinity
  const skipLaps = rotates ? [] : station.skipLaps.filter((lap) => lap < laps)
  const span = rotates ? station.span : 1
  const own = rotates ? undefined : station.stay
  const stay = own ?? circuit.stay
  const uses = stay.kind === 'intervals' ? station.uses.slice(0, stay.workSeconds.length) : station.uses
  if (skipLaps.length === station.skipLaps.length && span === station.span && own === station.stay && uses.length === station.uses.length)
    return station
  const { stay: _, ...rest } = station
  return { ...rest, uses, skipLaps, span, ...(own && { stay: own }) }
}
