import type { ClassDocument } from '../../core/class/class-document'
import { classTrend } from '../../core/trends/class-trend'
import type { ClassLog } from '../../core/trends/run-log'
import type { InHall } from '../db/in-hall'
import { ownHall } from '../services/halls'
import { lastDone } from '../services/last-done'
import { recordLatest } from '../services/records'
import { runsLike } from '../services/run-log'

/** Runs of a class that are looked at: a year of a weekly one. */
const most = 52

export async function classLog(hall: InHall, classId: string, { plan, here, walkIns }: ClassDocument): Promise<ClassLog> {
  await recordLatest(hall)
  const log = await runsLike(hall, classId, most)
  const { figures } = await ownHall(hall)
  const over = log.filter(({ endedAt }) => endedAt !== null).reverse()
  return {
    log,
    trend: classTrend(
      over.map(({ startedAt, people, slotSeconds, record }) => ({
        startedAt: startedAt ?? '',
        people: people.length,
        ...(record && { actualSeconds: record.actualSeconds, record }),
        ...(slotSeconds !== undefined && { slotSeconds }),
      })),
    ),
    last: await lastDone(
      hall,
      plan.parts.flatMap((part) => part.pieces.map(({ id }) => id)),
      [...here, ...walkIns.map(({ id }) => id)],
      figures.weightUnit ?? 'kg',
    ),
  }
}
