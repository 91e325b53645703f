import { expect, it } from 'vitest'
import { readingDistance } from './reading-distance'

it('22 arc minutes at 12 m are 77 mm, and 16 at the least serve from farther (ISO 9241-303; from memory)', () => {
  expect(readingDistance(0.0768)).toBeCloseTo(12, 1)
  expect(readingDistance(0.0768, 16)).toBeGreaterThan(16)
  expect(readingDistance(0.1536)).toBeCloseTo(24, 1)
})
