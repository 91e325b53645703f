import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { readText } from './read'

const page = readFileSync(new URL('../../../docs/notation.md', import.meta.url), 'utf8')
let counter = 0
const missedIn = (text: string) => readText(text, libraryExercises, () => `n${counter++}`).missed

describe('the page on the notation', () => {
  it('shows a class as text that is understood to the last word', () => {
    const [, example] = /```\n([^]*?)```/.exec(page)!
    expect(missedIn(example!)).toEqual([])
  })

  const rows = page.slice(page.indexOf('## Every shape'), page.indexOf('## A class as text')).split('\n')
  const shapes = rows.flatMap((row) => {
    const [, what, says] = /^\| ([^|]+) \| (.*`.*) \|$/.exec(row) ?? []
    return what && says ? [[what, [...says.matchAll(/`([^`]+)`/g)].map(([, text]) => text!.replace('…', '').trim())] as const] : []
  })

  it.each(shapes)('%s', (_, lines) => {
    expect(missedIn(lines.join('\n'))).toEqual([])
  })

  it('has a row for every shape', () => {
    expect(shapes.length).toBeGreaterThanOrEqual(17)
  })
})
