import { applicableRules, applicableToCircuit, applicableToPart } from '../check'
import type { Circuit, Part, Plan, Station, Stay } from '../plan'

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
  const stay = tidyStay(
    circuit.stay,
    circuit.travel,
    stations.filter((station) => !station.stay && !station.rest),
  )
  const changed = stay !== circuit.stay || stations.some((station, index) => station !== circuit.stations[index])
  const tidied = changed ? { ...circuit, stay, stations } : circuit
  const vary = applicableToCircuit(tidied)
  const waves = tidied.waves && tidied.travel !== 'rotate' ? undefined : tidied.waves
  const rules = applicableRules(tidied)
  const same = vary.length === circuit.vary.length && rules.varyRules?.length === circuit.varyRules?.length && waves === tidied.waves
  if (same) return tidied
  const { waves: _, varyRules: __, ...rest } = tidied
  return { ...rest, vary, ...rules, ...(waves && { waves }) }
}

/** A list without an opener longer than itself, and without a led ladder where there are no rungs, or where people rotate. */
function tidyStay(stay: Stay, travel: Circuit['travel'], stations: readonly Station[]): Stay {
  if (stay.kind !== 'task') return stay
  const openerCount = Math.min(stay.openerCount, ...stations.map(({ uses }) => uses.length))
  const led = stay.rungs && travel === 'together' && stay.goal === 'finish' && stay.capSeconds === undefined && openerCount === 0
  if (openerCount === stay.openerCount && (led || !stay.rungClock)) return stay
  const { rungClock, ...rest } = stay
  return { ...rest, openerCount, ...(led && rungClock && { rungClock }) }
}

function tidyStation(station: Station, circuit: Circuit): Station {
  const rotates = circuit.travel === 'rotate'
  const laps = circuit.laps ?? Infinity
  const skipLaps = rotates ? [] : station.skipLaps.filter((lap) => lap < laps)
  const span = rotates ? station.span : 1
  const own = rotates ? undefined : station.stay && tidyStay(station.stay, circuit.travel, [station])
  const stay = own ?? circuit.stay
  const uses = stay.kind === 'intervals' ? station.uses.slice(0, stay.workSeconds.length) : station.uses
  if (skipLaps.length === station.skipLaps.length && span === station.span && own === station.stay && uses.length === station.uses.length)
    return station
  const { stay: _, ...rest } = station
  return { ...rest, uses, skipLaps, span, ...(own && { stay: own }) }
}
