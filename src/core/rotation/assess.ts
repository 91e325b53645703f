import { elsewhere } from './rotation'

/** What paths really give, counted turn by turn. */
export interface Assessment {
  /** `visits[u][s]`: turns of unit `u` at station `s`. */
  visits: number[][]
  /** `meetings[u][v]`: turns that `u` and `v` are at one station. */
  meetings: number[][]
  /** Turns that a unit is at a station alone, summed over all. */
  alone: number
}

export function assess(paths: readonly (readonly number[])[], stations: number): Assessment {
  const units = paths.length
  const visits = Array.from({ length: units }, () => Array<number>(stations).fill(0))
  const meetings = Array.from({ length: units }, () => Array<number>(units).fill(0))
  let alone = 0
  const turns = Math.max(0, ...paths.map((path) => path.length))
  for (let turn = 0; turn < turns; turn++) {
    const here: number[][] = Array.from({ length: stations }, () => [])
    paths.forEach((path, unit) => {
      const station = path[turn] ?? elsewhere
      if (station === elsewhere) return
      visits[unit]![station]!++
      here[station]!.push(unit)
    })
    for (const together of here) {
      if (together.length === 1) alone++
      for (const one of together) for (const other of together) if (one !== other) meetings[one]![other]!++
    }
  }
  return { visits, meetings, alone }
}

/** The least and the most of some counts; zeros for none. */
export const leastAndMost = (counts: readonly number[]): [least: number, most: number] =>
  counts.length === 0 ? [0, 0] : [Math.min(...counts), Math.max(...counts)]

const times = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

const people = (count: number) => `${count} ${count === 1 ? 'person' : 'people'}`

/** How often stations are visited, in words; every miss and repeat is told. `who` are the units spoken of. */
export function coverageWords({ visits }: Assessment, who: readonly number[], everyone = 'Everyone'): { met: boolean; text: string } {
  const [least, most] = leastAndMost(who.flatMap((unit) => visits[unit]!))
  if (least === most && least > 0) return { met: true, text: `${everyone} is at every station ${times(least)}.` }
  const missing = who.map((unit) => visits[unit]!.filter((count) => count === 0).length)
  const [fewest, mostMissed] = leastAndMost(missing)
  if (mostMissed === 0) return { met: true, text: `${everyone} is at every station, ${least} to ${most} times each.` }
  const stations = (count: number) => (count === 1 ? 'one station' : `${count} stations`)
  const [, repeats] = leastAndMost(who.map((unit) => visits[unit]!.filter((count) => count > 1).length))
  const repeated = repeats > 0 ? `, and repeats ${repeats === 1 ? 'one' : repeats}` : ''
  if (fewest === mostMissed) return { met: false, text: `${everyone} misses ${stations(fewest)}${repeated}.` }
  return {
    met: false,
    text: `${people(missing.filter((count) => count > 0).length)} of ${who.length} miss up to ${stations(mostMissed)}${repeated}.`,
  }
}

/** How often those of `one` meet those of `other`, in words. */
export function meetingWords({ meetings }: Assessment, one: readonly number[], other: readonly number[]): { met: boolean; text: string } {
  const counts = one.flatMap((unit) => other.filter((known) => known !== unit).map((known) => meetings[unit]![known]!))
  const [least, most] = leastAndMost(counts)
  if (least === 1 && most === 1) return { met: true, text: 'Everyone meets everyone of the other file exactly once.' }
  const met = counts.filter((count) => count > 0).length
  if (least > 0)
    return { met: true, text: `Everyone meets everyone of the other file, ${least === most ? times(least) : `${least} to ${most} times`}.` }
  const repeats = most > 1 ? `, some ${times(most)}` : ''
  return { met: false, text: `${met} of the ${counts.length} possible meetings happen${repeats}.` }
}
