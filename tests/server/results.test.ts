import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Cell } from '../../src/core/results/put-down'
import type { RunTold } from '../../src/core/records/run-told'
import type { ResultsSheet } from '../../src/core/results/sheet'
import type { PersonTold } from '../../src/core/trends/person-told'
import { makeRun, openHall, press, type Answer, type Asker, type Hall } from '../fixtures/hall'
import { joinAs, stranger } from '../fixtures/members'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

/** A run of Brick by Brick that has ended: the rounds, the ladder, and what was tapped in the rounds. */
async function ranBricks(asked: Asker = hall, change: Parameters<typeof makeRun>[2] = () => {}) {
  const id = await makeRun(asked, 'demo-bricks', change)
  await press(asked, id, 0, 'start')
  await press(asked, id, 1, { type: 'goto', phase: 4, into: 300 })
  await press(asked, id, 2, { type: 'tap', personIds: ['tove'], what: 'round', when: { phase: 4, elapsed: 90_400 } })
  await press(asked, id, 3, { type: 'tap', personIds: ['tove'], what: 'round', when: { phase: 4, elapsed: 185_000 } })
  await press(asked, id, 4, 'finish')
  const sheet = (await asked.get(`/api/runs/${id}/results`)).body as ResultsSheet
  return { id, sheet, rounds: placeOf(sheet, 'rounds'), ladder: placeOf(sheet, 'time') }
}

const placeOf = ({ places }: ResultsSheet, measure: string) => places.find((place) => place.measure === measure)!
const cell = ({ place, measure }: { place: string; measure: string }, personId: string, outcome: unknown, before = ''): Cell =>
  ({ place, measure, personId, outcome, before }) as Cell
const time = (tenths: number, more: object = {}) => ({ value: { measure: 'time', tenths }, ...more })
const put = (id: string, ...cells: Cell[]): Promise<Answer> => hall.put(`/api/runs/${id}/results`, { cells })
const wordsOf = ({ body }: Pick<Answer, 'body'>, personId: string, measure: string) =>
  (body as ResultsSheet).results.find((one) => one.personId === personId && one.measure === measure)?.words

describe('results', () => {
  it('are what was tapped, until something else is put down; taken away, it counts again', async () => {
    const { id, rounds } = await ranBricks()
    expect(wordsOf(await hall.get(`/api/runs/${id}/results`), 'tove', 'rounds')).toBe('2')
    const corrected = await put(id, cell(rounds, 'tove', { value: { measure: 'rounds', rounds: 2, reps: 7 }, standard: 'knee touches' }))
    expect(corrected.status).toBe(200)
    expect(wordsOf(corrected, 'tove', 'rounds')).toBe('2 + 7')
    const { history, results } = corrected.body as ResultsSheet
    expect(history).toMatchObject([{ personId: 'tove', by: 'Isaura', outcome: { standard: 'knee touches' } }])
    expect(results[0]).toMatchObject({ isEntered: true, splits: ['1:30.4', '1:34.6'] })
    // What is tapped afterwards does not take its place.
    await press(hall, id, 5, { type: 'tap', personIds: ['tove'], what: 'round', when: { phase: 4, elapsed: 280_000 } })
    expect(wordsOf(await hall.get(`/api/runs/${id}/results`), 'tove', 'rounds')).toBe('2 + 7')
    expect(wordsOf(await put(id, cell(rounds, 'tove', null, history[0]!.id)), 'tove', 'rounds')).toBe('3')
    const rows = await hall.sql('select outcome, tapped, tapped_of, is_entered from result where run_id = $1 and measure = $2', [
      id,
      'rounds',
    ])
    expect(rows).toMatchObject([{ tapped: { value: { rounds: 3 } }, tapped_of: 6, is_entered: false }])
  })

  it('of somebody else meanwhile are not written over: all of what was sent is refused, and nothing of it stored', async () => {
    const { id, ladder } = await ranBricks()
    const first = (await put(id, cell(ladder, 'ruaridh', time(1500)))).body as ResultsSheet
    const late = await put(id, cell(ladder, 'petra', time(1400)), cell(ladder, 'ruaridh', time(1490)))
    expect(late).toMatchObject({ status: 409, body: { errors: [{ code: 'changedElsewhere' }] } })
    const now = await hall.get(`/api/runs/${id}/results`)
    expect([wordsOf(now, 'ruaridh', 'time'), wordsOf(now, 'petra', 'time')]).toEqual(['2:30', undefined])
    const twice = await Promise.all([1, 2].map((tenths) => put(id, cell(ladder, 'ruaridh', time(tenths), first.history[0]!.id))))
    expect(twice.map(({ status }) => status).sort()).toEqual([200, 409])
  })

  it('are refused with what is wrong of them', async () => {
    const { id, ladder } = await ranBricks()
    for (const [wrong, field] of [
      [cell(ladder, 'nobody-of-that-name', time(1)), 'cells[0].place'],
      [cell({ place: 'no-such/0/0', measure: 'load' }, 'ruaridh', { value: { measure: 'load', kilograms: 8 } }), 'cells[0].place'],
      [cell(ladder, 'ruaridh', {}), 'cells[0].outcome.value'],
      [cell(ladder, 'ruaridh', time(0)), 'cells[0].outcome.value.tenths'],
      [cell({ place: '', measure: 'effort' }, 'ruaridh', { value: { measure: 'effort', effort: 11 } }), 'cells[0].outcome.value.effort'],
      [cell({ ...ladder, place: '../..' }, 'ruaridh', time(1)), 'cells[0].place'],
    ] as const) {
      const { status, body } = await put(id, wrong)
      expect([status, (body as { errors: { field: string }[] }).errors[0]?.field]).toEqual([422, field])
    }
    expect((await hall.put(`/api/runs/${id}/results`, { cells: [] })).status).toBe(422)
    expect((await put('no-such-run', cell(ladder, 'ruaridh', time(1)))).status).toBe(404)
  })

  it('are compared with the others where the class does so, and with one’s own of before where that is fair', async () => {
    const before = await ranBricks()
    await put(before.id, cell(before.ladder, 'noor', time(1600)), cell(before.ladder, 'petra', time(1500, { standard: 'knee hovers' })))
    await hall.put('/api/people/anselm', {
      version: 1,
      person: { id: 'anselm', name: 'Anselm', level: 'newcomer', goEasy: ['lowBack'], goEasyNote: '', loads: {}, offBoards: true },
    })
    const now = await ranBricks()
    const cells = [
      cell(now.ladder, 'noor', time(1550)),
      cell(now.ladder, 'petra', time(1450, { standard: 'knee touches' })),
      cell(now.ladder, 'ruaridh', time(1550)),
      cell(now.ladder, 'anselm', time(1000)),
    ]
    await put(now.id, ...cells)
    const { sheet } = (await hall.get(`/api/runs/${now.id}/record`)).body as RunTold
    const of = (personId: string) => sheet.results.find((one) => one.personId === personId && one.measure === 'time')!
    expect(of('noor')).toMatchObject({ last: { words: '2:40', by: '−0:05' }, isBest: true })
    expect(of('petra').differsFromBefore.join()).toContain('knee hovers then, knee touches now')
    expect(of('anselm')).not.toHaveProperty('rank')
    expect(of('ruaridh').rank).toBe(of('noor').rank)
    // Where the class compares nobody, there are no places.
    const quiet = await ranBricks(hall, (document) => delete document.scores)
    await put(quiet.id, cell(quiet.ladder, 'noor', time(1500)), cell(quiet.ladder, 'petra', time(1400)))
    const told = (await hall.get(`/api/runs/${quiet.id}/record`)).body as RunTold
    expect(told.sheet.results.every((one) => one.rank === undefined)).toBe(true)
  })

  it('of a pair are one entry of both, and add up once', async () => {
    const id = await makeRun(hall, 'demo-lunch')
    await press(hall, id, 0, 'start')
    await press(hall, id, 1, 'finish')
    const sheet = (await hall.get(`/api/runs/${id}/results`)).body as ResultsSheet
    const reps = placeOf(sheet, 'reps')
    const [pair] = sheet.groups as [string[]]
    const outcome = { value: { measure: 'reps', reps: 40 } }
    const answer = await hall.put(`/api/runs/${id}/results`, { together: true, cells: pair.map((who) => cell(reps, who, outcome)) })
    expect((answer.body as ResultsSheet).totals).toMatchObject([{ place: reps.place, words: expect.arrayContaining(['40']) }])
  })

  it('before there were any are made of what was tapped, by the migration', async () => {
    const rows = await hall.sql(
      `select person_id, outcome from result where run_id = 'demo-past-bricks-run' and measure = 'time' order by person_id`,
    )
    expect(rows).toContainEqual({ person_id: 'tove', outcome: { value: { measure: 'time', tenths: 1310 } } })
    expect(await hall.sql(`select count(*)::int as people from attendance where run_id = 'demo-past-bricks-run'`)).toEqual([{ people: 7 }])
  })
})

describe('who may', () => {
  it('put results down by the link to the controls, and see nothing of before; cards put down their own, where the coach has it so', async () => {
    const { id, ladder, rounds } = await ranBricks()
    await put(id, cell(ladder, 'ruaridh', time(1500)))
    const tokens = await hall.sql('select token, screen, subject from screen_link where run_id = $1', [id])
    const tokenOf = (screen: string, subject = '') =>
      tokens.find((row) => row.screen === screen && (row.subject ?? '') === subject)!.token as string
    const assistant = stranger(hall.server.base)
    const byLink = await assistant.get(`/api/runs/${tokenOf('controls')}/results`)
    expect(byLink.status).toBe(200)
    expect(JSON.stringify(byLink.body)).not.toMatch(/"last":|"rank":|goEasy/)
    const card = `/api/screens/${tokenOf('card', 'petra')}/results`
    const { body } = await assistant.get(card)
    expect(body).toMatchObject({ allowed: true, bests: [] })
    expect(JSON.stringify(body)).not.toContain('ruaridh')
    const own = { ...rounds, outcome: { value: { measure: 'rounds', rounds: 4, reps: 2 } }, before: '' }
    const { name: _, ...asked } = own
    expect((await assistant.put(card, asked)).status).toBe(200)
    expect(wordsOf(await hall.get(`/api/runs/${id}/results`), 'petra', 'rounds')).toBe('4 + 2')
    const closed = await ranBricks(hall, (document) => delete document.ownTaps)
    const [link] = await hall.sql(`select token from screen_link where run_id = $1 and screen = 'card' and subject = 'petra'`, [closed.id])
    expect((await assistant.put(`/api/screens/${link!.token as string}/results`, asked)).status).toBe(409)
  })

  it('their bests stand on the card of who opened it by their name, on that device and on no other', async () => {
    const { id, ladder } = await ranBricks()
    await put(id, cell(ladder, 'kwabena', time(1300)))
    const [names] = await hall.sql(`select token from screen_link where run_id = $1 and screen = 'names'`, [id])
    const phone = stranger(hall.server.base)
    const { path } = (await phone.post(`/api/screens/${names!.token as string}/claims`, { personId: 'kwabena', device: 'his-phone' }))
      .body as { path: string }
    const results = (device: string) => phone.get(`/api/screens/${path.split('/').at(-1)!}/results?device=${device}`)
    expect((await results('his-phone')).body.bests.length).toBeGreaterThan(0)
    expect((await results('another')).body.bests).toEqual([])
  })

  it('nobody but coaches sees a person’s page or a run’s, and that they did is noted', async () => {
    const { id } = await ranBricks()
    const assistant = await joinAs('assistant', hall.server.base, hall)
    expect([(await assistant.get('/people/tove')).status, (await assistant.get(`/runs/${id}/record`)).status]).toEqual([403, 403])
    expect((await hall.get('/people/tove')).status).toBe(200)
    expect(await hall.sql(`select by_name from audit where act = 'limitsSeen' and person_id = 'tove'`)).toMatchObject([
      { by_name: 'Isaura' },
    ])
  })
})

describe('a run', () => {
  it('stays as it was; notes are added, it is put away and brought back, and counts only while it is there', async () => {
    const { id, ladder } = await ranBricks()
    await put(id, cell(ladder, 'ilse', time(1111)))
    const note = (await hall.post(`/api/runs/${id}/notes`, { text: 'More water next time.' })).body as { id: string }
    const told = async () => (await hall.get(`/api/runs/${id}/record`)).body as RunTold
    expect((await told()).notes).toMatchObject([{ text: 'More water next time.', by: 'Isaura' }])
    expect((await hall.post(`/api/runs/${id}/notes`, { text: ' ' })).status).toBe(422)
    expect((await hall.remove(`/api/runs/${id}/notes/${note.id}`)).status).toBe(200)
    const best = async () =>
      ((await hall.get('/api/people/ilse/record')).body as PersonTold).bests.find(({ measure }) => measure === 'time')?.best.words
    expect(await best()).toBe('1:51.1')
    await hall.remove(`/api/runs/${id}`)
    expect(await best()).not.toBe('1:51.1')
    expect((await told()).putAway).toBe(true)
    await hall.post(`/api/runs/${id}/restore`)
    expect(await best()).toBe('1:51.1')
  })

  it('says when somebody came, took a break or left; not what was taken back', async () => {
    const id = await makeRun(hall, 'demo-lunch')
    await press(hall, id, 0, 'start')
    let version = (await hall.get(`/api/runs/${id}/snapshot`)).body.version as number
    const change = async (path: string, body: object) => {
      const answer = await hall.post(`/api/runs/${id}/changes${path}`, { version, ...body })
      expect([answer.status, answer.body.errors]).toEqual([200, undefined])
      version = answer.body.version as number
    }
    await change('', { change: { type: 'arrives', id: 'late-one', name: 'Quill' } })
    await change('', { change: { type: 'takesBreak', personId: 'late-one' } })
    await change('', { change: { type: 'closes', pieceId: 'll-stations', station: 1 } })
    await change('/undo', {})
    await press(hall, id, 1, 'finish')
    const { changes, pressed } = (await hall.get(`/api/runs/${id}/record`)).body as RunTold
    expect(changes.map(({ words }) => words)).toEqual(['Quill came', 'Quill took a break'])
    for (const { at } of changes) expect(at).toBeGreaterThanOrEqual(pressed[0]!.at)
    for (const { at } of changes) expect(at).toBeLessThanOrEqual(pressed[1]!.at)
  })

  it('that cannot be read is told on its page, and is in nobody’s way', async () => {
    const { id } = await ranBricks()
    await hall.sql(`update run set snapshot = '{"name": "Broken"}', version = version + 1 where id = $1`, [id])
    expect((await hall.get(`/runs/${id}/record`)).status).toBe(422)
    expect((await hall.get('/log')).status).toBe(200)
    expect((await hall.get('/people/tove')).status).toBe(200)
  })

  it('is found in the log by its class or by somebody who was there, page by page', async () => {
    const names = async (query: string) => (await hall.get(`/log?${query}`)).body as string
    expect(await names('search=sixties')).toContain('Nothing found')
    expect(await names('search=over-60s')).toContain('Steady Over-60s')
    const rosalind = await names('search=rosalind')
    expect(rosalind).toContain('Steady Over-60s')
    expect(rosalind).not.toContain('Early Two Halves')
    expect(await names('before=nonsense')).toContain('Steady Over-60s')
    expect(await names(`before=${encodeURIComponent('2020-01-01 00:00:00+00')}`)).toContain('Nothing found')
    expect(await names('search=%25')).toContain('Nothing found')
  })
})

describe('erasing somebody', () => {
  it('takes them out of every result, entry, attendance and partnership, and leaves the counts', async () => {
    const { id, ladder } = await ranBricks()
    await put(id, cell(ladder, 'petra', time(1234)))
    const before = (await hall.get(`/api/runs/${id}/record`)).body as RunTold
    expect(JSON.stringify((await hall.get('/api/people/petra/data')).body)).toContain('2:03.4')
    expect((await hall.remove('/api/people/petra')).status).toBe(200)
    for (const table of ['result', 'result_entry', 'attendance'])
      expect(await hall.sql(`select 1 from ${table} t where t::text ilike '%petra%'`), table).toEqual([])
    const after = (await hall.get(`/api/runs/${id}/record`)).body as RunTold
    expect(JSON.stringify(after)).not.toMatch(/petra/i)
    expect(after.people).toHaveLength(before.people.length)
    expect(after.record.people).toBe(before.record.people)
    expect((await hall.get('/people/petra')).status).toBe(404)
  })
})
