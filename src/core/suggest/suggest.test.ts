import { describe, expect, it } from 'vitest'
import { demoExercises } from '../../../scripts/demo/exercises'
import { alternateRegions } from './alternate'
import { mainExercises } from './main-part'
import { warmUpExercises } from './warm-up'

describe('suggested exercises', () => {
  it('a warm-up needs no gear, stays on its feet, and raises the pulse first', () => {
    const warmUp = warmUpExercises(demoExercises, 4)
    expect(warmUp[0]!.regions).toContain('cardio')
    expect(warmUp.length).toBeGreaterThanOrEqual(3)
    for (const exercise of warmUp) expect([exercise.gear, exercise.stance, exercise.oneSided]).toEqual([[], 'standing', false])
  })

  it('a main part has exercises with somewhere to go, and loses none of them', () => {
    const main = mainExercises(demoExercises)
    const names = main.map((exercise) => exercise.id)
    expect(names).toContain('goblet-squat')
    expect(names).not.toContain('chest-stretch')
    expect(new Set(names).size).toBe(names.length)
  })

  it('regions alternate as long as the choice allows it', () => {
    const firsts = alternateRegions(demoExercises).map((exercise) => exercise.regions[0])
    const repeat = firsts.findIndex((region, index) => index > 0 && region === firsts[index - 1])
    if (repeat >= 0) expect(new Set(firsts.slice(repeat)).size).toBe(1)
    expect(alternateRegions([])).toEqual([])
  })
})
