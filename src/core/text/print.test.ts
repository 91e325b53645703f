import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { looseTexts } from '../../../tests/fixtures/loose/texts'
import { anyPlan } from '../../../tests/fixtures/any-plan'
import { shapes } from '../../../tests/fixtures/shapes'
import { presets, planOf } from '../plan/edit/presets'
import { tidyPlan } from '../plan/edit/tidy'
import { Plan } from '../plan/plan'
import { suggestedFrom } from '../suggest/suggested'
import { planText } from './print'
import { readText } from './read'

let counter = 0
const newId = () => `n${counter++}`

/** A plan with its ids called by the order in which they come. */
function plain(plan: Plan): unknown {
  const names = new Map<string, string>()
  const ids = (value: unknown): void => {
    if (Array.isArray(value)) value.forEach(ids)
    else if (value && typeof value === 'object')
      for (const [key, inner] of Object.entries(value)) {
        if (key === 'id' && !('field' in value) && !('rule' in value)) names.set(inner as string, `id${names.size}`)
        ids(inner)
      }
  }
  ids(plan)
  return JSON.parse(JSON.stringify(plan), (key, value: unknown) => (key === 'id' ? (names.get(value as string) ?? value) : value))
}

const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : value && typeof value === 'object'
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => a.localeCompare(b))
            .map(([key, inner]) => [key, sorted(inner)]),
        )
      : value

const expectSame = (plan: Plan) => {
  const text = planText(plan, libraryExercises)
  const back = readText(text, libraryExercises, newId)
  expect(back.missed, text).toEqual([])
  expect(sorted(plain(back.plan)), text).toEqual(sorted(plain(plan)))
  return text
}

const known = libraryExercises.map(({ id, options }) => ({ id, options: options.map((option) => option.id) }))

describe('a plan as text', () => {
  it('reads back as it was, whatever is in it', () => {
    fc.assert(
      fc.property(anyPlan(known), (plan) => void expectSame(plan)),
      { numRuns: 15 },
    )
  })

  it.each(shapes.map((shape) => [`${shape.id}: ${shape.what}`, shape] as const))('%s reads back as it was', (_, { plan }) => {
    expectSame(tidyPlan(Plan.parse(plan)))
  })

  it.each(presets.map((preset) => [preset.name, preset] as const))('%s reads back as it was', (name, preset) => {
    const makings = { newId, main: libraryExercises.slice(0, 30).map(({ id }) => id), suggested: suggestedFrom(libraryExercises) }
    expectSame(planOf(preset, name, preset.slotSeconds, makings))
  })

  it.each(looseTexts.map((loose) => [loose.name, loose] as const))('of a loose text reads back as it was read: %s', (_, { text }) => {
    expectSame(readText(text, libraryExercises, newId).plan)
  })
})
