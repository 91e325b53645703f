import type { ComputedClass } from './compute'
import type { ClassDocument } from './class-document'
import { inMilliseconds, type Seconds } from '../base/units'

/** What one class has to know of another: when, where, and the most it wants of each size at once. */
export interface OtherClass {
  id: string
  name: string
  roomId: string
  startsAt: string
  seconds: Seconds
  most: { kindId: string; sizeId: string; count: number }[]
}

/** A class as others have to know it. A class without a total counts by its slot. */
export const asOther = (id: string, { name, roomId, startsAt, plan }: ClassDocument, { timeline, gear }: ComputedClass): OtherClass => ({
  id,
  name,
  roomId,
  startsAt,
  seconds: Math.max(plan.slotSeconds, timeline.ok ? timeline.value.total : 0),
  most: gear.lines.map(({ kindId, sizeId, most }) => ({ kindId, sizeId, count: most })),
})

/** Those of `others` that go on while this class does. */
export function overlapping({ startsAt }: Pick<ClassDocument, 'startsAt'>, seconds: Seconds, others: readonly OtherClass[]): OtherClass[] {
  const from = Date.parse(startsAt)
  const until = from + inMilliseconds(seconds)
  return others.filter((other) => Date.parse(other.startsAt) < until && from < Date.parse(other.startsAt) + inMilliseconds(other.seconds))
}
