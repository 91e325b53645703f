import { dumbbells, exercise, heavyRope, lane, mat, trampoline } from './make'

const light = dumbbells('2kg', '2kg', '4kg')

/** Jacks, runs and jumps on the spot or along a lane. */
export const jacks = [
  exercise(
    'Half jack',
    { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'ankle'], met: [5, 8] },
    {
      setUp: 'Feet together, arms by the sides.',
      points: ['Arms to shoulder height only', 'Land on the balls of the feet', 'Knees soft'],
      fault: 'Loud landings: smaller and lower.',
      rep: 'Out and in counts one.',
    },
    [['easier', 'Side tap with half arms']],
  ),
  exercise(
    'Seal jack',
    {
      regions: ['cardio', 'upper'],
      pattern: 'step',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'ankle', 'shoulder'],
      met: [6, 9],
    },
    {
      setUp: 'Arms long in front at chest height, palms together.',
      points: ['Arms open as the feet do', 'Ribs down', 'Soft knees'],
      fault: 'Back arches as the arms open: open them less.',
      rep: 'Open and closed counts one.',
    },
    [
      ['easier', 'Seal step', [], ['shoulder']],
      ['substitute', 'March and hug'],
    ],
  ),
  exercise(
    'Touch jack',
    { regions: ['cardio', 'lower'], pattern: 'squat', stance: 'standing', impact: 'high', asks: ['jumps', 'knee', 'ankle'], met: [7, 10] },
    {
      setUp: 'Feet together.',
      points: ['Jump wide into a squat', 'Hand to the floor between the feet', 'Back long'],
      fault: 'Bending from the back: sit lower, or touch the shin.',
      rep: 'One touch counts one.',
    },
    [
      ['easier', 'Step wide and touch the knee', [], ['knee']],
      ['substitute', 'Side tap and reach'],
    ],
  ),
  exercise(
    'Plank jack',
    {
      regions: ['core', 'cardio'],
      pattern: 'brace',
      stance: 'lying',
      impact: 'high',
      asks: ['jumps', 'wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [5, 8],
    },
    {
      setUp: 'High plank, feet together.',
      points: ['Feet jump out and in', 'Hips stay level', 'Hands press the floor'],
      fault: 'Hips bounce: smaller jumps, or step.',
      rep: 'Out and in counts one.',
    },
    [
      ['easier', 'Plank, step out and in', [mat], ['wrist', 'shoulder', 'floor']],
      ['substitute', 'Standing brace with side taps'],
    ],
  ),
  exercise(
    'Squat jack',
    { regions: ['lower', 'cardio'], pattern: 'squat', stance: 'standing', impact: 'high', asks: ['jumps', 'knee', 'ankle'], met: [7, 10] },
    {
      setUp: 'Half squat, feet together.',
      points: ['Stay low', 'Feet jump wide and back', 'Chest proud'],
      fault: 'Standing up between: keep the head at one height.',
      rep: 'Out and in counts one.',
    },
    [
      ['easier', 'Low side step', [], ['knee']],
      ['substitute', 'Tall side tap'],
    ],
  ),
  exercise(
    'Press jack',
    {
      regions: ['cardio', 'upper'],
      pattern: 'push',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'ankle', 'shoulder', 'overhead'],
      gear: [light],
      met: [7, 10],
      clearMetres: 2.6,
    },
    {
      setUp: 'Light weights at the shoulders, feet together.',
      points: ['Press as the feet go out', 'Ribs down', 'Lower with control'],
      fault: 'Back arches overhead: lighter, or no weights.',
      rep: 'Pressed and back counts one.',
    },
    [
      ['easier', 'Step out and press', [light], ['shoulder', 'overhead']],
      ['substitute', 'Step out and punch forward'],
    ],
  ),
  exercise(
    'Star jump',
    {
      regions: ['cardio', 'lower'],
      pattern: 'squat',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'knee', 'ankle', 'shoulder'],
      met: [8, 11],
      clearMetres: 2.9,
    },
    {
      setUp: 'Quarter squat, arms crossed low.',
      points: ['Up and wide in the air', 'Land feet together, knees soft', 'Reset between'],
      fault: 'Stiff landing: land as quietly as you can.',
      rep: 'One jump counts one.',
    },
    [
      ['easier', 'Squat and reach wide', [], ['knee', 'shoulder']],
      ['substitute', 'March with wide arms'],
    ],
  ),
  exercise(
    'Butt kicks',
    { regions: ['cardio', 'lower'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'knee', 'ankle'], met: [6, 9] },
    {
      setUp: 'Stand tall, elbows bent.',
      points: ['Heels to the seat', 'Knees point down', 'Quick and light'],
      fault: 'Leaning forward: hips under the ribs.',
      rep: 'Each heel counts one.',
    },
    [
      ['easier', 'Leg-curl step', [], ['knee']],
      ['substitute', 'March on the spot, low'],
    ],
  ),
  exercise(
    'Running man',
    { regions: ['cardio', 'lower'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'ankle', 'balance'], met: [6, 9] },
    {
      setUp: 'One foot forward, the other back, arms as in running.',
      points: ['Slide and swap the feet', 'Opposite arm forward', 'Stay on the spot'],
      fault: 'Feet cross: keep two tracks.',
      rep: 'Each swap counts one.',
    },
    [
      ['easier', 'Step back and swing the arms'],
      ['harder', 'Running man, knee high', [], ['jumps', 'ankle', 'balance'], { impact: 'high' }],
    ],
  ),
  exercise(
    'Side running man',
    {
      aliases: ['Lateral running man'],
      regions: ['cardio', 'lower'],
      pattern: 'step',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'ankle', 'balance'],
      met: [6, 9],
      space: { lengthMetres: 3, widthMetres: 1.5 },
    },
    {
      setUp: 'Weight on one leg, the other knee up.',
      points: ['Hop or step to the side', 'Knee and opposite elbow meet', 'Land soft'],
      fault: 'Falling out of it: stop for a beat on each side.',
      rep: 'Each side counts one.',
    },
    [['easier', 'Side step with knee lift']],
  ),
  exercise(
    'Hurdle steps',
    { regions: ['cardio', 'lower'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['balance'], met: [4, 6] },
    {
      setUp: 'Think of a low hurdle at your side.',
      points: ['Knee up and over, to the side', 'Hips stay square', 'Set the foot down quietly'],
      fault: 'Leaning away: lift the knee less.',
      rep: 'Over and back counts one.',
    },
    [
      ['easier', 'Hurdle steps at the wall'],
      ['harder', 'Hurdle hops', [], ['jumps', 'ankle', 'balance'], { impact: 'high' }],
    ],
  ),
  exercise(
    'Ladder steps',
    {
      aliases: ['Cone steps', 'Quick feet through the ladder'],
      regions: ['cardio'],
      pattern: 'step',
      stance: 'standing',
      impact: 'low',
      asks: ['ankle', 'balance'],
      gear: [lane],
      met: [5, 8],
      space: { lengthMetres: 8, widthMetres: 1 },
    },
    {
      setUp: 'Marks a foot’s length apart along the lane.',
      points: ['Two feet in each space', 'On the balls of the feet', 'Eyes ahead'],
      fault: 'Looking down: slower until the feet know it.',
      rep: 'Once along the lane counts one.',
    },
    [
      ['easier', 'Walk the ladder', [lane], ['balance']],
      ['substitute', 'Toe taps on the spot'],
    ],
  ),
  exercise(
    'Sprint',
    {
      regions: ['cardio', 'lower'],
      pattern: 'step',
      stance: 'standing',
      impact: 'high',
      asks: ['knee', 'ankle', 'jumps'],
      gear: [lane],
      met: [9, 14],
      space: { lengthMetres: 8, widthMetres: 1 },
    },
    {
      setUp: 'Behind the line, one foot forward, a clear way to stop.',
      points: ['Drive from the ground', 'Arms quick', 'Slow down over three steps'],
      fault: 'Stopping at the wall: the line to brake at is before it.',
      rep: 'Once along the lane counts one.',
    },
    [
      ['easier', 'Brisk walk there and back', [lane]],
      ['substitute', 'March with quick arms'],
    ],
  ),
  exercise(
    'Frog jump',
    {
      regions: ['lower', 'cardio'],
      pattern: 'squat',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'knee', 'ankle'],
      met: [8, 11],
      space: { lengthMetres: 3, widthMetres: 1.5 },
    },
    {
      setUp: 'Deep squat, feet wide, hands between them.',
      points: ['Jump forward from the hips', 'Land wide and sit', 'Knees follow the toes'],
      fault: 'Knees fall in: shorter jumps.',
      rep: 'One landing counts one.',
    },
    [
      ['easier', 'Deep squat and stand', [], ['knee']],
      ['substitute', 'Sit to stand, quick'],
    ],
  ),
  exercise(
    'Split jump',
    {
      aliases: ['Jumping lunge', 'Jump lunge', 'Lunge jump'],
      regions: ['lower', 'cardio'],
      pattern: 'lunge',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'knee', 'ankle', 'balance'],
      met: [8, 11],
    },
    {
      setUp: 'Split stance, both knees bent.',
      points: ['Swap the legs in the air', 'Land softly', 'Body upright'],
      fault: 'Back knee hits the floor: less deep.',
      rep: 'Each landing counts one.',
    },
    [
      ['easier', 'Split squat, quick', [], ['knee']],
      ['substitute', 'Step back and reach', [], []],
    ],
  ),
  exercise(
    'Broad jump and back-pedal',
    {
      regions: ['lower', 'cardio'],
      pattern: 'squat',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'knee', 'ankle'],
      gear: [lane],
      met: [8, 11],
      space: { lengthMetres: 8, widthMetres: 1 },
    },
    {
      setUp: 'At the end of the lane, feet hip-wide.',
      points: ['Swing, jump, land and sit', 'Quick small steps back', 'Look over a shoulder'],
      fault: 'Falling forward: land with the hips back.',
      rep: 'There and back counts one.',
    },
    [
      ['easier', 'Long step and walk back', [lane]],
      ['substitute', 'Squat and march'],
    ],
  ),
  exercise(
    'Turning jump squat',
    {
      aliases: ['Jump squat with turn'],
      regions: ['lower', 'cardio'],
      pattern: 'squat',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'knee', 'ankle', 'balance'],
      met: [8, 11],
    },
    {
      setUp: 'Squat, room all round.',
      points: ['Quarter turn in the air', 'Land and sit', 'Change direction'],
      fault: 'Landing on one foot: turn less.',
      rep: 'One landing counts one.',
    },
    [
      ['easier', 'Squat and step round', [], ['knee']],
      ['substitute', 'March round'],
    ],
  ),
  exercise(
    'Walk-out burpee',
    {
      regions: ['cardio', 'core'],
      pattern: 'squat',
      stance: 'standing',
      impact: 'low',
      asks: ['wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [6, 9],
    },
    {
      setUp: 'Stand tall at the end of the mat.',
      points: ['Hands walk out to a plank', 'Hips level for a breath', 'Walk in, stand tall'],
      fault: 'Hips sag in the plank: walk out less far.',
      rep: 'Back to standing counts one.',
    },
    [
      ['easier', 'Walk-out to the knees', [mat], ['wrist', 'floor']],
      ['substitute', 'Squat and reach'],
      ['harder', 'Walk-out with push-up', [mat], ['wrist', 'shoulder', 'floor']],
    ],
  ),
  exercise(
    'Crab walk',
    {
      regions: ['core', 'upper'],
      pattern: 'carry',
      stance: 'seated',
      impact: 'low',
      asks: ['wrist', 'shoulder', 'floor'],
      met: [4, 6],
      space: { lengthMetres: 4, widthMetres: 1.5 },
    },
    {
      setUp: 'Seated, hands behind, hips lifted.',
      points: ['Opposite hand and foot', 'Chest open', 'Hips off the floor'],
      fault: 'Shoulders by the ears: rest, and press down.',
      rep: 'Each step of a hand counts one.',
    },
    [
      ['easier', 'Crab hold', [], ['wrist', 'floor'], { stance: 'seated' }],
      ['substitute', 'March with elbows back'],
    ],
  ),
  exercise(
    'Rope slams',
    {
      aliases: ['Alternating rope slams', 'Heavy rope waves', 'In-out rope slams'],
      regions: ['upper', 'cardio'],
      pattern: 'push',
      stance: 'standing',
      impact: 'low',
      asks: ['shoulder', 'grip', 'lowBack'],
      gear: [heavyRope],
      met: [7, 10],
      space: { lengthMetres: 6, widthMetres: 2 },
    },
    {
      setUp: 'An end in each hand, knees soft, the rope well fixed.',
      points: ['Arms from the shoulder', 'Hips back, back long', 'Breathe with the slam'],
      fault: 'Back rounds: stand taller, smaller waves.',
      rep: 'Each slam counts one.',
    },
    [
      ['easier', 'Rope waves, seated', [heavyRope], ['grip'], { stance: 'seated' }],
      ['substitute', 'Shadow punches'],
    ],
  ),
  exercise(
    'Rope jacks',
    {
      regions: ['upper', 'cardio'],
      pattern: 'push',
      stance: 'standing',
      impact: 'high',
      asks: ['jumps', 'shoulder', 'grip', 'ankle'],
      gear: [heavyRope],
      met: [8, 11],
      space: { lengthMetres: 6, widthMetres: 2 },
    },
    {
      setUp: 'An end of the heavy rope in each hand.',
      points: ['Arms and feet out together', 'Slam as the feet come in', 'Soft knees'],
      fault: 'Losing the beat: step instead of jumping.',
      rep: 'Out and in counts one.',
    },
    [
      ['easier', 'Rope slams with side step', [heavyRope], ['shoulder', 'grip']],
      ['substitute', 'Side tap with wide arms'],
    ],
  ),
  exercise(
    'Duck and punch',
    { regions: ['cardio', 'upper'], pattern: 'squat', stance: 'standing', impact: 'low', asks: ['knee'], met: [5, 8] },
    {
      setUp: 'Guard up, feet wide.',
      points: ['Sit under the blow, side to side', 'Two punches as you rise', 'Turn from the hips'],
      fault: 'Bowing instead of sitting: chest stays up.',
      rep: 'One duck with its punches counts one.',
    },
    [['easier', 'Sway and punch']],
  ),
  ...(['jack', 'ski', 'twist'] as const).map((kind) =>
    exercise(
      `Trampoline ${kind}`,
      {
        regions: ['cardio'],
        pattern: kind === 'twist' ? 'twist' : 'step',
        stance: 'standing',
        impact: 'high',
        asks: ['jumps', 'balance', 'ankle', 'knee'],
        gear: [trampoline],
        met: [5, 8],
      },
      {
        setUp: 'Feet on the middle, step on and off: never jump off.',
        points: [
          { jack: 'Feet out and in, arms with them', ski: 'One foot forward, one back, and swap', twist: 'Hips turn, shoulders stay' }[
            kind
          ],
          'Press down, do not jump up',
          'Knees soft',
        ],
        fault: 'Bouncing high: low and quick.',
        rep: 'Each change of the feet counts one.',
      },
      [
        ['easier', `Trampoline ${kind}, one hand on the wall`, [trampoline], ['ankle', 'knee']],
        ['substitute', `Floor ${kind} step`],
      ],
    ),
  ),
]
