import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { read } from '../base/read'
import { presentFormat, readStored } from '../base/stored'
import { tidyPlan } from './edit/tidy'
import { copyOf, takenFrom } from './edit/copied'
import { withoutPiece } from './edit/pieces'
import { planFormats } from './formats'
import { Plan } from './plan'
import { planFile, PlanFile } from './words/file'

/** A plan file of every format there has been, as it was written then. */
const fixture = (format: number) =>
  JSON.parse(readFileSync(new URL(`../../../tests/fixtures/formats/plan-${format}.json`, import.meta.url), 'utf8')) as {
    version: number
    plan: { parts: { varyRules?: unknown; pieces: object[] }[] }
  }
const present = presentFormat({ forward: planFormats })
const readPlan = (stored: unknown) => {
  const found = readStored({ what: 'plan', schema: Plan as never, forward: planFormats }, present, stored)
  return found as typeof found & { value: Plan }
}

describe('the formats of a plan', () => {
  it('are read, each as it was written, and written again as the present one', () => {
    for (let format = 1; format <= present; format++) {
      const written = fixture(format)
      expect(written.version).toBe(format)
      const file = read(PlanFile, written)
      expect(file.ok, `format ${format}`).toBe(true)
      if (file.ok) expect(planFile(file.value.plan, []).version).toBe(present)
    }
    expect(read(PlanFile, { ...fixture(1), version: present + 1 })).toMatchObject({ problems: [{ field: 'version' }] })
  })

  it('keep every field of the present one, through reading, tidying, copying and a file', () => {
    const written = fixture(2)
    const plan = readPlan(written.plan).value
    expect(plan).toMatchObject(written.plan)
    expect(tidyPlan(plan)).toBe(plan)
    expect(planFile(plan, []).plan).toMatchObject(written.plan)
    let count = 0
    const row = plan.parts[0]!.pieces[0]!
    const { piece: copy } = copyOf(takenFrom(plan, row.id)!, () => `n${count++}`)
    if (copy.type !== 'circuit' || row.type !== 'circuit') throw new Error('a circuit')
    expect(copy.varyRules).toEqual([{ ...row.varyRules![0], id: copy.stations[0]!.uses[0]!.id }])
  })

  it('lose a rule together with what it is about, and only then', () => {
    const plan = readPlan(fixture(2).plan).value
    const [main, end] = plan.parts
    const without = tidyPlan({
      ...plan,
      parts: [{ ...main!, pieces: main!.pieces.map((piece) => ({ ...piece, stations: [] })) as never }, end!],
    })
    expect(without.parts[0]!.pieces[0]).not.toHaveProperty('varyRules')
    expect(without.parts[0]!.varyRules).toHaveLength(1)
    expect(withoutPiece(plan, 'row').parts.map((part) => part.id)).toEqual(['end'])
  })

  it.each([
    [{ rule: 'series', id: 'nobody', field: 'reps', values: [2, 1] }, 'id', 'not found'],
    [{ rule: 'series', id: 'row', field: 'reps', values: [2, 1] }, 'field', 'cannot vary'],
    [{ rule: 'exchange', id: 'row', fields: ['gapSeconds', 'gapSeconds'] }, 'fields', 'two different'],
    [{ rule: 'exchange', id: 'ladder', fields: ['workSeconds', 'gapSeconds'] }, 'id', 'not found'],
  ])('refuse the rule %j at its field', (rule, field, words) => {
    const { plan } = fixture(2)
    plan.parts[0]!.varyRules = [rule]
    const [problem] = readPlan(plan).ok ? [] : (readPlan(plan) as unknown as { problems: { field: string; message: string }[] }).problems
    expect(problem!.field).toBe(`parts[0].varyRules[0].${field}`)
    expect(problem!.message).toContain(words)
  })

  it('refuse a range of reps that goes down', () => {
    const text = JSON.stringify(fixture(2).plan).replace('"most":10', '"most":7')
    expect(readPlan(JSON.parse(text))).toMatchObject({ problems: [{ field: expect.stringContaining('reps.most') as string }] })
  })
})
