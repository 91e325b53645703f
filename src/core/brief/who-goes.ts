import { andList } from '../base/and-list'
import type { CircuitRotation } from '../class/compute'
import { filesOf } from '../rotation/two-files'

/** Who is meant by the first and the second partner of a rule that sends them different ways; nothing for other rules. */
export function whoGoes({ choice, units }: Pick<CircuitRotation, 'choice' | 'units'>): string | undefined {
  if ((choice.rule !== 'twoFiles' && choice.rule !== 'hostAndTraveller') || units.length < 2) return undefined
  const { first, second } = filesOf(units.length)
  const named = (file: number[]) => andList(file.flatMap((index) => units[index]!.map(({ name }) => name)))
  return `First partners: ${named(first)}. Second partners: ${named(second)}.`
}
