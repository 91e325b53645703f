import type { z } from 'zod'
import { asOther, type OtherClass } from '../core/class/overlap'
import { ClassSave } from '../core/class/save'
import { classSummary } from '../core/class/summary'
import { computeClass, type HallLibrary } from '../core/class/compute'
import { answerFindings, FindingsRequest } from '../core/findings/request'
import { answerGearCount, GearRequest } from '../core/gear/lists/request'
import { ClassDocument } from '../core/class/class-document'
import { PlanFile } from '../core/plan/words/file'
import { Room } from '../core/library/room'
import { Plan } from '../core/plan/plan'
import { read } from '../core/base/read'
import { success, type Result } from '../core/base/result'
import { answerRotation, RotationRequest } from '../core/rotation/request'
import { takeSnapshot } from '../core/run/room/take-snapshot'
import { compileTimeline } from '../core/timeline/compile'
import { z as zod } from 'zod'

/**
 * A computation that may take longer than the streams of a room can wait: what it takes (validated here, off their thread), and
 * what it gives.
 */
interface Job<Input> {
  takes: z.ZodType<Input>
  gives: (input: Input, library: HallLibrary) => Result<unknown>
}

const job = <Schema extends z.ZodType>(
  takes: Schema,
  gives: (input: z.output<Schema>, library: HallLibrary) => Result<unknown>,
): Job<unknown> => ({ takes, gives }) as Job<unknown>

/** A class as it is stored: what cannot be read is refused like any other bad input. */
const StoredClasses = zod.array(zod.strictObject({ id: zod.string(), document: zod.unknown() })).max(1000)

const readable = (document: unknown): ClassDocument | undefined => {
  const found = read(ClassDocument, document)
  return found.ok ? found.value : undefined
}

export const jobs = {
  timeline: job(zod.strictObject({ plan: Plan }), ({ plan }) => compileTimeline(plan)),
  rotation: job(RotationRequest, answerRotation),
  gearCount: job(GearRequest, answerGearCount),
  findings: job(FindingsRequest, (request, library) => success({ findings: answerFindings(request, library) })),
  /** Validated, and no more. */
  readClass: job(ClassDocument, success),
  readClassSave: job(ClassSave, success),
  readPlan: job(Plan, success),
  readPlanFile: job(PlanFile, success),
  /** What a run of the class begins with. */
  snapshot: job(zod.strictObject({ document: ClassDocument, room: Room.optional() }), ({ document, room }, library) =>
    takeSnapshot(document, computeClass(document, library), library, room),
  ),
  /** What lists show of classes. */
  summaries: job(StoredClasses, (stored, library) =>
    success(stored.map(({ id, document }) => ({ id, summary: classSummary(readable(document), library) }))),
  ),
  /** What a class has to know of others that go on at the same time. */
  others: job(StoredClasses, (stored, library) =>
    success(
      stored.flatMap(({ id, document }): OtherClass[] => {
        const found = readable(document)
        return found ? [asOther(id, found, computeClass(found, library))] : []
      }),
    ),
  ),
} as const

export type JobName = keyof typeof jobs
