import { expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { meantBy } from './meant'

it.each([
  ['gobelt sqaut', 'Goblet squat'],
  ['statons', 'stations'],
  ['burpes', 'Burpee'],
  ['montain climber', 'Mountain climber'],
  ['see you there', undefined],
  ['Brick shuffle', undefined],
  ['on', undefined],
])('%s: %s', (text, meant) => {
  expect(meantBy(libraryExercises)(text)).toBe(meant)
})
