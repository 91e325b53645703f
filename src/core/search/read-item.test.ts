import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../scripts/demo/plans'
import { libraryExercises } from '../../../scripts/library/exercises'
import type { Use } from '../plan/plan'
import { exerciseSearch } from './exercises'
import { itemLine, readItem } from './read-item'

const library = { exercises: libraryExercises, search: exerciseSearch(libraryExercises, new Map()) }
let counter = 0
const newId = () => `r${counter++}`
const read = (text: string, before?: Use) => readItem(text, before, library, newId)
const use = (text: string) => {
  const found = read(text)
  return found && 'use' in found ? found.use : undefined
}
const byId = new Map(libraryExercises.map((exercise) => [exercise.id, exercise]))

describe('a list as it is written on a board', () => {
  it('how much of what', () => {
    expect(use('18 jumping lunges')).toMatchObject({ exerciseId: 'split-jump', reps: { count: 18, counted: 'total' } })
    expect(use('10–15 burpees')).toMatchObject({ exerciseId: 'burpee', reps: { count: 10, most: 15 } })
    expect(use('90 s row machine')).toMatchObject({ exerciseId: 'row-machine', seconds: 90 })
    expect(use('1:00 plank')).toMatchObject({ exerciseId: 'plank', seconds: 60 })
    expect(use('2 min plank')).toMatchObject({ seconds: 120 })
    expect(use('max 12-18 push-ups')).toMatchObject({ exerciseId: 'push-up', reps: { count: 12, most: 18, open: true } })
    expect(use('plank')).not.toHaveProperty('reps')
    expect(use('20 x squats')).toMatchObject({ reps: { count: 20 } })
  })

  it('each side, in any of the ways people write it', () => {
    for (const text of [
      '8 each side bird dog',
      '8 bird dog each side',
      '8 bird dogs, each side',
      '8 e/s bird dog',
      '8 bird dog each leg',
      '8 per side bird dog',
    ])
      expect(use(text), text).toMatchObject({ exerciseId: 'bird-dog', reps: { count: 8, counted: 'eachSide' } })
  })

  it('an option, a load, a tempo and a note after commas; bullets and numbers are left out', () => {
    const option = libraryExercises.find(({ id }) => id === 'bird-dog')!.options[0]!
    expect(option.name).toBe('Bird dog, leg only')
    expect(use('8 each side bird dog, leg only')).toMatchObject({ optionId: option.id })
    expect(use('- 8 each side bird dog, slowly')).toMatchObject({ note: 'slowly' })
    expect(use('3) 12 goblet squat, 12 kg, tempo 4-2-1-0, heels down')).toMatchObject({
      load: { kilograms: 12 },
      tempo: { figures: [4, 2, 1, 0] },
      note: 'heels down',
    })
  })

  it('a name that only resembles one is a guess, and one like nothing is kept as it is', () => {
    expect(read('12 gobl')).toMatchObject({ sure: false, exercise: { id: 'goblet-squat' } })
    expect(read('12 goblet squats')).toMatchObject({ sure: true })
    expect(read('12 zzqq')).toEqual({ missed: 'zzqq' })
    expect(read(' - ')).toBeUndefined()
  })

  it('on a ladder, whose rungs say how many, a line has no figure', () => {
    const lunge: Use = { id: 'a', exerciseId: 'reverse-lunge', sides: 'none', reps: { count: 12, counted: 'eachSide' } }
    const line = itemLine(lunge, byId.get('reverse-lunge'), true)
    expect(line).toBe('each side reverse lunge')
    expect(readItem(line, lunge, library, newId, true)).toMatchObject({ use: lunge })
    expect(readItem('burpee', undefined, library, newId, true)).toMatchObject({ use: { reps: { count: 10, counted: 'total' } } })
  })

  it('what a line cannot say stays with its item', () => {
    const before: Use = {
      id: 'own',
      exerciseId: 'plank',
      sides: 'none',
      effort: 'steady',
      seconds: 30,
      dose: { newcomer: { seconds: 20 } },
    }
    expect(read('0:45 plank', before)).toMatchObject({ use: { ...before, seconds: 45 } })
    expect(read('12 burpees', before)).toMatchObject({ use: { id: 'own', exerciseId: 'burpee', effort: 'steady', reps: { count: 12 } } })
  })

  it('every item of the demo’s lists, and every exercise and option, reads back as the same', () => {
    const items = demoPlans.flatMap(({ parts }) =>
      parts.flatMap(({ pieces }) =>
        pieces.flatMap((piece) =>
          piece.type === 'circuit' && piece.stay.kind === 'task' ? piece.stations.flatMap(({ uses }) => uses) : [],
        ),
      ),
    )
    const all = libraryExercises.flatMap((exercise): Use[] => [
      { id: 'a', exerciseId: exercise.id, sides: 'none', reps: { count: 9, counted: 'total' } },
      ...exercise.options.map((option): Use => ({
        id: 'a',
        exerciseId: exercise.id,
        optionId: option.id,
        sides: 'none',
        reps: { count: 9, most: 12, counted: 'eachSide' },
      })),
    ])
    const wrong = [...items, ...all].filter((known) => {
      const line = itemLine(known, byId.get(known.exerciseId))
      const again = read(line, known)
      return !again || !('use' in again) || JSON.stringify(itemLine(again.use, again.exercise)) !== JSON.stringify(line)
    })
    expect(wrong.map((known) => itemLine(known, byId.get(known.exerciseId)))).toEqual([])
  })
})
