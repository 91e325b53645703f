import type pg from 'pg'
import type { Exercise } from '../src/core/library/exercise'

/**
 * Gives the exercises of the library that a hall has had since before there were figures theirs, and those of their options. Where a
 * coach has drawn one, or left one, nothing is touched.
 */
export async function giveFigures(client: pg.Client): Promise<number> {
  const { rows } = await client.query<{ hall_id: string; id: string; document: Exercise }>(
    `select hall_id, id, document from exercise where not document ? 'figure'`,
  )
  if (rows.length === 0) return 0
  // All figures there are, which most starts have no use for.
  const { withFigures } = await import('./library/exercises')
  let given = 0
  for (const { hall_id: hallId, id, document } of rows) {
    if (document.options.some(({ figure }) => figure)) continue
    const figured = withFigures(document)
    if (!figured.figure) continue
    await client.query('update exercise set document = $3, version = version + 1 where hall_id = $1 and id = $2', [hallId, id, figured])
    given++
  }
  return given
}
