import { randomBytes } from 'node:crypto'
import { readFile } from 'node:fs/promises'
import type pg from 'pg'
import { roles } from '../src/server/db/roles'

/** Of no hall: the room's clock, what is written to find out whether anything can be, and screens that wait for a class. */
const ofAll = { room_clock: 'select, update', write_probe: 'select, update', pairing: 'select, insert, update, delete' }

/** Only who signs people in sees them. */
const ofAccounts = [
  'account_user',
  'account_session',
  'account_login',
  'account_passkey',
  'account_proof',
  'account_secret',
  'account_mail',
]

/** The hall that the transaction is bound to: see `in-hall.ts`. */
const bound = `current_setting('app.hall', true)`

/**
 * Gives the app's roles the rights they need, and every table its rules: anew after each change of the tables, so that a table that
 * names a hall cannot be without. `tests/server/rights.test.ts` goes through the tables there are.
 */
export async function giveRights(client: pg.Client): Promise<void> {
  await client.query(await readFile('scripts/roles.sql', 'utf8'))
  await client.query(`grant usage on schema public to ${roles.app}, ${roles.signIn}`)
  const { rows } = await client.query<{ name: string }>(
    `select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'hall_id'`,
  )
  for (const { name } of rows) await rule(client, name, `hall_id = ${bound}`, 'select, insert, update, delete')
  for (const name of ofAccounts) await rule(client, name, 'true', 'select, insert, update, delete', roles.signIn)
  // What was noted stays as it was: the app adds to it, and reads it.
  await rule(client, 'audit', `hall_id = ${bound}`, 'select, insert')
  await rule(client, 'hall', `id = ${bound}`, 'select, update')
  for (const [name, rights] of Object.entries(ofAll)) await rule(client, name, 'true', rights)
  await client.query(`insert into account_secret (secret) values ($1) on conflict do nothing`, [randomBytes(32).toString('base64url')])
  for (const [head, makes] of Object.entries(lookups)) await lookup(client, head, makes)
}

async function rule(client: pg.Client, table: string, rows: string, rights: string, role: string = roles.app): Promise<void> {
  const name = client.escapeIdentifier(table)
  await client.query(`alter table ${name} enable row level security`)
  await client.query(`drop policy if exists own_rows on ${name}`)
  await client.query(`create policy own_rows on ${name} to ${role} using (${rows}) with check (${rows})`)
  await client.query(`revoke all on ${name} from public, ${Object.values(roles).join()}`)
  await client.query(`grant ${rights} on ${name} to ${role}`)
}

/** What can be found out before a hall is bound: in which one something is, by a name that nobody can guess; and for the app itself. */
const lookups = {
  'hall_of_link(token text)': ['text', 'select hall_id from screen_link where screen_link.token = $1'],
  'hall_of_controls(token text)': ['text', "select hall_id from screen_link where screen_link.token = $1 and screen = 'controls'"],
  'hall_of_run(run text)': ['text', 'select hall_id from run where run.id = $1'],
  'hall_of_invitation(hash text)': ['text', 'select hall_id from invitation where token_hash = $1'],
  'halls_of_user(account text)': [
    'table (hall_id text, name text, role text, demo boolean)',
    "select hall.id, hall.name, membership.role, stage = 'demo' from membership join hall on hall.id = hall_id where user_id = $1 order by since, hall.id",
  ],
  'demo_owner()': [
    'table (hall_id text, name text, role text, user_id text, owner text)',
    `select hall.id, hall.name, membership.role, user_id, account_user.name from hall
      join membership on hall_id = hall.id and role = 'owner' join account_user on account_user.id = user_id
      where stage = 'demo' order by since limit 1`,
  ],
  'members_of_hall()': [
    'table (user_id text, name text, email text, role text, since timestamptz)',
    `select user_id, account_user.name, email, role, since from membership join account_user on id = user_id where hall_id = ${bound} order by since, email`,
  ],
  'erase_from_audit(person text)': ['void', `update audit set person_id = null where hall_id = ${bound} and person_id = $1`, true],
  'forget_audit_of_demo()': [
    'void',
    `delete from audit where hall_id = ${bound} and exists (select from hall where id = ${bound} and stage <> 'own')`,
    true,
  ],
  'every_hall()': ['setof text', 'select id from hall order by id'],
} as const

async function lookup(client: pg.Client, head: string, [gives, query, changes]: readonly [string, string, boolean?]): Promise<void> {
  // What it gives may be another than it was, which cannot be replaced.
  await client.query(`drop function if exists ${head}`)
  await client.query(
    `create function ${head} returns ${gives} language sql ${changes ? 'volatile' : 'stable'} security definer set search_path = public, pg_temp as $$ ${query} $$`,
  )
  await client.query(`revoke execute on function ${head} from public`)
  await client.query(`grant execute on function ${head} to ${roles.app}`)
}
