import { exchanged } from '../../base/exchanged'
import { formOf, type Form } from '../../library/form'
import type { Circuit } from '../../plan/plan'
import { pieceName } from '../../summary/names'
import { circuitsOf, inEveryWay, commonPractice, exerciseOf, type Finding } from './finding'
import { withPiece, type Fix, type Judged } from '../../class/fix'

/** What must not come twice running round a loop: `key` names it for a form, or says that there is nothing to repeat. */
export interface Repeat {
  id: string
  key: (form: Form) => string | undefined
  what: (key: string, from: number, to: number) => string
  why: string
}

const formsRound = ({ library }: Judged, circuit: Circuit): (Form | undefined)[] =>
  circuit.stations.map((station) => {
    const exercise = exerciseOf(library, station)
    return exercise && formOf(exercise, station.uses[0]?.optionId)
  })

/** Indices of the stations whose key the next one repeats; the loop closes. */
function repeatsIn(keys: readonly (string | undefined)[]): number[] {
  return keys.flatMap((key, index) => (key !== undefined && key === keys[(index + 1) % keys.length] ? [index] : []))
}

/** The findings for one repeat in every circuit in which people rotate, each with the trade of two stations that helps most. */
export function twiceRunning(judged: Judged, repeat: Repeat): Finding[] {
  return inEveryWay(judged.document, (circuit): Finding[] => {
    if (circuit.travel !== 'rotate' || circuit.stations.length < 3) return []
    const forms = formsRound(judged, circuit)
    const keys = forms.map((form) => form && repeat.key(form))
    const found = repeatsIn(keys)
    const fix = found.length > 0 ? stationTrade(circuit, keys, forms) : undefined
    return found.map((index) => {
      const next = (index + 1) % keys.length
      return {
        id: `${repeat.id}-${circuit.id}-${index + 1}`,
        severity: 'weigh',
        what: repeat.what(keys[index]!, index + 1, next + 1),
        why: repeat.why,
        source: commonPractice,
        pieceId: circuit.id,
        ...(fix && { fix }),
      }
    })
  })
}

/** The trade of two stations that leaves the fewest repeats, of this key and of regions together; none when none helps. */
function stationTrade(circuit: Circuit, keys: readonly (string | undefined)[], forms: readonly (Form | undefined)[]): Fix | undefined {
  const regions = forms.map((form) => form?.regions[0])
  const cost = (order: readonly number[]) => {
    let repeats = 0
    for (let at = 0; at < order.length; at++) {
      const here = order[at]!
      const next = order[(at + 1) % order.length]!
      if (keys[here] !== undefined && keys[here] === keys[next]) repeats++
      if (regions[here] !== undefined && regions[here] === regions[next]) repeats++
    }
    return repeats
  }
  const same = keys.map((_, index) => index)
  let best = { cost: cost(same), one: -1, other: -1 }
  for (let one = 0; one < same.length; one++) {
    for (let other = one + 1; other < same.length; other++) {
      const then = cost(exchanged(same, one, other))
      if (then < best.cost) best = { cost: then, one, other }
    }
  }
  if (best.one < 0) return undefined
  const { one, other } = best
  return {
    label: `Trade stations ${one + 1} and ${other + 1} of ${pieceName(circuit)}`,
    apply: (now) => {
      const here = circuitsOf(now).find((known) => known.id === circuit.id)!
      return withPiece(now, here, { stations: exchanged(here.stations, one, other) })
    },
  }
}
