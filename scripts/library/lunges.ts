import { dumbbells, exercise, lane, mat } from './make'

const pair = dumbbells('2kg', '4kg', '6kg')

/** Squats and lunges beside those of everyday. */
export const lunges = [
  exercise(
    'Sumo squat',
    {
      aliases: ['Plié squat', 'Plie squat', 'Wide squat'],
      regions: ['lower'],
      pattern: 'squat',
      stance: 'standing',
      asks: ['knee'],
      met: [3.5, 5.5],
      pace: { low: 2, typical: 3, high: 4 },
    },
    {
      setUp: 'Feet wide, toes turned out.',
      points: ['Knees over the toes', 'Body upright', 'Push the floor apart'],
      fault: 'Knees fall in: turn the toes out less.',
      rep: 'Thighs level, then hips through.',
    },
    [
      ['easier', 'Sumo squat, half way'],
      ['harder', 'Sumo squat with heel raise', [], ['knee', 'balance', 'ankle']],
    ],
  ),
  exercise(
    'One-and-a-half squat',
    {
      aliases: ['1.5 squat', 'Squat and a half'],
      regions: ['lower'],
      pattern: 'squat',
      stance: 'standing',
      asks: ['knee'],
      met: [4, 6],
      pace: { low: 3, typical: 4, high: 6 },
    },
    {
      setUp: 'Feet hip-wide.',
      points: ['Down, half up, down, up', 'Heels heavy', 'Same depth twice'],
      fault: 'Losing depth the second time: slow down.',
      rep: 'Down, half and up counts one.',
    },
    [['easier', 'Half squat, twice down']],
  ),
  exercise(
    'Tempo squat',
    {
      aliases: ['Slow squat'],
      regions: ['lower'],
      pattern: 'squat',
      stance: 'standing',
      asks: ['knee'],
      met: [3.5, 5],
      pace: { low: 4, typical: 6, high: 8 },
    },
    {
      setUp: 'Feet hip-wide, arms in front.',
      points: ['Three seconds down', 'A breath at the bottom', 'Stand without a jerk'],
      fault: 'Dropping the last part: stop where you can hold it.',
      rep: 'Thighs level, then hips through.',
    },
    [['easier', 'Tempo squat, half way']],
  ),
  exercise(
    'Overhead squat',
    {
      regions: ['lower', 'core'],
      pattern: 'squat',
      stance: 'standing',
      asks: ['knee', 'shoulder', 'overhead', 'ankle'],
      met: [4, 6.5],
      clearMetres: 2.4,
    },
    {
      setUp: 'Arms up and a little back, a stick or nothing in the hands.',
      points: ['Arms by the ears all the way', 'Heels down', 'Ribs down'],
      fault: 'Arms fall forward: less deep.',
      rep: 'Thighs level, then hips through.',
    },
    [
      ['easier', 'Squat, arms in front', [], ['knee', 'ankle']],
      ['substitute', 'Half squat, hands on the hips'],
    ],
  ),
  exercise(
    'Duck walk',
    {
      regions: ['lower'],
      pattern: 'squat',
      stance: 'standing',
      asks: ['knee', 'balance', 'ankle'],
      met: [5, 7],
      space: { lengthMetres: 4, widthMetres: 1.2 },
    },
    {
      setUp: 'Half squat, hands in front.',
      points: ['Small steps, stay low', 'Knees follow the toes', 'Back long'],
      fault: 'Bobbing up and down: higher, and even.',
      rep: 'Each step counts one.',
    },
    [['easier', 'Low walk, knees soft']],
  ),
  exercise(
    'Forward lunge',
    {
      aliases: ['Lunge', 'Front lunge'],
      regions: ['lower'],
      pattern: 'lunge',
      stance: 'standing',
      oneSided: true,
      asks: ['knee', 'balance'],
      met: [4, 6],
      pace: { low: 2, typical: 3, high: 4 },
    },
    {
      setUp: 'Feet hip-wide, room for a long step.',
      points: ['Front heel down', 'Back knee towards the floor', 'Push back in one step'],
      fault: 'Front knee far past the toes: a longer step.',
      rep: 'Back to standing counts one.',
    },
    [
      ['easier', 'Forward step and soft knee', [], [], { oneSided: true }],
      ['harder', 'Forward lunge with weights', [pair], ['knee', 'balance', 'grip'], { oneSided: true }],
    ],
  ),
  exercise(
    'Walking lunge',
    {
      aliases: ['Lunge walk'],
      regions: ['lower'],
      pattern: 'lunge',
      stance: 'standing',
      asks: ['knee', 'balance'],
      gear: [lane],
      met: [4.5, 7],
      space: { lengthMetres: 8, widthMetres: 1 },
    },
    {
      setUp: 'At the end of the lane.',
      points: ['Long step, back knee low', 'Stand through the front heel', 'Body upright'],
      fault: 'Wobbling: feet hip-wide, on two tracks.',
      rep: 'Each step counts one.',
    },
    [
      ['easier', 'Long slow steps', [lane]],
      ['harder', 'Walking lunge with weights', [lane, pair], ['knee', 'balance', 'grip']],
    ],
  ),
  exercise(
    'Curtsy lunge',
    {
      regions: ['lower'],
      pattern: 'lunge',
      stance: 'standing',
      oneSided: true,
      asks: ['knee', 'balance'],
      met: [4, 6],
    },
    {
      setUp: 'Feet hip-wide.',
      points: ['Step behind and across', 'Hips stay square', 'Front heel heavy'],
      fault: 'Front knee twists in: step across less.',
      rep: 'Back to standing counts one.',
    },
    [['easier', 'Curtsy tap', [], [], { oneSided: true }]],
  ),
  exercise(
    'Step-through lunge',
    {
      aliases: ['Lunge step-through', 'Pendulum lunge'],
      regions: ['lower'],
      pattern: 'lunge',
      stance: 'standing',
      oneSided: true,
      asks: ['knee', 'balance'],
      met: [4.5, 6.5],
      space: { lengthMetres: 3, widthMetres: 1.2 },
    },
    {
      setUp: 'Stand on one leg, the other free.',
      points: ['Lunge forward, then straight back', 'Pass through the middle', 'Body upright'],
      fault: 'Losing balance in the middle: tap the foot down.',
      rep: 'Front and back counts one.',
    },
    [['easier', 'Step forward and back', [], [], { oneSided: true }]],
  ),
  ...(['curl', 'row'] as const).map((arm) =>
    exercise(
      `Lunge with ${arm}`,
      {
        regions: ['lower', 'upper'],
        pattern: 'lunge',
        stance: 'standing',
        asks: ['knee', 'balance', 'grip', ...(arm === 'row' ? (['lowBack'] as const) : [])],
        gear: [pair],
        met: [4.5, 6.5],
      },
      {
        setUp: `Weights by the sides, step back into the lunge${arm === 'row' ? ', body leaning a little' : ''}.`,
        points: [arm === 'curl' ? 'Curl at the bottom' : 'Row at the bottom, elbows back', 'Front heel down', 'Shoulders quiet'],
        fault: 'Swinging the weights: lighter.',
        rep: `Lunge and ${arm}, back to standing, counts one.`,
      },
      [
        ['easier', `Standing ${arm}, light`, [pair], ['grip']],
        ['substitute', `Step back and ${arm} without weights`],
      ],
    ),
  ),
  exercise(
    'Clam bridge',
    {
      aliases: ['Clamshell bridge'],
      regions: ['lower'],
      pattern: 'hinge',
      stance: 'lying',
      asks: ['floor', 'lowBack'],
      gear: [mat],
      met: [3, 4.5],
    },
    {
      setUp: 'On the back, feet close, knees bent.',
      points: ['Lift the hips', 'Knees open and close at the top', 'Ribs down'],
      fault: 'Low back arches: lift less high.',
      rep: 'Open, closed and down counts one.',
    },
    [
      ['easier', 'Clam on the back', [mat], ['floor']],
      ['substitute', 'Standing knee openers', [], []],
    ],
  ),
]
