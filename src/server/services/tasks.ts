import { fingerprintText, type Task } from '../../core/results/task'
import type { InHall } from '../db/in-hall'
import { tasks } from '../db/schema'
import { hashOf } from '../access/token-hash'

/** By what results name a task: the same for the same, in any run of any class. */
export const taskKey = (task: Task): string => hashOf(fingerprintText(task)).slice(0, 22)

/** Keeps what is not kept yet. */
export async function keepTasks({ hallId, tx }: InHall, wanted: readonly Task[]): Promise<void> {
  const byKey = new Map(wanted.map((task) => [taskKey(task), task]))
  // In one order: two who keep the same at once do not wait for each other in a circle.
  const values = [...byKey].sort(([a], [b]) => a.localeCompare(b)).map(([key, document]) => ({ hallId, key, document }))
  if (values.length > 0) await tx.insert(tasks).values(values).onConflictDoNothing()
}
