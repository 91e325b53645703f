import { gearNeeded, pacesOf, placedClass, type HallLibrary } from '../../class/compute'
import type { ClassDocument } from '../../class/class-document'
import type { Person } from '../../library/person'
import { compileTimeline } from '../../timeline/compile'
import type { GearLine } from '../count'

/** How many people the gear of a hall serves in a class, and what runs short with one more. */
export interface LargestClass {
  people: number
  /** Runs short first; absent when `people` is the most that was looked at, or the stations hold no more. */
  limit?: Pick<GearLine, 'kindName' | 'sizeLabel' | 'owned'> | undefined
  /** The stations hold no more, whatever the gear. */
  full: boolean
  /** Why no class of any size works, whatever the gear: then `people` is 0. */
  problem?: string | undefined
}

/** Where nobody is ticked yet. */
const anyone: Person = { id: 'anyone', name: 'Anyone', level: 'regular', goEasy: [], goEasyNote: '', loads: {} }

/**
 * The largest class of people like those who are here for whom nothing is short: they are counted from the first, and after the
 * last from the first again. Gear that two classes of neighbouring sizes need is not always more for the larger, so every size is
 * looked at in turn, from the first that the rules of its circuits allow up to `most`.
 */
export function largestClass(document: ClassDocument, library: HallLibrary, here: readonly Person[], most = 60): LargestClass {
  const people = here.length > 0 ? here : [anyone]
  const { arranged: _, ...unarranged } = document
  const timeline = compileTimeline(document.plan, pacesOf(library, people))
  if (!timeline.ok) return { people: 0, full: false, problem: timeline.problems[0]!.message }
  let sound: number | undefined
  let problem: string | undefined
  for (let count = 1; count <= most; count++) {
    const walkIns = Array.from({ length: count }, (_, index): Person => ({
      ...people[index % people.length]!,
      id: `like-${index}`,
      keepWith: undefined,
      keepApart: undefined,
    }))
    const placed = placedClass({ ...unarranged, here: walkIns.map((person) => person.id), walkIns, fromHome: [], sizes: {} }, walkIns)
    const problems = placed.rotations.flatMap(({ rotation }) => (rotation.ok ? [] : rotation.problems))
    if (problems.length > 0) {
      // Some rules need more people than one: the class begins to be one later.
      if (sound !== undefined) return { people: sound, full: true }
      problem ??= problems[0]!.message
      continue
    }
    const { gear } = gearNeeded(document, library, placed, pacesOf(library, walkIns))
    const short = gear.lines.filter((line) => line.short > 0).sort((a, b) => b.short - a.short)[0]
    if (short) {
      const { kindName, sizeLabel, owned } = short
      return { people: sound ?? 0, limit: { kindName, sizeLabel, owned }, full: false }
    }
    sound = count
  }
  return sound === undefined ? { people: 0, full: false, problem } : { people: sound, full: false }
}
