import type { NodePgDatabase } from 'drizzle-orm/node-postgres'
import { exercises, gearKinds, halls } from '../src/server/db/schema'
import { demoGear, demoHall } from './demo/hall'
import { libraryExercises } from './library/exercises'

/** Documents of a library as rows of a hall. */
export const rowsIn =
  (hallId: string) =>
  <D extends { id: string; name: string }>(documents: D[]) =>
    documents.map((document) => ({ hallId, id: document.id, name: document.name, document }))

/** The exercises and kinds of gear that any hall begins with, in one that waits for its first owner to give it a name. */
export async function insertEmptyHall(tx: Pick<NodePgDatabase, 'insert'>, hallId: string): Promise<void> {
  const rowsOf = rowsIn(hallId)
  await tx.insert(halls).values({ ...demoHall, id: hallId, name: 'A hall to begin', stage: 'empty' })
  await tx.insert(exercises).values(rowsOf(libraryExercises))
  await tx.insert(gearKinds).values(rowsOf(demoGear))
}
