import { limits } from '../../base/limits'
import { withoutRule } from '../../plan/edit/differ'
import { PartRole, type Part } from '../../plan/plan'
import { roleNames } from '../../plan/roles'
import { ruleText } from '../rule-words'
import type { Clause } from './said'

/** What is said of a whole part: how often it is gone through, how times through differ, and whether it is only done if there is time. */
export function partClauses({ name, role, repeat, restBetweenSeconds, optional, pieces, vary, varyRules }: Part): Clause<Part>[] {
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
      without: (of) => withoutRule(of, at),
    })
  })
  const times = [...new Set(vary.map((variation) => variation.at + 1))].sort((a, b) => a - b)
  if (times.length > 0)
    clauses.push({
      id: 'vary',
      said: [`, ${times.length === 1 ? 'time' : 'times'} ${times.join(', ')} ${times.length === 1 ? 'differs' : 'differ'}`],
    })
  if (optional) clauses.push({ id: 'optional', said: [', only if there is time'], without: (of) => ({ ...of, optional: false }) })
  return [...clauses, ...asideClauses(name, role)]
}

/** What a part is called and is for: not read out, as its pieces say it. */
function asideClauses(name: Part['name'], role: Part['role']): Clause<Part>[] {
  const clauses: Clause<Part>[] = []
  if (name !== undefined)
    clauses.push({
      id: 'name',
      aside: true,
      said: [
        ', in the part ',
        {
          kind: 'text',
          slot: 'name',
          label: 'Name of its part',
          value: name,
          most: limits.nameLength,
          set: (of, value) => ({ ...of, name: value }),
        },
      ],
      without: ({ name: _, ...of }) => of,
    })
  if (role)
    clauses.push({
      id: 'role',
      aside: true,
      said: [
        ', as the ',
        {
          kind: 'choice',
          slot: 'role',
          label: 'What its part is for',
          value: role,
          choices: PartRole.options.map((value) => ({ value, words: roleNames[value] })),
          set: (of, value) => ({ ...of, role: value as PartRole }),
        },
      ],
      without: ({ role: _, ...of }) => of,
    })
  return clauses
}
