import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { giveFigures } from '../../scripts/give-figures'
import { emptyDatabase } from '../fixtures/database'

let client: pg.Client
let drop: () => Promise<void>
beforeAll(async () => {
  const made = await emptyDatabase('figures', process.env.TEMPLATE_DATABASE)
  ;({ drop } = made)
  client = new pg.Client({ connectionString: made.url })
  await client.connect()
})
afterAll(async () => {
  await client.end()
  await drop()
})

/** As a hall from before there were figures has it. */
const without = (id: string) =>
  client.query(
    `update exercise set document = jsonb_set(document - 'figure', '{options}',
      (select jsonb_agg(option - 'figure') from jsonb_array_elements(document -> 'options') option)) where id = $1`,
    [id],
  )
const documentOf = async (id: string) =>
  (await client.query('select document, version from exercise where id = $1', [id])).rows[0] as unknown as {
    version: number
    document: { figure?: { poses: unknown[] }; options: { figure?: object }[]; name: string }
  }

describe('a hall from before there were figures', () => {
  it('gets those of the exercises it knows, under its own names; what a coach has drawn stays', async () => {
    await without('goblet-squat')
    await client.query(`update exercise set document = jsonb_set(document, '{name}', '"Our squat"') where id = 'goblet-squat'`)
    await client.query(
      `update exercise set document = jsonb_set(document, '{figure,poses}', (document #> '{figure,poses}') - 1) where id = 'air-squat'`,
    )
    const before = await documentOf('goblet-squat')
    expect(before.document.figure).toBeUndefined()
    expect(await giveFigures(client)).toBe(1)
    const after = await documentOf('goblet-squat')
    expect(after.document).toMatchObject({ name: 'Our squat', figure: { poses: [{}, {}] } })
    expect(after.document.options.filter(({ figure }) => figure).length).toBeGreaterThan(0)
    expect(after.version).toBe(before.version + 1)
    expect((await documentOf('air-squat')).document.figure!.poses).toHaveLength(1)
    // Once is enough.
    expect(await giveFigures(client)).toBe(0)
  })

  it('keeps an exercise that nobody else knows without one', async () => {
    await client.query(
      `insert into exercise (hall_id, id, name, document) values ('kiln-yard', 'brick-hop', 'Brick hop', '{"options":[]}')`,
    )
    expect(await giveFigures(client)).toBe(0)
  })
})
