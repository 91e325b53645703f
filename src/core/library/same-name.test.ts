import { expect, it } from 'vitest'
import { calledLike } from './same-name'

it('finds everybody of a name, however it is written', () => {
  const people = [{ name: 'Tove' }, { name: 'tove ' }, { name: 'Tove B.' }, { name: 'Øyvind' }]
  expect(calledLike(people, ' TOVE')).toHaveLength(2)
  expect(calledLike(people, 'øyvind')).toEqual([{ name: 'Øyvind' }])
  expect(calledLike(people, 'To')).toEqual([])
})
