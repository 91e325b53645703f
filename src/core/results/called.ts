import { failure, problem, type Result } from '../base/result'
import type { WeightUnit } from '../library/weight'
import type { Measure, Outcome } from './outcome'
import { readOutcome } from './read-outcome'

interface Called {
  personId: string
  name: string
  outcome: Outcome | undefined
}

/**
 * A result as it is called out across the room: who, by the beginning of their name, and what.
 *
 * `tov 2:14.3` → Tove, 2:14.3
 */
export function readCalled(
  text: string,
  people: readonly { id: string; name: string }[],
  measure: Measure,
  unit: WeightUnit = 'kg',
): Result<Called> {
  const words = text.trim().split(/\s+/)
  // A name may be of more words than one: the longest beginning that is somebody's counts.
  for (let length = words.length - 1; length > 0; length--) {
    const said = words.slice(0, length).join(' ').toLowerCase()
    const exact = people.filter(({ name }) => name.toLowerCase() === said)
    const likely = exact.length > 0 ? exact : people.filter(({ name }) => name.toLowerCase().startsWith(said))
    if (likely.length === 0) continue
    if (likely.length > 1)
      return failure(problem('several', `Who is "${said}"? ${likely.map(({ name }) => name).join(', ')}: type more of the name.`))
    const read = readOutcome(words.slice(length).join(' '), measure, unit)
    if (!read.ok) return read
    return { ok: true, value: { personId: likely[0]!.id, name: likely[0]!.name, outcome: read.value } }
  }
  return failure(problem('nobody', `"${text.trim()}" names nobody who was here. Type a name or its beginning, and what they did.`))
}
