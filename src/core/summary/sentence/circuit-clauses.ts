import { limits } from '../../base/limits'
import type { Seconds } from '../../base/units'
import { asLists, byTheClock, climbedTogether, countedBy, withTravel } from '../../plan/edit/circuit'
import { withoutRule } from '../../plan/edit/differ'
import { resizeStations } from '../../plan/edit/simple'
import type { Circuit, Station } from '../../plan/plan'
import { ruleText } from '../rule-words'
import { anybody, movesWords, saysWho, whoWords, type Moving } from './moving'
import { clausesWithin, slotText, type ChoiceSlot, type Clause, type NumberSlot } from './said'
import { aimClauses, intervalClauses, listClauses, mostSeconds } from './stay-clauses'

/** Names that say no more than the sentence does. */
export const isPlainName = (name: string) => ['stations', 'together', 'everyone the same', 'list', 'meanwhile'].includes(name.toLowerCase())

/** One list that all go through, once: no number of lists or laps is worth a word. */
export const isOneList = ({ travel, stay, stations, laps }: Circuit): boolean =>
  travel === 'together' && stay.kind === 'task' && stations.length === 1 && laps === 1

/** A circuit as one sentence; what a wave that waits does (`waits`) is always done together. */
export function circuitClauses(circuit: Circuit, moving: Moving = anybody, waits = false): Clause<Circuit>[] {
  const { stay, travel } = circuit
  return [
    ...nameClauses(circuit),
    ...headClauses(circuit, moving, waits),
    ...(stay.kind === 'intervals' ? intervalClauses(stay) : listClauses(stay, travel === 'rotate')),
    ...breakClauses(circuit),
    ...lapClauses(circuit),
    ...ownClauses(circuit),
    ...(stay.kind === 'task' ? aimClauses(stay) : []),
    ...differenceClauses(circuit),
    ...roundClauses(circuit),
  ]
}

const nameClauses = ({ name }: Circuit): Clause<Circuit>[] =>
  !name || isPlainName(name)
    ? []
    : [
        {
          id: 'name',
          said: [
            {
              kind: 'text',
              slot: 'name',
              label: 'Name',
              value: name,
              most: limits.nameLength,
              set: (circuit, name) => ({ ...circuit, name }),
            },
            ', ',
          ],
          without: ({ name: _, ...circuit }) => circuit,
        },
      ]

const plural = (count: number, one: string, many = `${one}s`) => (count === 1 ? one : many)

function headClauses(circuit: Circuit, { size, choice }: Moving, waits: boolean): Clause<Circuit>[] {
  const { travel, stay, stations } = circuit
  const count: NumberSlot<Circuit> = {
    kind: 'count',
    slot: 'stations',
    label: travel === 'rotate' ? 'Stations' : stay.kind === 'task' ? 'Lists' : 'Exercises',
    value: stations.length,
    least: 1,
    most: limits.stations,
    set: (of, value, newId) => ({ ...of, stations: resizeStations(of.stations, value, newId) }),
  }
  const same = stay.kind === 'task' ? plural(stations.length, 'list') : plural(stations.length, 'exercise')
  const only = isOneList(circuit)
  const travels: ChoiceSlot<Circuit> = {
    kind: 'choice',
    slot: 'travel',
    label: 'Stations or together',
    value: travel,
    choices: [
      ...(waits ? [] : [{ value: 'rotate', words: plural(stations.length, 'station') }]),
      { value: 'together', words: only ? 'one list for everyone' : `${same}, everyone the same` },
    ],
    set: (of, value) => withTravel(of, value as Circuit['travel']),
  }
  const who = saysWho(choice.rule) ? [', ', { kind: 'who', slot: 'who', label: 'Who moves', words: whoWords[size] } as const, ' '] : [', ']
  return [
    {
      id: 'head',
      said: [
        ...(only ? [] : [count, ' ']),
        waits ? slotText(travels) : travels,
        ...(travel === 'rotate'
          ? [...who, { kind: 'moves', slot: 'moves', label: 'How they move', words: movesWords(size, choice) } as const]
          : []),
      ],
    },
    ...(stay.kind === 'task' ? [{ id: 'pace', said: [', ', paceSlot(circuit)] }] : []),
    { id: 'colon', said: [': '] },
  ]
}

function paceSlot(circuit: Circuit): ChoiceSlot<Circuit> {
  const led = circuit.stay.kind === 'task' && circuit.stay.rungClock !== undefined
  return {
    kind: 'choice',
    slot: 'pace',
    label: 'Whose pace',
    value: led ? 'led' : 'own',
    choices: [
      { value: 'clock', words: 'by the clock' },
      { value: 'own', words: circuit.travel === 'rotate' ? 'a list each, at their own pace' : 'at their own pace' },
      ...(circuit.travel === 'together' ? [{ value: 'led', words: 'rung by rung together' }] : []),
    ],
    set: (of, value, newId) => (value === 'clock' ? byTheClock(of, newId) : climbedTogether(asLists(of), value === 'led')),
  }
}

/** Stations done together that have a length of their own, or are left out of laps. */
function ownClauses({ stations }: Circuit): Clause<Circuit>[] {
  const at = (circuit: Circuit, id: string, change: (station: Station) => Station): Circuit => ({
    ...circuit,
    stations: circuit.stations.map((station) => (station.id === id ? change(station) : station)),
  })
  return stations.flatMap(({ id, stay, skipLaps }, index): Clause<Circuit>[] => {
    const set = (circuit: Circuit, seconds: Seconds) =>
      at(circuit, id, (station) =>
        station.stay?.kind === 'intervals' ? { ...station, stay: { ...station.stay, workSeconds: [seconds] } } : station,
      )
    const own: Clause<Circuit>[] =
      stay?.kind === 'intervals' && stay.workSeconds.length === 1
        ? [
            {
              id: `own.${id}`,
              said: [
                `, exercise ${index + 1} for `,
                {
                  kind: 'time',
                  slot: `own.${id}`,
                  label: `Exercise ${index + 1}`,
                  value: stay.workSeconds[0]!,
                  least: 1,
                  most: mostSeconds,
                  set,
                },
              ],
              without: (circuit) => at(circuit, id, ({ stay: _, ...station }) => station),
            },
          ]
        : []
    if (skipLaps.length === 0) return own
    const skipped: Clause<Circuit> = {
      id: `skip.${id}`,
      said: [
        `, exercise ${index + 1} not on ${plural(skipLaps.length, 'lap')} `,
        {
          kind: 'laps',
          slot: `skip.${id}`,
          label: `Laps without exercise ${index + 1}`,
          value: skipLaps,
          set: (circuit, laps) => at(circuit, id, (station) => ({ ...station, skipLaps: [...laps] })),
        },
      ],
      without: (circuit) => at(circuit, id, (station) => ({ ...station, skipLaps: [] })),
    }
    return [...own, skipped]
  })
}

/** What stands between two stays. */
function breakClauses(circuit: Circuit): Clause<Circuit>[] {
  const { transition, travel } = circuit
  if (transition.seconds === 0) return []
  const active = transition.how === 'active'
  const clause: Clause<Circuit> = {
    id: 'transition',
    said: [
      ' and ',
      {
        kind: 'time',
        slot: 'transition',
        label: travel === 'rotate' ? 'Transition' : 'Rest',
        value: transition.seconds,
        least: 1,
        most: 3600,
        set: (of, seconds) => ({ ...of, transition: { ...of.transition, seconds } }),
      },
      ' ',
      {
        kind: 'choice',
        slot: 'how',
        label: 'What it is for',
        value: transition.how,
        choices: [
          { value: 'walk', words: travel === 'rotate' ? 'to move' : 'to rest' },
          { value: 'active', words: 'to cross' },
        ],
        set: (of, how) => ({ ...of, transition: { ...of.transition, how: how as 'walk' | 'active' } }),
      },
    ],
    without: (of) => ({ ...of, transition: { seconds: 0, how: 'walk' } }),
  }
  const note = transition.note
  if (!active || !note) return [clause]
  return [
    clause,
    {
      id: 'crossing',
      said: [
        ' (',
        {
          kind: 'text',
          slot: 'crossing',
          label: 'How they cross',
          value: note,
          most: limits.noteLength,
          set: (of, value) => ({ ...of, transition: { ...of.transition, note: value } }),
        },
        ')',
      ],
      without: ({ transition: { note: _, ...bare }, ...of }) => ({ ...of, transition: bare }),
    },
  ]
}

function lapClauses(circuit: Circuit): Clause<Circuit>[] {
  const { laps, turns, lapRestSeconds } = circuit
  if (isOneList(circuit)) return []
  const counted: Clause<Circuit> =
    laps === undefined
      ? {
          id: 'turns',
          said: [
            ', ',
            {
              kind: 'count',
              slot: 'turns',
              label: 'Turns',
              value: turns!,
              least: 1,
              most: limits.turns,
              set: (of, value) => ({ ...of, turns: value }),
            },
            turns === 1 ? ' turn' : ' turns',
          ],
          without: (of) => countedBy(of, 'laps'),
        }
      : {
          id: 'laps',
          said: [
            ', ',
            {
              kind: 'count',
              slot: 'laps',
              label: 'Laps',
              value: laps,
              least: 1,
              most: limits.laps,
              set: (of, value) => ({ ...of, laps: value }),
            },
            laps === 1 ? ' lap' : ' laps',
          ],
        }
  const between: Clause<Circuit> = {
    id: 'lapRest',
    said: [
      ' with ',
      {
        kind: 'time',
        slot: 'lapRest',
        label: 'Between laps',
        value: lapRestSeconds,
        least: 1,
        most: 3600,
        set: (of, value) => ({ ...of, lapRestSeconds: value }),
      },
      laps === undefined ? ' between laps' : ' between',
    ],
    without: (of) => ({ ...of, lapRestSeconds: 0 }),
  }
  return lapRestSeconds > 0 && laps !== 1 ? [counted, between] : [counted]
}

/** Rules by which laps differ, and laps that simply do. */
function differenceClauses({ id, varyRules, vary }: Circuit): Clause<Circuit>[] {
  const rules = (varyRules ?? []).flatMap((rule, at): Clause<Circuit>[] =>
    rule.id === id
      ? [
          {
            id: `rule.${at}`,
            said: [`, ${ruleText(rule, 'lap')}`],
            without: (of) => withoutRule(of, at),
          },
        ]
      : [],
  )
  const laps = [...new Set(vary.map((variation) => variation.at + 1))].sort((a, b) => a - b)
  if (laps.length === 0) return rules
  return [
    ...rules,
    { id: 'vary', said: [`, ${plural(laps.length, 'lap')} ${laps.join(', ')} ${plural(laps.length, 'differs', 'differ')}`] },
  ]
}

/** What holds for the circuit as a whole. */
function roundClauses(circuit: Circuit): Clause<Circuit>[] {
  const { withinSeconds, lastGap, pairs, travel, brief, waves } = circuit
  const clauses: Clause<Circuit>[] = []
  if (travel === 'rotate' && pairs !== 'both')
    clauses.push({
      id: 'pairs',
      said: [
        ', ',
        {
          kind: 'choice',
          slot: 'pairs',
          label: 'How partners work',
          value: pairs,
          choices: [
            { value: 'inTurns', words: 'partners taking turns' },
            { value: 'halfEach', words: 'partners half the time each' },
          ],
          set: (of, value) => ({ ...of, pairs: value as Circuit['pairs'] }),
        },
      ],
      without: (of) => ({ ...of, pairs: 'both' }),
    })
  if (lastGap === 'drop') clauses.push({ id: 'lastGap', said: [', without the last break'], without: (of) => ({ ...of, lastGap: 'keep' }) })
  if (withinSeconds !== undefined)
    clauses.push({
      id: 'within',
      said: [
        ', in a window of ',
        {
          kind: 'time',
          slot: 'within',
          label: 'Fixed window',
          value: withinSeconds,
          least: 1,
          most: mostSeconds,
          set: (of, value) => ({ ...of, withinSeconds: value }),
        },
      ],
      without: ({ withinSeconds: _, ...of }) => of,
    })
  if (waves)
    clauses.push(
      { id: 'waves', said: [', in two waves: half of the class works, the other half does '], without: ({ waves: _, ...of }) => of },
      ...clausesWithin<Circuit, Circuit>(circuitClauses(waves.meanwhile, anybody, true), 'meanwhile.', (of, change) =>
        of.waves ? { ...of, waves: { meanwhile: change(of.waves.meanwhile) } } : of,
      ),
    )
  if (brief) clauses.push({ id: 'brief', said: [', explained while they do it'], without: ({ brief: _, ...of }) => of })
  return clauses
}
