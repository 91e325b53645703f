import { describe, expect, it } from 'vitest'
import { compileTimeline } from '../../timeline/compile'
import { Plan } from '../plan'
import { planOf, presets } from './presets'
import { read } from '../../base/read'

let counter = 0
const makings = {
  newId: () => `n${counter++}`,
  main: ['a', 'b', 'c', 'd'],
  suggested: { warmUp: [{ id: 'w', oneSided: false }], coolDown: [] },
}

describe('presets', () => {
  for (const preset of presets) {
    it(`${preset.name}: a sound plan that fits its slot`, () => {
      const plan = planOf(preset, preset.name, preset.slotSeconds, makings)
      expect(read(Plan, plan)).toEqual({ ok: true, value: plan })
      const timeline = compileTimeline(plan)
      expect(timeline.ok && timeline.value.total).toBeLessThanOrEqual(preset.slotSeconds)
      expect(timeline.ok && timeline.value.total).toBeGreaterThan(preset.slotSeconds / 2)
    })
  }

  it('have names and ids of their own, and stand without any exercise in the hall', () => {
    expect(new Set(presets.map((preset) => preset.id)).size).toBe(presets.length)
    expect(new Set(presets.map((preset) => preset.name)).size).toBe(presets.length)
    for (const preset of presets)
      expect(read(Plan, planOf(preset, 'X', 2700, { ...makings, main: [], suggested: { warmUp: [], coolDown: [] } })).ok).toBe(true)
  })

  it('the everyday one: 8 stations, 40 and 20, 2 laps, a warm-up and a cool-down', () => {
    const timeline = compileTimeline(planOf(presets[0]!, 'Loop', 2700, makings))
    // 4:00 + 2 × 8 × 1:00, the lap rest for the last transition of the first lap (+ 0:40), + 3:00 (common practice of counting).
    expect(timeline.ok && timeline.value.total).toBe(240 + 16 * 60 + 40 + 180)
  })
})
