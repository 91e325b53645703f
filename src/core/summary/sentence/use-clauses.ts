import { pick } from 'es-toolkit'
import { limits } from '../../base/limits'
import type { Level } from '../../library/level'
import type { Sides, Use } from '../../plan/plan'
import { those, type Offer } from './offers'
import type { ChoiceSlot, Clause } from './said'

/** What a sentence of an exercise knows besides: how it may be done, and the place that it is done at. */
export interface UsePlace {
  /** The forms of the exercise, the first itself, with '' for its id. */
  forms: readonly { value: string; words: string }[]
  oneSided: boolean
  kind: 'intervals' | 'task'
}

type Reps = NonNullable<Use['reps']>

const counted: Record<Reps['counted'], string> = {
  total: 'reps',
  eachSide: 'reps each side',
  thereAndBack: 'reps, there and back as one',
  twoCountsOne: 'reps, two counts as one',
}

/** How sides are shared out, in words. */
export const sideWords: Record<Sides, string> = {
  none: 'no change of sides',
  half: 'changing sides at the half',
  byLap: 'one side each lap',
  ownInterval: 'an interval for each side',
}

const levels: Record<Level, string> = { newcomer: 'newcomers', regular: 'regulars', trained: 'the trained' }

const choicesOf = (words: Readonly<Record<string, string>>) => Object.entries(words).map(([value, said]) => ({ value, words: said }))

/** An optional field of a use as a clause that can be taken away. */
const optional = (field: keyof Use, said: Clause<Use>['said'], id: string = field): Clause<Use> => ({
  id,
  said,
  without: ({ [field]: _, ...use }) => use as Use,
})

/** How an exercise is done at its place, as one sentence. */
export function useClauses(use: Use, { forms, kind }: UsePlace): Clause<Use>[] {
  const { reps, seconds, sides: shared, inner, tempo, load, effort, machine, note } = use
  const form: ChoiceSlot<Use> = {
    kind: 'choice',
    slot: 'form',
    label: 'How everyone does it',
    value: use.optionId ?? '',
    choices: forms,
    set: ({ optionId: _, ...of }, value) => (value === '' ? of : { ...of, optionId: value }),
  }
  const clauses: Clause<Use>[] = [{ id: 'form', said: [forms.length > 1 ? form : (forms[0]?.words ?? use.exerciseId)] }]
  if (reps) clauses.push(repsClause(reps))
  if (seconds !== undefined && kind === 'task')
    clauses.push(
      optional('seconds', [
        ', for ',
        {
          kind: 'time',
          slot: 'seconds',
          label: 'Time',
          value: seconds,
          least: 1,
          most: 3600,
          set: (of, value) => ({ ...of, seconds: value }),
        },
      ]),
    )
  if (shared !== 'none')
    clauses.push({
      id: 'sides',
      said: [
        ', ',
        {
          kind: 'choice',
          slot: 'sides',
          label: 'Sides',
          value: shared,
          choices: choicesOf(pick(sideWords, kind === 'task' ? ['byLap', 'half'] : ['half', 'byLap', 'ownInterval'])),
          set: (of, value) => ({ ...of, sides: value as Sides }),
        },
      ],
      without: (of) => ({ ...of, sides: 'none' }),
    })
  if (inner) clauses.push(...innerClauses(inner))
  if (tempo) clauses.push(tempoClause(tempo))
  if (load)
    clauses.push(
      optional('load', [
        ', with ',
        {
          kind: 'kilograms',
          slot: 'load',
          label: 'Load, kg',
          value: load.kilograms,
          set: (of, kilograms) => ({ ...of, load: { kilograms } }),
        },
        ' kg',
      ]),
    )
  if (effort !== undefined) clauses.push(optional('effort', [', effort: ', textSlot('effort', 'Effort', effort)]))
  if (machine !== undefined) clauses.push(optional('machine', [', machine at ', textSlot('machine', 'Machine', machine)]))
  clauses.push(...doseClauses(use))
  if (note !== undefined) clauses.push(optional('note', ['. Note: ', textSlot('note', 'Note', note, limits.noteLength)]))
  return clauses
}

const textSlot = (field: 'effort' | 'machine' | 'note', label: string, value: string, most: number = limits.nameLength) =>
  ({ kind: 'text', slot: field, label, value, most, set: (of: Use, text: string) => ({ ...of, [field]: text }) }) as const

const repsClause = (reps: Reps): Clause<Use> =>
  optional('reps', [
    ', ',
    {
      kind: 'reps',
      slot: 'reps',
      label: 'Reps',
      value: reps,
      set: (of, value) => ({ ...of, reps: { ...value, counted: of.reps?.counted ?? 'total' } }),
    },
    ' ',
    {
      kind: 'choice',
      slot: 'counted',
      label: 'How they are counted',
      value: reps.counted,
      choices: choicesOf(counted),
      set: (of, value) => (of.reps ? { ...of, reps: { ...of.reps, counted: value as Reps['counted'] } } : of),
    },
  ])

function innerClauses({ cycle, aim }: NonNullable<Use['inner']>): Clause<Use>[] {
  const whole = optional('inner', [
    ', as ',
    {
      kind: 'cycle',
      slot: 'inner',
      label: 'Small cycle inside it',
      value: cycle,
      set: (of, value) => ({ ...of, inner: { ...of.inner, cycle: value } }),
    },
  ])
  if (aim === undefined) return [whole]
  return [
    whole,
    {
      id: 'innerAim',
      said: [
        ', aiming at ',
        {
          kind: 'count',
          slot: 'innerAim',
          label: 'Times to aim at',
          value: aim,
          least: 1,
          most: limits.reps,
          set: (of, value) => (of.inner ? { ...of, inner: { ...of.inner, aim: value } } : of),
        },
        ' times',
      ],
      without: (of) => (of.inner ? { ...of, inner: { cycle: of.inner.cycle } } : of),
    },
  ]
}

const tempoClause = (tempo: NonNullable<Use['tempo']>): Clause<Use> =>
  optional('tempo', [
    ', tempo ',
    {
      kind: 'tempo',
      slot: 'tempo',
      label: 'Tempo',
      value: tempo.figures,
      set: (of, figures) => ({ ...of, tempo: { figures, from: of.tempo?.from ?? 'top' } }),
    },
    ' from the ',
    {
      kind: 'choice',
      slot: 'from',
      label: 'Where a rep starts',
      value: tempo.from,
      choices: choicesOf({ top: 'top', bottom: 'bottom' }),
      set: (of, from) => (of.tempo ? { ...of, tempo: { ...of.tempo, from: from as 'top' | 'bottom' } } : of),
    },
  ])

function doseClauses({ dose }: Use): Clause<Use>[] {
  return (Object.keys(levels) as Level[]).flatMap((level): Clause<Use>[] => {
    const own = dose?.[level]
    if (!own) return []
    return [
      {
        id: `dose.${level}`,
        said: [
          `; ${levels[level]} `,
          {
            kind: 'dose',
            slot: `dose.${level}`,
            label: `For ${levels[level]}`,
            value: own,
            set: (of, value) => ({ ...of, dose: { ...of.dose, [level]: value } }),
          },
        ],
        without: ({ dose: now, ...of }) => {
          const { [level]: _, ...left } = now ?? {}
          return Object.keys(left).length > 0 ? { ...of, dose: left } : of
        },
      },
    ]
  })
}

/** What can be added to how an exercise is done; `several` laps let sides take turns. */
export function useOffers(use: Use, { kind, oneSided }: UsePlace): Offer<Use>[] {
  const { reps, seconds, sides: shared, inner, tempo, load, effort, machine, dose, note } = use
  const bySide = oneSided ? 'eachSide' : 'total'
  return those([
    {
      id: 'reps',
      words: kind === 'task' ? 'reps' : 'so many reps',
      slot: 'reps',
      when: !reps,
      add: (of) => ({ ...of, reps: { count: 10, counted: bySide } }),
    },
    {
      id: 'seconds',
      words: 'a time',
      slot: 'seconds',
      when: kind === 'task' && seconds === undefined,
      add: (of) => ({ ...of, seconds: 30 }),
    },
    {
      id: 'sides',
      words: 'changing sides',
      slot: 'sides',
      when: shared === 'none',
      add: (of) => ({ ...of, sides: kind === 'task' ? 'byLap' : 'half' }),
    },
    { id: 'load', words: 'a load', slot: 'load', when: !load, add: (of) => ({ ...of, load: { kilograms: 8 } }) },
    { id: 'tempo', words: 'a tempo', slot: 'tempo', when: !tempo, add: (of) => ({ ...of, tempo: { figures: [3, 1, 1, 0], from: 'top' } }) },
    { id: 'effort', words: 'an effort', slot: 'effort', when: effort === undefined, add: (of) => ({ ...of, effort: 'steady' }) },
    {
      id: 'machine',
      words: 'a machine setting',
      slot: 'machine',
      when: machine === undefined,
      add: (of) => ({ ...of, machine: 'level 4' }),
    },
    {
      id: 'inner',
      words: 'a small cycle',
      slot: 'inner',
      when: !inner,
      add: (of) => ({
        ...of,
        inner: {
          cycle: [
            { name: 'squats', count: 5 },
            { name: 'jumps', count: 3 },
          ],
        },
      }),
    },
    {
      id: 'innerAim',
      words: 'cycles to aim at',
      slot: 'innerAim',
      when: inner !== undefined && inner.aim === undefined,
      add: (of) => (of.inner ? { ...of, inner: { ...of.inner, aim: 3 } } : of),
    },
    ...(Object.keys(levels) as Level[]).map((level) => ({
      id: `dose.${level}`,
      words: `something else for ${levels[level]}`,
      slot: `dose.${level}`,
      when: !dose?.[level],
      add: (of: Use): Use => ({ ...of, dose: { ...of.dose, [level]: { reps: 6 } } }),
    })),
    { id: 'note', words: 'a note', slot: 'note', when: note === undefined, add: (of) => ({ ...of, note: 'Watch the knees' }) },
  ])
}
