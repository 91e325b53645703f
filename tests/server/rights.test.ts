import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { roles } from '../../src/server/db/roles'
import { emptyDatabase } from '../fixtures/database'

/** What the database itself lets the app see and change, whatever a query asks. */
let url: string
let drop: () => Promise<void>
let owner: pg.Client
beforeAll(async () => {
  ;({ url, drop } = await emptyDatabase('rights', process.env.TEMPLATE_DATABASE))
  owner = new pg.Client({ connectionString: url })
  await owner.connect()
  await owner.query(`insert into hall (id, name, time_zone) values ('other', 'Other hall', 'UTC')`)
  // Each table has rows of a second hall.
  await owner.query(`insert into person (hall_id, id, name, document) values ('other', 'zed', 'Zed', '{}')`)
})
afterAll(async () => {
  await owner.end()
  await drop()
})

const tables = async () =>
  (
    await owner.query<{ name: string; ruled: boolean; rules: number; of_hall: boolean }>(`
      select relname as name, relrowsecurity as ruled,
        (select count(*)::int from pg_policy where polrelid = pg_class.oid) as rules,
        exists (select from pg_attribute where attrelid = pg_class.oid and attname = 'hall_id' and not attisdropped) as of_hall
      from pg_class where relkind in ('r', 'p') and relnamespace = 'public'::regnamespace`)
  ).rows

/** A connection as the app's, bound to a hall or to none. */
async function asApp<Done>(
  hallId: string | undefined,
  work: (client: pg.Client) => Promise<Done>,
  role: string = roles.app,
): Promise<Done> {
  const client = new pg.Client({ connectionString: url, options: `-c role=${role}` })
  await client.connect()
  try {
    if (hallId) await client.query(`select set_config('app.hall', $1, false)`, [hallId])
    return await work(client)
  } finally {
    await client.end()
  }
}

const rowsOf = async (client: pg.Client, table: string, where = '') =>
  (await client.query<{ rows: number }>(`select count(*)::int as rows from "${table}" ${where}`)).rows[0]!.rows

describe('the database’s own rules', () => {
  it('every table has some, and the app’s roles can neither pass by them nor own a table', async () => {
    const all = await tables()
    expect(all.length).toBeGreaterThan(14)
    expect(all.filter(({ ruled, rules }) => !ruled || rules === 0).map(({ name }) => name)).toEqual([])
    const { rows } = await owner.query(
      `select rolname, rolsuper, rolbypassrls, rolcreaterole, rolcanlogin, (select count(*)::int from pg_class where relowner = pg_roles.oid) as owns
       from pg_roles where rolname = any($1) order by rolname`,
      [Object.values(roles)],
    )
    const harmless = { rolsuper: false, rolbypassrls: false, rolcreaterole: false, rolcanlogin: false, owns: 0 }
    expect(rows).toEqual(Object.values(roles).map((rolname) => ({ rolname, ...harmless })))
  })

  it('a table that names a hall shows nothing where no hall is bound, and nothing of another', async () => {
    const named = (await tables()).filter(({ of_hall }) => of_hall)
    await asApp(undefined, async (client) => {
      for (const { name } of named) expect([name, await rowsOf(client, name)]).toEqual([name, 0])
      expect(await rowsOf(client, 'hall')).toBe(0)
    })
    await asApp('kiln-yard', async (client) => {
      for (const { name } of named) expect([name, await rowsOf(client, name, `where hall_id <> 'kiln-yard'`)]).toEqual([name, 0])
      expect(await rowsOf(client, 'person')).toBeGreaterThan(30)
      expect((await client.query('select id from hall')).rows).toEqual([{ id: 'kiln-yard' }])
    })
  })

  it('rows of another hall are neither written, changed nor taken over', async () => {
    await asApp('other', async (client) => {
      await expect(client.query(`insert into person (hall_id, id, name, document) values ('kiln-yard', 'x', 'X', '{}')`)).rejects.toThrow(
        /row-level security/,
      )
      await expect(client.query(`update person set hall_id = 'kiln-yard'`)).rejects.toThrow(/row-level security/)
      expect((await client.query(`update person set name = 'Q' where hall_id = 'kiln-yard'`)).rowCount).toBe(0)
      expect((await client.query(`delete from person where hall_id = 'kiln-yard'`)).rowCount).toBe(0)
      expect((await client.query(`update hall set name = 'Q' where id = 'kiln-yard'`)).rowCount).toBe(0)
      await expect(client.query(`insert into hall (id, name, time_zone) values ('third', 'Third', 'UTC')`)).rejects.toThrow(
        /permission denied/,
      )
      await expect(client.query('truncate person')).rejects.toThrow(/permission denied/)
    })
  })

  it('what was noted in the audit is added to, and neither changed nor taken away', async () => {
    await asApp('kiln-yard', async (client) => {
      await client.query(`insert into audit (hall_id, by_name, act) values ('kiln-yard', 'Ada', 'limitsSeen')`)
      await expect(client.query(`update audit set by_name = 'Bo'`)).rejects.toThrow(/permission denied/)
      await expect(client.query('delete from audit')).rejects.toThrow(/permission denied/)
    })
  })

  it('who signs people in sees their accounts and nothing of any hall, and the app no account', async () => {
    await asApp(
      'kiln-yard',
      async (client) => {
        expect(await rowsOf(client, 'account_user')).toBe(1)
        for (const name of ['person', 'class', 'membership', 'audit'])
          await expect(rowsOf(client, name)).rejects.toThrow(/permission denied/)
      },
      roles.signIn,
    )
    await asApp('kiln-yard', async (client) => {
      for (const name of ['account_user', 'account_session', 'account_login', 'account_proof', 'account_secret'])
        await expect(rowsOf(client, name)).rejects.toThrow(/permission denied/)
    })
  })

  it('the tables are nobody’s to change', async () => {
    await asApp('kiln-yard', async (client) => {
      await expect(client.query('alter table person disable row level security')).rejects.toThrow(/must be owner/)
      await expect(client.query('drop policy own_rows on person')).rejects.toThrow(/must be owner/)
    })
  })
})
