import { limits } from '../../base/limits'
import type { Pause } from '../../plan/plan'
import { pauseNames } from '../names'
import { midSentence } from '../../base/mid-sentence'
import type { Clause } from './said'

const kinds = Object.entries(pauseNames).map(([value, name]) => ({ value, words: midSentence(name) }))

/** A pause as one sentence. */
export function pauseClauses({ seconds, kind, name, note }: Pause): Clause<Pause>[] {
  const clauses: Clause<Pause>[] = [
    {
      id: 'pause',
      said: [
        {
          kind: 'time',
          slot: 'seconds',
          label: 'Length',
          value: seconds,
          least: 0,
          most: 3600,
          set: (of, value) => ({ ...of, seconds: value }),
        },
        ' ',
        {
          kind: 'choice',
          slot: 'kind',
          label: 'Kind of pause',
          value: kind,
          choices: kinds,
          set: (of, value) => ({ ...of, kind: value as Pause['kind'] }),
        },
      ],
    },
  ]
  if (name)
    clauses.push({
      id: 'name',
      said: [
        ' (',
        { kind: 'text', slot: 'name', label: 'Name', value: name, most: limits.nameLength, set: (of, value) => ({ ...of, name: value }) },
        ')',
      ],
      without: ({ name: _, ...of }) => of,
    })
  if (note)
    clauses.push({
      id: 'note',
      aside: true,
      said: [
        '. The room reads: ',
        {
          kind: 'text',
          slot: 'note',
          label: 'What the room reads',
          value: note,
          most: limits.noteLength,
          set: (of, value) => ({ ...of, note: value }),
        },
      ],
      without: ({ note: _, ...of }) => of,
    })
  return clauses
}
