import type { Seconds } from '../../base/units'
import { emptyStation } from './simple'
import { emptyStations, intervals, plainCircuit, plainPart, rest, rotate } from './make'
import { newPiece, withFirst, withLast, type Suggested } from './pieces'
import type { Part, Plan, Station, Task, Use } from '../plan'

/** What a preset is made with: new ids, and exercises of the hall to fill self-paced lists and the warm-up. */
export interface PresetMakings {
  newId: () => string
  /** Ids of exercises for main parts, most useful first. */
  main: readonly string[]
  suggested: Suggested
}

export interface Preset {
  id: string
  name: string
  what: string
  slotSeconds: Seconds
  parts: (makings: PresetMakings) => Part[]
}

const task = (more: Partial<Task> & Pick<Task, 'goal'>): Task => ({ kind: 'task', openerCount: 0, rungRestSeconds: 0, ...more })

/** A station with a self-paced list: `reps` of the hall's main exercises, from the `from`th on. */
function listed({ newId, main }: PresetMakings, reps: number[], from = 0): Station {
  const uses = reps.map((count, index): Use => ({
    id: newId(),
    exerciseId: main[(from + index) % main.length] ?? 'exercise',
    reps: { count, counted: 'total' },
    sides: 'none',
  }))
  return { ...emptyStation(newId()), uses }
}

/** A station with the `at`th of the hall's main exercises. */
const withExercise = ({ newId, main }: PresetMakings, at: number): Station => ({
  ...emptyStation(newId()),
  uses: [{ id: newId(), exerciseId: main[at % main.length] ?? 'exercise', sides: 'none' }],
})

/** Shapes of class to begin from, under names and with figures of our own. The first is the everyday one. */
export const presets: readonly Preset[] = [
  {
    id: 'loop',
    name: 'Eight stations',
    what: 'everyone moves on, 0:40 and 0:20, 2 laps',
    slotSeconds: 2700,
    parts: (m) => [plainPart(m.newId, [plainCircuit(m.newId, 'Stations', emptyStations(m.newId, 8), intervals([40]), rotate(20, 2, 60))])],
  },
  {
    id: 'two-sets',
    name: 'Second set on the same spots',
    what: 'six stations, a swap, six more',
    slotSeconds: 2400,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(m.newId, 'First set', emptyStations(m.newId, 6), intervals([25]), rotate(15, 3)),
        { ...newPiece('swap', m.newId), seconds: 160 } as Part['pieces'][number],
        plainCircuit(m.newId, 'Second set', emptyStations(m.newId, 6), intervals([25]), rotate(15, 3)),
      ]),
    ],
  },
  {
    id: 'list',
    name: 'Down the list together',
    what: 'all do the same, 0:40 and 0:20, 3 laps',
    slotSeconds: 2400,
    parts: (m) => [
      plainPart(m.newId, [plainCircuit(m.newId, 'Everyone the same', emptyStations(m.newId, 6), intervals([40]), rest(20, 3, 60))]),
    ],
  },
  {
    id: 'sets',
    name: 'One exercise at a time',
    what: 'five sets each before the next',
    slotSeconds: 1800,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(m.newId, 'Set after set', emptyStations(m.newId, 4), intervals([25], { gapSeconds: 15, sets: 5 }), rest(45, 1)),
      ]),
    ],
  },
  {
    id: 'alternate',
    name: 'Two in turn',
    what: 'two exercises change about, short and quick',
    slotSeconds: 1200,
    parts: (m) => [
      plainPart(m.newId, [plainCircuit(m.newId, 'Two in turn', emptyStations(m.newId, 2), intervals([25]), rest(10, 5))], {
        repeat: 2,
        restBetweenSeconds: 60,
      }),
    ],
  },
  {
    id: 'long-short',
    name: 'Long and short, changed about',
    what: '0:45 and 0:25, then 0:25 and 0:45',
    slotSeconds: 1800,
    parts: (m) => {
      const both = plainCircuit(m.newId, 'Long and short', emptyStations(m.newId, 4), intervals([45, 25]), rest(10, 1))
      return [
        plainPart(m.newId, [both], {
          repeat: 2,
          restBetweenSeconds: 90,
          vary: [{ at: 1, id: both.id, field: 'workSeconds', value: [25, 45] }],
        }),
      ]
    },
  },
  {
    id: 'blocks',
    name: 'Blocks of three',
    what: 'three back to back, three sets, then move on',
    slotSeconds: 2700,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(m.newId, 'Blocks', emptyStations(m.newId, 4), intervals([25, 25, 25], { sets: 3, setRestSeconds: 50 }), rotate(30, 1)),
      ]),
    ],
  },
  {
    id: 'own-lists',
    name: 'Own list at every station',
    what: 'five minutes each, at your own pace',
    slotSeconds: 2400,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(
          m.newId,
          'Lists',
          Array.from({ length: 5 }, (_, index) => listed(m, [8, 10, 12], index * 3)),
          task({ goal: 'cap', capSeconds: 300, aimRounds: 5 }),
          { ...rotate(50, 1), lastGap: 'drop' },
        ),
      ]),
    ],
  },
  {
    id: 'zones',
    name: 'Zones across the room',
    what: 'short, short, long; no long one in the last lap',
    slotSeconds: 1500,
    parts: (m) => {
      const [one, two, long] = emptyStations(m.newId, 3)
      const zones = [one!, two!, { ...long!, stay: intervals([110]), skipLaps: [2] }]
      return [
        plainPart(m.newId, [
          plainCircuit(m.newId, 'Zones', zones, intervals([50]), { laps: 3, transition: { seconds: 12, how: 'active' } }),
        ]),
      ]
    },
  },
  {
    id: 'rounds',
    name: 'Rounds in a cap',
    what: 'as many as fit into 12 minutes',
    slotSeconds: 1500,
    parts: (m) => [
      plainPart(m.newId, [plainCircuit(m.newId, 'Rounds', [listed(m, [12, 10, 8, 10])], task({ goal: 'cap', capSeconds: 720 }))]),
    ],
  },
  {
    id: 'opener',
    name: 'Opener, then rounds',
    what: 'once through the opener, rounds in what is left, 3 times',
    slotSeconds: 2400,
    parts: (m) => [
      plainPart(
        m.newId,
        [
          plainCircuit(
            m.newId,
            'Opener and rounds',
            [listed(m, [15, 15, 15, 8, 10, 6])],
            task({ goal: 'cap', capSeconds: 420, openerCount: 3 }),
          ),
        ],
        { repeat: 3, restBetweenSeconds: 80 },
      ),
    ],
  },
  {
    id: 'holds',
    name: 'Holds, then a list',
    what: 'a hold each side, then a list whose reps fall',
    slotSeconds: 2100,
    parts: (m) => {
      const list = listed(m, [16, 16])
      const hold = {
        ...emptyStation(m.newId()),
        uses: [{ id: m.newId(), exerciseId: m.main[2] ?? 'exercise', sides: 'ownInterval' as const }],
      }
      const vary = [12, 8].flatMap((count, index) =>
        list.uses.map((use) => ({ at: index + 1, id: use.id, field: 'reps' as const, value: { count, counted: 'total' as const } })),
      )
      return [
        plainPart(
          m.newId,
          [
            plainCircuit(m.newId, 'Holds', [hold], intervals([40]), { withinSeconds: 100 }),
            plainCircuit(m.newId, 'List', [list], task({ goal: 'cap', capSeconds: 270 })),
          ],
          { repeat: 3, restBetweenSeconds: 60, vary },
        ),
      ]
    },
  },
  {
    id: 'ladder',
    name: 'Ladder',
    what: '12-9-6-3 of five, everyone on one rung; a short one if there is time',
    slotSeconds: 1800,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(
          m.newId,
          'Ladder',
          [listed(m, [12, 12, 12, 12, 12])],
          task({ goal: 'finish', rungs: [12, 9, 6, 3], rungRestSeconds: 20, rungClock: { led: true, seconds: 150 } }),
        ),
      ]),
      plainPart(
        m.newId,
        [
          newPiece('rest', m.newId),
          plainCircuit(m.newId, 'Short ladder', [listed(m, [6, 6, 6], 5)], task({ goal: 'finish', rungs: [6, 4, 2], rungRestSeconds: 10 })),
        ],
        { optional: true },
      ),
    ],
  },
  {
    id: 'for-time',
    name: 'List for time',
    what: 'one figure each, against the stopwatch',
    slotSeconds: 1200,
    parts: (m) => [plainPart(m.newId, [plainCircuit(m.newId, 'List', [listed(m, [45, 35, 25, 15])], task({ goal: 'finish' }))])],
  },
  {
    id: 'waves',
    name: 'Half at the stations, half at a list',
    what: 'for a class larger than the stations hold; then they change',
    slotSeconds: 2700,
    parts: (m) => {
      const list = plainCircuit(
        m.newId,
        'Meanwhile',
        Array.from({ length: 5 }, (_, index) => withExercise(m, index)),
        intervals([35]),
        rest(25, 2),
      )
      return [
        plainPart(m.newId, [
          plainCircuit(m.newId, 'Stations', emptyStations(m.newId, 6), intervals([35]), {
            ...rotate(20, 2, 60),
            waves: { meanwhile: list },
          }),
        ]),
      ]
    },
  },
  {
    id: 'turns',
    name: 'One works, one counts',
    what: 'in pairs, turn about, with one set of gear',
    slotSeconds: 2400,
    parts: (m) => [
      plainPart(m.newId, [
        plainCircuit(m.newId, 'Turn about', emptyStations(m.newId, 6), intervals([35], { sets: 2, setRestSeconds: 5 }), {
          ...rotate(20, 2, 45),
          pairs: 'inTurns',
        }),
      ]),
    ],
  },
  {
    id: 'machine',
    name: 'Hard and easy',
    what: '0:40 hard, 0:40 easy, 8 times',
    slotSeconds: 1500,
    parts: (m) => [plainPart(m.newId, [plainCircuit(m.newId, 'Hard and easy', emptyStations(m.newId, 1), intervals([40]), rest(40, 8))])],
  },
]

/** The preset as a plan with a warm-up before and a cool-down after it. */
export function planOf(preset: Preset, name: string, slotSeconds: Seconds, makings: PresetMakings): Plan {
  const { newId, suggested } = makings
  const bare: Plan = { id: newId(), name, slotSeconds, parts: preset.parts(makings) }
  return withLast(withFirst(bare, newPiece('warmUp', newId, suggested), newId), newPiece('coolDown', newId, suggested), newId)
}
