import { andList } from '../../base/and-list'
import { overlapping, type OtherClass } from '../../class/overlap'
import { usableIn } from '../../library/gear-kind'
import type { Finding } from './finding'
import type { Judged } from '../../class/fix'

/** Classes, and kinds of gear: more are counted. */
const mostNamed = 3

/** A class may be called anything, and stands in a sentence. */
const quoted = ({ name }: { name: string }) => `“${name}”`

/** Another class at the same time: in the same room, or with gear that both want and the hall does not have for both. */
export function twoClasses({ document, computed, library, others = [] }: Judged): Finding[] {
  const seconds = Math.max(document.plan.slotSeconds, computed.timeline.ok ? computed.timeline.value.total : 0)
  const beside = overlapping(document, seconds, others)
  if (beside.length === 0) return []
  const sameRoom = inThisRoom(beside.filter((other) => other.roomId === document.roomId))
  const clashes = gearClashes({ document, computed, library }, beside)
  if (clashes.length === 0) return sameRoom
  const advice = 'Both classes may want the most of it at once. Agree who has it when, or use another form in one of them.'
  const shortened = clashes.length > mostNamed ? [...clashes.slice(0, mostNamed), `and ${clashes.length - mostNamed} more`] : clashes
  const gear: Finding = {
    id: 'twoClasses-gear',
    severity: 'weigh',
    what: clashes.length === 1 ? clashes[0]! : `${clashes.length} kinds and sizes of gear are wanted in two classes at once`,
    why: clashes.length === 1 ? advice : `${shortened.join('; ')}. ${advice}`,
  }
  return [...sameRoom, gear]
}

/** One card, however many classes: who clashes with a whole day is told so once. */
function inThisRoom(others: readonly OtherClass[]): Finding[] {
  const [first] = others
  if (!first) return []
  const named = others.slice(0, others.length > mostNamed ? mostNamed - 1 : mostNamed).map(quoted)
  const words = andList([...named, ...(others.length > named.length ? [`${others.length - named.length} more classes`] : [])])
  const them = others.length === 1 ? 'one of them' : 'this class or of those'
  return [
    {
      id: 'twoClasses-room',
      severity: 'mend',
      what: `${words} ${others.length === 1 ? 'is' : 'are'} in this room at the same time`,
      why: `Change the room or the time of ${them}, under the name of the class.`,
    },
  ]
}

/** Each size of gear that both want at once and the hall does not have for both, in words. */
function gearClashes(
  { document, computed, library }: Pick<Judged, 'document' | 'computed' | 'library'>,
  beside: readonly OtherClass[],
): string[] {
  const shared = new Map(
    usableIn(library.gear, document.roomId, document.bring).flatMap((kind) =>
      kind.roomId === undefined ? kind.sizes.map((size) => [`${kind.id}/${size.id}`, { kind, size }] as const) : [],
    ),
  )
  return computed.gear.lines.flatMap((line): string[] => {
    const found = shared.get(`${line.kindId}/${line.sizeId}`)
    const wanting = beside.flatMap((other) =>
      other.most.flatMap(({ kindId, sizeId, count }) =>
        kindId === line.kindId && sizeId === line.sizeId && count > 0 ? [{ name: other.name, count }] : [],
      ),
    )
    const together = wanting.reduce((sum, { count }) => sum + count, line.most)
    if (!found || wanting.length === 0 || together <= line.owned || line.most === 0) return []
    const elsewhere =
      wanting.length > mostNamed
        ? `${together - line.most} in ${wanting.length} other classes`
        : wanting.map((other) => `${other.count} in ${quoted(other)}`).join(', ')
    return [`${[line.kindName, line.sizeLabel].filter(Boolean).join(' ')}: ${line.most} here and ${elsewhere}, ${line.owned} available`]
  })
}
