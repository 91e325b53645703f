import { chair, exercise, mat } from './make'

/** Stretches and rolls that a cool-down asks for by name. */
export const stretches = [
  exercise(
    'Figure-four stretch',
    {
      aliases: ['Pigeon', 'Pigeon stretch', 'Figure four'],
      regions: ['lower'],
      pattern: 'stretch',
      stance: 'lying',
      oneSided: true,
      asks: ['floor', 'knee'],
      gear: [mat],
      met: [2, 2.5],
    },
    {
      setUp: 'On the back, one ankle over the other knee.',
      points: ['Draw the leg in', 'Head and hips stay down'],
      fault: 'Pain in the knee: let the leg down, flex the foot.',
      rep: 'Held for the time.',
      breathing: 'Breathe slowly.',
    },
    [['substitute', 'Seated figure four', [chair], [], { stance: 'seated', oneSided: true }]],
  ),
  exercise(
    'Triceps stretch',
    { regions: ['upper'], pattern: 'stretch', stance: 'standing', oneSided: true, asks: ['shoulder'], met: [2, 2.5] },
    {
      setUp: 'One hand down between the shoulder blades.',
      points: ['The other hand eases the elbow', 'Neck long'],
      fault: 'Head pushed forward: let the arm go a little.',
      rep: 'Held for the time.',
      breathing: 'Breathe slowly.',
    },
    [['easier', 'Arm across the chest', [], [], { oneSided: true }]],
  ),
  exercise(
    'Roll-down',
    {
      aliases: ['Roll down'],
      regions: ['core', 'lower'],
      pattern: 'stretch',
      stance: 'standing',
      asks: ['lowBack', 'balance'],
      met: [2, 3],
    },
    {
      setUp: 'Stand tall, knees soft.',
      points: ['Chin first, bone by bone', 'Arms hang', 'Roll up slowly'],
      fault: 'Dizzy on the way up: stop half-way and breathe.',
      rep: 'Down and up counts one.',
      breathing: 'Breathe out on the way down.',
    },
    [
      ['easier', 'Roll-down, hands on the thighs', [], []],
      ['substitute', 'Seated roll-down', [chair], [], { stance: 'seated' }],
    ],
  ),
  exercise(
    'Down dog',
    {
      aliases: ['Downward dog'],
      regions: ['upper', 'lower'],
      pattern: 'stretch',
      stance: 'lying',
      asks: ['wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [2.5, 3.5],
    },
    {
      setUp: 'From hands and knees, hips up and back.',
      points: ['Press the floor away', 'Knees may bend', 'Heels heavy'],
      fault: 'Back rounds: bend the knees.',
      rep: 'Held for the time.',
      breathing: 'Keep breathing.',
    },
    [['substitute', 'Fold with hands on a chair', [chair]]],
  ),
]
