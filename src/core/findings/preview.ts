import { andList } from '../base/and-list'
import { midSentence } from '../base/mid-sentence'
import { exercisesById } from '../library/by-id'
import { computeClass, type ComputedClass } from '../class/compute'
import { formOf } from '../library/form'
import { planDifferences } from '../plan/words/differences'
import { pieceName } from '../summary/names'
import { formatSeconds } from '../base/units'
import { exerciseChanges, type ExerciseChange } from './exercise-changes'
import type { ClassDocument } from '../class/class-document'
import type { Finding } from './rules/finding'
import type { Judged } from '../class/fix'
import { judge } from './judge'

/** What a change would do to the class, before it is made. */
export interface Preview {
  document: ClassDocument
  changes: string[]
  /** Exercises in the place of others, to be shown as pictures. */
  exercises: ExerciseChange[]
  /** `36:15 instead of 33:10`, or that it stays as it is. */
  total: string
  /** Findings that go, and those that come. */
  mends: string[]
  raises: string[]
}

/** Names for differences, from a hall's exercises. */
export const namesFor = (library: Pick<Judged['library'], 'exercises'>) => {
  const byId = exercisesById(library.exercises)
  return {
    piece: pieceName,
    exercise: (exerciseId: string, optionId?: string) => {
      const exercise = byId.get(exerciseId)
      return exercise ? formOf(exercise, optionId).name : exerciseId
    },
  }
}

/** What changes for people: where groups begin, who is with whom, what they take or bring. */
function peopleDifferences({ document: before, computed: now, library }: Judged, after: ClassDocument, then: ComputedClass): string[] {
  const words: string[] = []
  const names = (groups: ComputedClass['groups']) => groups.map((group) => andList(group.map((person) => person.name)))
  const [groupsNow, groupsThen] = [names(now.groups), names(then.groups)]
  const moved = groupsThen.filter((group, index) => group !== groupsNow[index])
  if (moved.length > 0 && [...groupsThen].sort().join() === [...groupsNow].sort().join())
    words.push(
      ...groupsThen.flatMap((group, index) =>
        group === groupsNow[index] ? [] : [`${group} begin at ${index + 1} instead of ${groupsNow.indexOf(group) + 1}`],
      ),
    )
  else if (moved.length > 0) words.push(`${groupsThen.length} groups instead of ${groupsNow.length}`)
  const labelOf = (kindId: string, sizeId: string | undefined) =>
    library.gear.find((kind) => kind.id === kindId)?.sizes.find((size) => size.id === sizeId)?.label ?? 'another size'
  for (const person of then.people) {
    const earlier = now.people.find((known) => known.id === person.id)
    for (const [kindId, sizeId] of Object.entries(person.loads)) {
      if (earlier && earlier.loads[kindId] !== sizeId) words.push(`${person.name} takes ${labelOf(kindId, sizeId)}`)
    }
  }
  for (const kindId of after.bring ?? [])
    if (!before.bring?.includes(kindId))
      words.push(`Everyone brings ${midSentence(library.gear.find((kind) => kind.id === kindId)?.name ?? kindId)}`)
  if ((after.laidReady?.length ?? 0) > (before.laidReady?.length ?? 0)) words.push('Gear lies ready at every place')
  return words
}

export function previewOf(judged: Judged, apply: (document: ClassDocument) => ClassDocument): Preview {
  const document = apply(judged.document)
  const computed = computeClass(document, judged.library)
  const then = judge({ ...judged, document, computed }).filter((finding) => finding.severity !== 'fine')
  const now = judge(judged).filter((finding) => finding.severity !== 'fine')
  const lacks = (list: readonly Finding[], finding: Finding) => !list.some((known) => known.id === finding.id)
  const before = judged.computed.timeline
  const after = computed.timeline
  return {
    document,
    exercises: exerciseChanges(judged.document.plan, document.plan, judged.library.exercises),
    changes: [
      ...planDifferences(judged.document.plan, document.plan, namesFor(judged.library)),
      ...peopleDifferences(judged, document, computed),
    ],
    total:
      before.ok && after.ok
        ? before.value.total === after.value.total
          ? `stays ${formatSeconds(after.value.total)}`
          : `${formatSeconds(after.value.total)} instead of ${formatSeconds(before.value.total)}`
        : '',
    mends: now.filter((finding) => lacks(then, finding)).map((finding) => finding.what),
    raises: then.filter((finding) => lacks(now, finding)).map((finding) => finding.what),
  }
}
