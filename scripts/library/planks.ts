import { ball, exercise, mat, sliders, wall, type OptionRow } from './make'

/** A high plank in which something moves: easier on the knees, or at the wall. */
const plank = (
  name: string,
  words: { points: string[]; fault: string; rep: string },
  more: { aliases?: string[]; harder?: string; oneSided?: boolean } = {},
) =>
  exercise(
    name,
    {
      ...(more.aliases && { aliases: more.aliases }),
      ...(more.oneSided && { oneSided: true }),
      regions: ['core', 'upper'],
      pattern: 'brace',
      stance: 'lying',
      asks: ['wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [3, 5],
    },
    { setUp: 'High plank, feet hip-wide.', ...words },
    [
      ['easier', `${name}, on the knees`, [mat], ['wrist', 'shoulder', 'floor']],
      ['substitute', `${name}, at the wall`, [wall]],
      ...(more.harder ? [['harder', more.harder, [mat], ['wrist', 'shoulder', 'floor', 'balance']] satisfies OptionRow] : []),
    ],
  )

const onTheBack = { regions: ['core' as const], stance: 'lying' as const, gear: [mat] }

/** Planks that move, and what else is done for the trunk. */
export const planks = [
  plank('Star plank', {
    points: ['Hands and feet wide', 'Hips level', 'Reach through the fingers'],
    fault: 'Hips sag: feet closer.',
    rep: 'Held for the time.',
  }),
  plank(
    'Plank with reach',
    {
      points: ['One arm forward, shoulder-high', 'Hips quiet', 'Change arms'],
      fault: 'Hips turn: wider feet.',
      rep: 'Each reach counts one.',
    },
    { harder: 'Plank with arm and leg reach' },
  ),
  plank(
    'Plank shoulder taps',
    {
      points: ['Hand to the other shoulder', 'Hips do not rock', 'Slow enough to be still'],
      fault: 'Rocking: wider feet, slower.',
      rep: 'Each tap counts one.',
    },
    { aliases: ['Shoulder taps'] },
  ),
  plank(
    'Plank up-downs',
    {
      points: ['Forearm, forearm, hand, hand', 'Change the arm that leads', 'Hips level'],
      fault: 'Hips swing: wider feet.',
      rep: 'Down and up counts one.',
    },
    { aliases: ['Up-downs', 'Plank walk-up', 'Up-down plank'] },
  ),
  plank(
    'Plank side walk',
    { points: ['Hand and foot step together', 'Hips level', 'Small steps'], fault: 'Hips climb: slower.', rep: 'Each step counts one.' },
    { aliases: ['Lateral plank walk', 'Plank lateral walk'] },
  ),
  plank(
    'Plank, knee to elbow',
    { points: ['Knee outside to the elbow', 'Hips low', 'Change sides'], fault: 'Hips pike: less far.', rep: 'Each knee counts one.' },
    { aliases: ['Knee to elbow plank', 'Spider plank'] },
  ),
  exercise(
    'Plank hip dips',
    {
      aliases: ['Hip dips'],
      regions: ['core'],
      pattern: 'twist',
      stance: 'lying',
      asks: ['shoulder', 'floor', 'lowBack'],
      gear: [mat],
      met: [3, 5],
    },
    {
      setUp: 'Forearm plank.',
      points: ['Hips turn to one side, then the other', 'Shoulders stay', 'No drop in the middle'],
      fault: 'Sagging between: pause in the plank.',
      rep: 'Each dip counts one.',
    },
    [
      ['easier', 'Hip dips on the knees', [mat], ['shoulder', 'floor']],
      ['substitute', 'Standing hip sway', [], []],
    ],
  ),
  exercise(
    'Reverse plank',
    { regions: ['core', 'lower'], pattern: 'brace', stance: 'seated', asks: ['wrist', 'shoulder', 'floor'], gear: [mat], met: [3, 4.5] },
    {
      setUp: 'Seated, hands behind, fingers forward or out.',
      points: ['Lift the hips to a line', 'Chest open', 'Heels heavy'],
      fault: 'Hips drop: bend the knees.',
      rep: 'Held for the time.',
      breathing: 'Keep breathing.',
    },
    [
      ['easier', 'Table hold', [mat], ['wrist', 'floor'], { stance: 'seated' }],
      ['substitute', 'Stand tall, hands behind, chest open', [], []],
    ],
  ),
  exercise(
    'Cross climber',
    {
      aliases: ['Cross mountain climber', 'Mountain climber, cross'],
      regions: ['core', 'cardio'],
      pattern: 'twist',
      stance: 'lying',
      impact: 'low',
      asks: ['wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [6, 9],
    },
    {
      setUp: 'High plank.',
      points: ['Knee to the opposite elbow', 'Hips low', 'Hands press'],
      fault: 'Bouncing hips: slower.',
      rep: 'Each knee counts one.',
    },
    [
      ['easier', 'Cross climber, slow, on a slant', [mat], ['wrist', 'floor']],
      ['harder', 'Climber on sliders', [mat, sliders], ['wrist', 'shoulder', 'floor']],
      ['substitute', 'Standing knee to opposite elbow', [], []],
    ],
  ),
  exercise(
    'Body saw',
    {
      regions: ['core'],
      pattern: 'brace',
      stance: 'lying',
      asks: ['shoulder', 'floor', 'lowBack'],
      gear: [mat, sliders],
      met: [3.5, 5],
    },
    {
      setUp: 'Forearm plank, feet on the sliders.',
      points: ['Slide back a hand’s width and in', 'Ribs to hips', 'Slow'],
      fault: 'Low back sags: slide less far.',
      rep: 'Back and in counts one.',
    },
    [
      ['easier', 'Plank, rock forward and back', [mat], ['shoulder', 'floor']],
      ['substitute', 'Wall lean and return', [wall], []],
    ],
  ),
  exercise(
    'V-up',
    { ...onTheBack, aliases: ['Toe touch', 'V up', 'Toe touches'], pattern: 'brace', asks: ['floor', 'lowBack', 'neck'], met: [4, 6] },
    {
      setUp: 'On the back, arms and legs long.',
      points: ['Hands and feet meet above', 'Lower together', 'Chin off the chest'],
      fault: 'Throwing the arms: bend the knees.',
      rep: 'Touch, then long again.',
    },
    [
      ['easier', 'Bent-knee reach', [mat], ['floor', 'neck']],
      ['substitute', 'Standing toe reach', [], []],
    ],
  ),
  exercise(
    'Sit-up',
    { ...onTheBack, aliases: ['Sit up', 'Full sit-up'], pattern: 'brace', asks: ['floor', 'lowBack', 'neck'], met: [3.5, 5.5] },
    {
      setUp: 'On the back, knees bent, hands across the chest.',
      points: ['Roll up bone by bone', 'Feet stay down', 'Lower slowly'],
      fault: 'Pulling on the head: hands to the chest.',
      rep: 'Chest to thighs, then shoulders down.',
    },
    [
      ['easier', 'Half roll-back, seated', [mat], ['floor', 'lowBack']],
      ['substitute', 'Standing brace and bow', [], []],
    ],
  ),
  exercise(
    'Straight-leg sit-up',
    { ...onTheBack, pattern: 'brace', asks: ['floor', 'lowBack', 'neck'], met: [4, 6] },
    {
      setUp: 'On the back, legs long, arms overhead.',
      points: ['Arms lead, then the chest', 'Heels heavy', 'Roll down slowly'],
      fault: 'Heels lift: bend the knees.',
      rep: 'Hands over the shins, then shoulders down.',
    },
    [
      ['easier', 'Bent-knee curl-up', [mat], ['floor']],
      ['substitute', 'Standing reach and fold', [], []],
    ],
  ),
  exercise(
    'Side crunch',
    { ...onTheBack, aliases: ['Oblique crunch'], pattern: 'twist', oneSided: true, asks: ['floor', 'neck'], met: [3, 4.5] },
    {
      setUp: 'On the back, both knees to one side.',
      points: ['Ribs towards the upper hip', 'Neck long', 'Small and slow'],
      fault: 'Pulling on the head: fingers only at the ears.',
      rep: 'Up and down counts one.',
    },
    [['substitute', 'Standing side crunch', [], [], { oneSided: true }]],
  ),
  exercise(
    'Flutter kick',
    {
      ...onTheBack,
      aliases: ['Flutter', 'Flutter kicks', 'Scissor kick'],
      pattern: 'brace',
      asks: ['floor', 'lowBack', 'neck'],
      met: [3.5, 5],
    },
    {
      setUp: 'On the back, legs long a hand’s width up.',
      points: ['Small quick kicks', 'Low back pressed down', 'Chin off the chest'],
      fault: 'Back arches: legs higher.',
      rep: 'Each leg counts one.',
    },
    [
      ['easier', 'Flutter, one leg bent', [mat], ['floor']],
      ['substitute', 'Standing leg swings', [], []],
    ],
  ),
  exercise(
    'Hollow rock',
    { ...onTheBack, pattern: 'brace', asks: ['floor', 'lowBack', 'neck'], met: [4, 6] },
    {
      setUp: 'Hollow hold: low back down, arms and legs long.',
      points: ['Rock without changing the shape', 'Ribs to hips', 'Small'],
      fault: 'Shape breaks: tuck the knees.',
      rep: 'There and back counts one.',
    },
    [
      ['easier', 'Tuck rock', [mat], ['floor']],
      ['substitute', 'Standing brace, heel to toe', [], []],
    ],
  ),
  exercise(
    'Airplane hold',
    {
      aliases: ['Airplane'],
      regions: ['lower', 'core'],
      pattern: 'hinge',
      stance: 'standing',
      oneSided: true,
      asks: ['balance', 'lowBack'],
      met: [3, 4.5],
    },
    {
      setUp: 'On one leg, arms wide.',
      points: ['Hinge until the body is level', 'Hips square, then open and close', 'Standing knee soft'],
      fault: 'Wobbling: one finger on the wall.',
      rep: 'Held for the time.',
      breathing: 'Keep breathing.',
    },
    [['easier', 'Airplane with toes down', [], [], { oneSided: true }]],
  ),
  exercise(
    'Ball circles',
    {
      aliases: ['Medicine-ball circles', 'Medicine ball circles'],
      regions: ['core', 'upper'],
      pattern: 'twist',
      stance: 'standing',
      asks: ['shoulder', 'grip'],
      gear: [ball('3kg', '3kg', '5kg')],
      met: [3.5, 5],
    },
    {
      setUp: 'The ball in both hands, arms a little bent.',
      points: ['Large circles before the body', 'Knees soft', 'Change direction'],
      fault: 'Back bends: smaller circles.',
      rep: 'Each circle counts one.',
    },
    [
      ['easier', 'Small ball circles at the chest', [ball('3kg', '3kg', '3kg')], ['grip']],
      ['substitute', 'Arm circles, hands together'],
    ],
  ),
  exercise(
    'Triangle bend',
    {
      aliases: ['Triangle', 'Standing side bend', 'Side bend'],
      regions: ['core'],
      pattern: 'stretch',
      stance: 'standing',
      oneSided: true,
      asks: ['balance', 'lowBack'],
      met: [2.5, 3.5],
    },
    {
      setUp: 'Feet wide, arms wide.',
      points: ['Long to the side, hand down the leg', 'Other arm up', 'Chest open'],
      fault: 'Falling forward: hand higher on the leg.',
      rep: 'Down and up counts one.',
    },
    [['easier', 'Side reach, feet close', [], [], { oneSided: true }]],
  ),
]
