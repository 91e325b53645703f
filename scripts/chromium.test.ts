import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { chromiumWithout } from './chromium'

it('turns off all that Playwright turns off in the browser', () => {
  const own = /disabledFeatures = \[([^\]]*)\]/.exec(readFileSync('node_modules/playwright-core/lib/coreBundle.js', 'utf8'))![1]!
  const names = own.match(/^\s*"\w+"/gm)!.map((line) => line.trim().replaceAll('"', ''))
  const off = chromiumWithout('Other')
    .args.find((flag) => flag.startsWith('--disable-features='))!
    .split(/[=,]/)
  expect(names.length).toBeGreaterThan(5)
  expect(off).toEqual(expect.arrayContaining([...names, 'Other']))
})
