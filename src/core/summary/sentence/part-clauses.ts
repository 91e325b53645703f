import { limits } from '../../base/limits'
import type { Part } from '../../plan/plan'
import { ruleText } from '../rule-words'
import type { Clause } from './said'

/** What is said of a whole part: how often it is gone through, how times through differ, and whether it is only done if there is time. */
export function partClauses({ repeat, restBetweenSeconds, optional, pieces, vary, varyRules }: Part): Clause<Part>[] {
  const clauses: Clause<Part>[] = []
  const ids = pieces.map(({ id }) => id)
  if (repeat > 1) {
    clauses.push({
      id: 'repeat',
      said: [
        ', ',
        {
          kind: 'count',
          slot: 'repeat',
          label: 'Times',
          value: repeat,
          least: 2,
          most: limits.laps,
          set: (of, value) => ({ ...of, repeat: value }),
        },
        ' times',
      ],
      without: (of) => ({ ...of, repeat: 1, restBetweenSeconds: 0 }),
    })
    if (restBetweenSeconds > 0)
      clauses.push({
        id: 'restBetween',
        said: [
          ' with ',
          {
            kind: 'time',
            slot: 'restBetween',
            label: 'Between times',
            value: restBetweenSeconds,
            least: 1,
            most: 3600,
            set: (of, value) => ({ ...of, restBetweenSeconds: value }),
          },
          ' between',
        ],
        without: (of) => ({ ...of, restBetweenSeconds: 0 }),
      })
  }
  ;(varyRules ?? []).forEach((rule, at) => {
    if (!ids.includes(rule.id)) return
    clauses.push({
      id: `rule.${at}`,
      said: [`, ${ruleText(rule, 'time')}`],
      without: ({ varyRules: now = [], ...of }) => {
        const left = now.filter((_, index) => index !== at)
        return left.length > 0 ? { ...of, varyRules: left } : of
      },
    })
  })
  const times = [...new Set(vary.map((variation) => variation.at + 1))].sort((a, b) => a - b)
  if (times.length > 0)
    clauses.push({
      id: 'vary',
      said: [`, ${times.length === 1 ? 'time' : 'times'} ${times.join(', ')} ${times.length === 1 ? 'differs' : 'differ'}`],
    })
  if (optional) clauses.push({ id: 'optional', said: [', only if there is time'], without: (of) => ({ ...of, optional: false }) })
  return clauses
}
