import { describe, expect, it } from 'vitest'
import { withLimitsForgotten } from './forget'

describe('what people go easy on', () => {
  it('is forgotten wherever it stands in a document, and nothing else is', () => {
    const document = {
      name: 'Lunch',
      people: [{ id: 'a', name: 'Ada', goEasy: ['knee'], goEasyNote: 'left one', level: 'regular' }],
      own: { doings: [{ name: 'Seated march', how: '20 reps', watch: 'goes easy on the knee' }], of: { a: 0 } },
      left: null,
    }
    expect(withLimitsForgotten(document)).toEqual({
      name: 'Lunch',
      people: [{ id: 'a', name: 'Ada', goEasy: [], goEasyNote: '', level: 'regular' }],
      own: { doings: [{ name: 'Seated march', how: '20 reps' }], of: { a: 0 } },
      left: null,
    })
    const forgotten = withLimitsForgotten(document)
    expect(withLimitsForgotten(forgotten)).toEqual(forgotten)
  })
})
