import { Plan, type PlanInput, type Sides } from '../../src/core/plan/plan'

type StationInput = Extract<PlanInput['parts'][number]['pieces'][number], { type: 'circuit' }>['stations'][number]

const stations = (prefix: string, exercises: string[], sides: Record<string, Sides> = {}): StationInput[] =>
  exercises.map((exerciseId, index) => ({
    id: `${prefix}-${index + 1}`,
    uses: [{ id: `${prefix}-${index + 1}-use`, exerciseId, ...(sides[exerciseId] && { sides: sides[exerciseId] }) }],
  }))

/** One station's exercise done slowly, and counted: lower, hold, raise, hold. */
const counted = (all: StationInput[], at: number, figures: [number, number, number, number]): StationInput[] =>
  all.map((station, index) =>
    index === at ? { ...station, uses: station.uses?.map((use) => ({ ...use, tempo: { figures, from: 'top' as const } })) } : station,
  )

const warmUp = (prefix: string, seconds: number, exercises = ['march', 'arm-circles', 'reach-and-fold', 'hip-circles']) => ({
  id: `${prefix}-warm`,
  type: 'circuit' as const,
  name: 'Warm-up',
  travel: 'together' as const,
  laps: 1,
  stations: stations(`${prefix}-warm`, exercises, { 'hip-circles': 'half' }),
  stay: { kind: 'intervals' as const, workSeconds: [seconds] },
})

const stretches = (prefix: string, seconds: number) => ({
  id: `${prefix}-cool`,
  type: 'circuit' as const,
  name: 'Cool-down',
  travel: 'together' as const,
  laps: 1,
  stations: stations(`${prefix}-cool`, ['calf-stretch', 'chest-stretch', 'reach-and-fold'], { 'calf-stretch': 'ownInterval' }),
  stay: { kind: 'intervals' as const, workSeconds: [seconds] },
})

const brief = (prefix: string, seconds: number) => ({ id: `${prefix}-brief`, type: 'pause' as const, kind: 'brief' as const, seconds })
const water = (prefix: string, seconds: number) => ({ id: `${prefix}-water`, type: 'pause' as const, kind: 'water' as const, seconds })

/** Eight stations in pairs, two laps: the everyday class. */
const lunchLoop: PlanInput = {
  id: 'lunch-loop',
  name: 'Lunch Loop',
  slotSeconds: 40 * 60,
  parts: [
    { id: 'll-start', pieces: [brief('ll', 180), warmUp('ll', 75)] },
    {
      id: 'll-main',
      pieces: [
        {
          id: 'll-stations',
          type: 'circuit',
          name: 'Stations',
          travel: 'rotate',
          laps: 2,
          lapRestSeconds: 60,
          transition: { seconds: 15 },
          stay: { kind: 'intervals', workSeconds: [40] },
          stations: stations(
            'll',
            ['goblet-squat', 'band-row', 'dead-bug', 'step-up', 'floor-press', 'shuttle-walk', 'hip-hinge', 'side-plank'],
            {
              'step-up': 'byLap',
              'side-plank': 'half',
            },
          ),
        },
      ],
    },
    { id: 'll-end', pieces: [water('ll', 60), stretches('ll', 60)] },
  ],
}

/** Six stations, then a second set of exercises on the same spots. */
const earlyTwoHalves: PlanInput = {
  id: 'early-two-halves',
  name: 'Early Two Halves',
  slotSeconds: 35 * 60,
  parts: [
    { id: 'eh-start', pieces: [warmUp('eh', 60)] },
    {
      id: 'eh-main',
      pieces: [
        {
          id: 'eh-first',
          type: 'circuit',
          name: 'First half',
          travel: 'rotate',
          laps: 3,
          transition: { seconds: 15 },
          stay: { kind: 'intervals', workSeconds: [20] },
          stations: stations('eh-a', ['rope-skip', 'push-up', 'goblet-squat', 'plank', 'strap-row', 'glute-bridge']),
        },
        { id: 'eh-swap', type: 'pause', kind: 'swap', seconds: 140, note: 'Show the second set, station by station.' },
        {
          id: 'eh-second',
          type: 'circuit',
          name: 'Second half',
          travel: 'rotate',
          laps: 3,
          transition: { seconds: 15 },
          stay: { kind: 'intervals', workSeconds: [20] },
          stations: stations('eh-b', ['shuttle-walk', 'shoulder-press', 'slider-lunge', 'side-plank', 'band-row', 'hip-hinge'], {
            'slider-lunge': 'byLap',
            'side-plank': 'half',
          }),
        },
      ],
    },
    { id: 'eh-end', pieces: [water('eh', 45), stretches('eh', 45)] },
  ],
}

/** Everyone together down a list of chair and standing exercises, long rests. */
const steadySixties: PlanInput = {
  id: 'steady-sixties',
  name: 'Steady Over-60s',
  slotSeconds: 40 * 60,
  parts: [
    { id: 'ss-start', pieces: [brief('ss', 150), warmUp('ss', 70, ['march', 'arm-circles', 'hip-circles', 'reach-and-fold'])] },
    {
      id: 'ss-main',
      pieces: [
        {
          id: 'ss-list',
          type: 'circuit',
          name: 'Together',
          travel: 'together',
          laps: 3,
          lapRestSeconds: 90,
          transition: { seconds: 35 },
          stay: { kind: 'intervals', workSeconds: [35] },
          stations: counted(
            stations('ss', ['sit-to-stand', 'band-row', 'march', 'hip-hinge', 'shoulder-press', 'calf-stretch'], {
              'calf-stretch': 'byLap',
            }),
            0,
            [3, 1, 2, 0],
          ),
        },
      ],
    },
    { id: 'ss-end', pieces: [water('ss', 90), stretches('ss', 50)] },
  ],
}

/** Three exercises back to back, a rest, three sets before moving on. */
const eveningBlocks: PlanInput = {
  id: 'evening-blocks',
  name: 'Evening Blocks',
  slotSeconds: 50 * 60,
  parts: [
    { id: 'eb-start', pieces: [brief('eb', 200), warmUp('eb', 60)] },
    {
      id: 'eb-main',
      pieces: [
        {
          id: 'eb-stations',
          type: 'circuit',
          name: 'Blocks of three',
          travel: 'rotate',
          laps: 1,
          transition: { seconds: 30 },
          stay: { kind: 'intervals', workSeconds: [30, 30, 30], sets: 3, setRestSeconds: 50 },
          stations: [
            ['goblet-squat', 'push-up', 'plank'],
            ['row-machine', 'hip-hinge', 'dead-bug'],
            ['half-ball-step', 'shoulder-press', 'side-plank'],
            ['ball-slam', 'slider-lunge', 'band-row'],
            ['step-up', 'strap-row', 'glute-bridge'],
          ].map((exercises, index) => ({
            id: `eb-${index + 1}`,
            uses: exercises.map((exerciseId) => ({
              id: `eb-${index + 1}-${exerciseId}`,
              exerciseId,
              sides: exerciseId === 'side-plank' ? ('half' as const) : ('none' as const),
            })),
          })),
        },
      ],
    },
    { id: 'eb-end', pieces: [water('eb', 60), stretches('eb', 50)] },
  ],
}

/** Work that is long, then short, and the figures changed about; the second list only if there is time. */
const longShort: PlanInput = {
  id: 'long-short',
  name: 'Long and Short',
  slotSeconds: 30 * 60,
  parts: [
    { id: 'ls-start', pieces: [warmUp('ls', 60)] },
    {
      id: 'ls-first',
      repeat: 2,
      restBetweenSeconds: 75,
      vary: [{ at: 1, id: 'ls-list', field: 'workSeconds', value: [25, 45] }],
      pieces: [
        {
          id: 'ls-list',
          type: 'circuit',
          name: 'Long and short',
          travel: 'together',
          laps: 1,
          transition: { seconds: 10 },
          stay: { kind: 'intervals', workSeconds: [45, 25] },
          stations: [
            ['goblet-squat', 'push-up'],
            ['march', 'plank'],
            ['hip-hinge', 'shoulder-press'],
            ['sit-to-stand', 'dead-bug'],
          ].map((pair, index) => ({
            id: `ls-${index + 1}`,
            uses: pair.map((exerciseId) => ({ id: `ls-${index + 1}-${exerciseId}`, exerciseId })),
          })),
        },
      ],
    },
    {
      id: 'ls-more',
      name: 'If there is time',
      optional: true,
      pieces: [
        { id: 'ls-rest', type: 'pause', kind: 'rest', seconds: 60 },
        {
          id: 'ls-extra',
          type: 'circuit',
          name: 'Four more',
          travel: 'together',
          laps: 2,
          lastGap: 'drop',
          transition: { seconds: 20 },
          stay: { kind: 'intervals', workSeconds: [20] },
          stations: stations('ls-extra', ['march', 'push-up', 'glute-bridge', 'plank']),
        },
      ],
    },
    { id: 'ls-end', pieces: [water('ls', 45), stretches('ls', 40)] },
  ],
}

/** A list at one's own pace: rounds in a cap, then a shorter list for time. */
const brickByBrick: PlanInput = {
  id: 'brick-by-brick',
  name: 'Brick by Brick',
  slotSeconds: 30 * 60,
  parts: [
    { id: 'bb-start', pieces: [warmUp('bb', 55)] },
    {
      id: 'bb-main',
      pieces: [
        {
          id: 'bb-rounds',
          type: 'circuit',
          name: 'Rounds',
          travel: 'together',
          laps: 1,
          stay: { kind: 'task', goal: 'cap', capSeconds: 11 * 60, openerCount: 1, aimRounds: 6 },
          stations: [
            {
              id: 'bb-list',
              uses: [
                { id: 'bb-open', exerciseId: 'shuttle-walk', reps: { count: 12, counted: 'thereAndBack' } },
                { id: 'bb-1', exerciseId: 'sit-to-stand', reps: { count: 12 } },
                { id: 'bb-2', exerciseId: 'push-up', reps: { count: 8 } },
                { id: 'bb-3', exerciseId: 'slider-lunge', reps: { count: 6, counted: 'eachSide' } },
                { id: 'bb-4', exerciseId: 'plank', seconds: 25 },
              ],
            },
          ],
        },
        { id: 'bb-rest', type: 'pause', kind: 'rest', seconds: 100 },
        {
          id: 'bb-ladder',
          type: 'circuit',
          name: 'Ladder',
          travel: 'together',
          laps: 1,
          stay: { kind: 'task', goal: 'finish', rungs: [9, 6, 3], rungRestSeconds: 20 },
          stations: [
            {
              id: 'bb-rungs',
              uses: ['goblet-squat', 'push-up', 'glute-bridge'].map((exerciseId) => ({
                id: `bb-r-${exerciseId}`,
                exerciseId,
                reps: { count: 9 },
              })),
            },
          ],
        },
      ],
    },
    { id: 'bb-end', pieces: [water('bb', 60), stretches('bb', 45)] },
  ],
}

export const demoPlans: Plan[] = [lunchLoop, earlyTwoHalves, steadySixties, eveningBlocks, longShort, brickByBrick].map((plan) =>
  Plan.parse(plan),
)
