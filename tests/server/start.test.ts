import { execFile, spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { everyOther } from '../fixtures/every-other'
import { emptyDatabase, onDatabase } from '../fixtures/database'
import { asker, makeClass } from '../fixtures/hall'
import { freePort } from '../fixtures/server'

/** A place of one's own for what ./start keeps: others may have theirs running in this folder. */
let data: string
let closing: (() => void | Promise<void>)[] = []
beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'vicinor-start-'))
  execFile('chmod', ['755', data])
})
afterAll(async () => {
  for (const close of closing) await close()
  closing = []
  rmSync(data, { recursive: true, force: true })
})

const environment = (more: Record<string, string | undefined>) => ({
  ...process.env,
  VICINOR_DATA: data,
  RATE_LIMITS: 'off',
  NODE_ENV: undefined,
  ...more,
})

/** ./start with words, until it ends; answers with what it said and its exit code. */
async function run(words: string[], env: Record<string, string | undefined> = {}): Promise<{ code: number; said: string }> {
  const asked = promisify(execFile)('./start', words, { env: environment(env) as NodeJS.ProcessEnv })
  return asked.then(
    ({ stdout, stderr }) => ({ code: 0, said: stdout + stderr }),
    (error: { code: number; stdout: string; stderr: string }) => ({ code: error.code, said: error.stdout + error.stderr }),
  )
}

/** ./start, until the app answers. */
async function start(env: Record<string, string | undefined> = {}, words: string[] = []) {
  const port = await freePort()
  const child = spawn('./start', words, {
    env: environment({ PORT: String(port), ...env }) as NodeJS.ProcessEnv,
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let said = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (said += text.toString()))
  const over = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)))
  const end = async () => {
    child.kill('SIGTERM')
    return over
  }
  closing.push(() => void end())
  await expect.poll(() => said).toContain('Press Ctrl-C')
  return { base: `http://127.0.0.1:${port}`, end, said: () => said }
}

/** Every row of every table, as text, in an order of its own. */
async function everything(url: string): Promise<Record<string, unknown>> {
  const tables = await onDatabase<{ name: string }>(
    url,
    "select table_name as name from information_schema.tables where table_schema = 'public' order by 1",
  )
  const rows: Record<string, unknown> = {}
  for (const { name } of tables) {
    if (name === 'write_probe') continue
    rows[name] = (await onDatabase<{ row: string }>(url, `select row_to_json(t)::text as row from "${name}" t order by 1`)).map(
      ({ row }) => row,
    )
  }
  return rows
}

describe('./start', () => {
  it('makes a database of its own, starts again what crashes, ends at once, and keeps its data', async () => {
    const first = await start({ DATABASE_URL: undefined })
    const asked = asker(first.base)
    const { id } = await makeClass(asked, 'demo-lunch')
    const again = await run([], { DATABASE_URL: undefined, PORT: String(await freePort()) })
    expect(again).toMatchObject({ code: 1, said: expect.stringContaining('already running') })
    const pid = Number(readFileSync(join(data, 'app.pid'), 'utf8'))
    process.kill(pid, 'SIGKILL')
    await expect
      .poll(
        () =>
          asked.get('/api/health').then(
            ({ status }) => status,
            () => 0,
          ),
        { interval: 20 },
      )
      .toBe(200)
    expect(first.said()).toContain('The app has crashed')
    expect(await first.end()).toBe(0)
    const second = await start({ DATABASE_URL: undefined })
    expect((await asker(second.base).get(`/api/classes/${id}`)).status).toBe(200)
    await second.end()
    const logs = readdirSync(join(data, 'log')).filter((file) => file.startsWith('app.') && file.endsWith('log'))
    expect(logs.map((file) => readFileSync(join(data, 'log', file), 'utf8')).join('')).toMatch(/listening[^]*listening[^]*listening/)
  })

  it('refuses what it does not know', async () => {
    expect(await run(['--frsh'])).toMatchObject({ code: 1, said: expect.stringContaining('Usage') })
    expect(await run([], { PORT: 'eighty' })).toMatchObject({ code: 1, said: expect.stringContaining('PORT must be a number') })
    expect(await run(['restore', '/nowhere.dump'])).toMatchObject({ code: 1, said: expect.stringContaining('There is no file') })
  })

  everyOther()('--fresh deletes no database that is not its own, unless it is said by name, and none without a checked copy', async () => {
    const { url, drop } = await emptyDatabase('fresh', process.env.TEMPLATE_DATABASE)
    closing.push(drop)
    const name = new URL(url).pathname.slice(1)
    await onDatabase(url, "update hall set name = 'Not to be lost'")
    const refused = await run(['--fresh'], { DATABASE_URL: url, PORT: String(await freePort()) })
    expect(refused).toMatchObject({ code: 1, said: expect.stringContaining(`--fresh=${name}`) })
    // A disk on which no copy can be made, as a file where the folder would be.
    rmSync(join(data, 'backups'), { recursive: true, force: true })
    writeFileSync(join(data, 'backups'), '')
    expect((await run([`--fresh=${name}`], { DATABASE_URL: url, PORT: String(await freePort()) })).code).toBe(1)
    expect((await onDatabase(url, 'select name from hall'))[0]).toEqual({ name: 'Not to be lost' })
    rmSync(join(data, 'backups'))
    const app = await start({ DATABASE_URL: url }, [`--fresh=${name}`])
    expect((await onDatabase(url, 'select name from hall'))[0]).toEqual({ name: 'Kiln Yard' })
    const [kept] = readdirSync(join(data, 'backups'))
    expect(statSync(join(data, 'backups', kept!)).mode & 0o777).toBe(0o600)
    await app.end()
  })
})

describe('a backup', () => {
  everyOther()('put back gives every row again, but for those who were erased since', async () => {
    const { url, drop } = await emptyDatabase('backup', process.env.TEMPLATE_DATABASE)
    const { url: empty, drop: dropEmpty } = await emptyDatabase('restored')
    closing.push(drop, dropEmpty)
    const erasedList = join(data, 'erased-test.list')
    const file = join(data, 'kept.dump')
    const before = await everything(url)
    expect(await run(['backup', file], { DATABASE_URL: url, ERASED_LIST: erasedList })).toMatchObject({
      code: 0,
      said: expect.stringContaining(file),
    })
    expect(statSync(file).mode & 0o777).toBe(0o600)
    expect(await run(['restore', file], { DATABASE_URL: empty, ERASED_LIST: erasedList })).toMatchObject({ code: 0 })
    expect(await everything(empty)).toEqual(before)

    const app = await start({ DATABASE_URL: url, ERASED_LIST: erasedList })
    expect((await asker(app.base).remove('/api/people/tove')).status).toBe(200)
    await app.end()
    const restored = await run(['restore', file], { DATABASE_URL: empty, ERASED_LIST: erasedList })
    expect(restored.said).toContain('1 person erased since that backup was erased again')
    expect(await onDatabase(empty, "select 1 from person where id = 'tove'")).toEqual([])
    expect(JSON.stringify(await everything(empty))).not.toMatch(/"tove\\?"|Tove/)
  })

  everyOther()('that is none changes nothing', async () => {
    const { url, drop } = await emptyDatabase('intact', process.env.TEMPLATE_DATABASE)
    closing.push(drop)
    const file = join(data, 'no.dump')
    writeFileSync(file, 'not a backup')
    const before = await everything(url)
    expect(await run(['restore', file], { DATABASE_URL: url })).toMatchObject({ code: 1, said: expect.stringContaining('is not a backup') })
    expect(await everything(url)).toEqual(before)
  })
})
