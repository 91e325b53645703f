import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { logFile } from './log-file'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vicinor-log-'))
})
afterEach(() => {
  rmSync(folder, { recursive: true })
  vi.restoreAllMocks()
})

const line = (index: number) => `${String(index).padStart(99, '0')}\n`
const read = (name: string) => readFileSync(join(folder, 'log', name), 'utf8')

it('begins anew when it is large, keeps four files of before, and no line twice or torn', async () => {
  const log = logFile(join(folder, 'log', 'app.log'), '1K')
  for (let index = 0; index < 200; index++) log.write(line(index))
  await expect.poll(() => existsSync(join(folder, 'log', 'app.log')) && read('app.log')).toContain(line(199))
  const names = ['app.4.log', 'app.3.log', 'app.2.log', 'app.1.log', 'app.log']
  expect(readdirSync(join(folder, 'log')).sort()).toEqual([...names].sort())
  const written = names.map(read).join('')
  const first = Number(written.slice(0, 99))
  expect(written).toBe(Array.from({ length: 200 - first }, (_, index) => line(first + index)).join(''))
})

it('tells the terminal once why it could not write, and goes on when it can', async () => {
  const told = vi.spyOn(console, 'error').mockImplementation(() => {})
  // A folder where the file would be.
  mkdirSync(join(folder, 'log', 'app.log'), { recursive: true })
  const log = logFile(join(folder, 'log', 'app.log'))
  log.write(line(1))
  await expect.poll(() => told.mock.calls.join()).toContain('could not be written')
  log.write(line(2))
  rmSync(join(folder, 'log', 'app.log'), { recursive: true })
  await expect
    .poll(() => {
      log.write(line(3))
      return existsSync(join(folder, 'log', 'app.log')) && read('app.log')
    })
    .toContain(line(3))
  expect(told).toHaveBeenCalledTimes(1)
})
