import { appendFile } from 'node:fs/promises'
import { inTheHall } from '../db/in-hall'
import { log } from '../log'
import { erasePerson, markOf } from '../services/personal-data'

/** Erases a person, and notes beside the database that they were: a backup from before must not bring them back. */
export async function erase(id: string): Promise<void> {
  await inTheHall((hall) => erasePerson(hall, id))
  const list = process.env.ERASED_LIST
  if (list)
    await appendFile(list, `${markOf(id)}\n`, { mode: 0o600 }).catch((error: unknown) =>
      log.warn({ err: error }, 'the list of those who were erased could not be written'),
    )
}
