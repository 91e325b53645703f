import { appendFile, readFile } from 'node:fs/promises'
import { sql } from 'drizzle-orm'
import pg from 'pg'
import { everyHall, inHall, type InHall } from '../src/server/db/in-hall'
import { closeDatabase, databaseUrl } from '../src/server/db/pool'

/**
 * After a backup was put back: erases everyone again who was erased since it was made. With `--note`, before that: puts all whom
 * the present database knows to be erased onto the list beside it (ERASED_LIST).
 */
const list = process.env.ERASED_LIST
if (!list) throw new Error('ERASED_LIST is not set: run ./start restore')

const listed = async (): Promise<Set<string>> => new Set((await readFile(list, 'utf8').catch(() => '')).split('\n').filter(Boolean))

async function note(file: string): Promise<void> {
  const known = await listed()
  // As whom the tables belong to: a database from before may have neither the list nor the app's roles.
  const client = new pg.Client({ connectionString: databaseUrl() })
  await client.connect()
  const { rows: tables } = await client.query("select 1 from pg_tables where tablename = 'erased_person'")
  const { rows } = tables.length > 0 ? await client.query<{ mark: string }>('select mark from erased_person') : { rows: [] }
  await client.end()
  const news = rows.filter(({ mark }) => !known.has(mark))
  if (news.length > 0) await appendFile(file, news.map(({ mark }) => `${mark}\n`).join(''), { mode: 0o600 })
}

async function eraseAgain(hall: InHall, marks: Set<string>): Promise<number> {
  const { erasePerson, markOf } = await import('../src/server/services/personal-data')
  const { rows } = await hall.tx.execute<{ id: string }>(sql`select id from person where hall_id = ${hall.hallId}`)
  const gone = rows.filter(({ id }) => marks.has(markOf(id)))
  for (const { id } of gone) await erasePerson(hall, id)
  return gone.length
}

if (process.argv.includes('--note')) await note(list)
else {
  const marks = await listed()
  let erased = 0
  if (marks.size > 0) for (const id of await everyHall()) erased += await inHall(id, (hall) => eraseAgain(hall, marks))
  if (erased > 0)
    console.log(`${erased} ${erased === 1 ? 'person' : 'people'} erased since that backup ${erased === 1 ? 'was' : 'were'} erased again.`)
}
await closeDatabase()
