import { ball, chair, dumbbells, exercise, mat, wall } from './make'

const light = dumbbells('2kg', '4kg', '6kg')

/** Presses, rows and arms beside those of everyday. */
export const presses = [
  exercise(
    'Close push-up',
    {
      aliases: ['Close-grip push-up', 'Triceps push-up', 'Narrow press-up', 'Triceps press-up'],
      regions: ['upper', 'core'],
      pattern: 'push',
      stance: 'lying',
      asks: ['wrist', 'shoulder', 'floor'],
      gear: [mat],
      met: [4, 8],
      pace: { low: 1, typical: 2, high: 3 },
    },
    {
      setUp: 'Hands under the chest, a hand’s width apart.',
      points: ['Elbows along the ribs', 'Body in one line', 'Neck long'],
      fault: 'Elbows flare: hands a little wider, or to the knees.',
      rep: 'Chest a fist from the floor, then arms long.',
    },
    [
      ['easier', 'Close push-up on the knees', [mat], ['wrist', 'shoulder', 'floor']],
      ['substitute', 'Close forearm press against the wall', [wall]],
    ],
  ),
  exercise(
    'Sphinx push-up',
    {
      regions: ['upper', 'core'],
      pattern: 'push',
      stance: 'lying',
      asks: ['shoulder', 'wrist', 'floor'],
      gear: [mat],
      met: [4, 7],
    },
    {
      setUp: 'Forearm plank, palms down.',
      points: ['Press up to straight arms', 'Both elbows leave together', 'Lower slowly'],
      fault: 'Hips swing: to the knees.',
      rep: 'Elbows down, then arms long.',
    },
    [
      ['easier', 'Sphinx push-up on the knees', [mat], ['shoulder', 'wrist', 'floor']],
      ['substitute', 'Forearm slides at the wall', [wall]],
    ],
  ),
  exercise(
    'Prone press',
    {
      aliases: ['Walk-out to prone press', 'Press to prone'],
      regions: ['upper', 'core'],
      pattern: 'push',
      stance: 'lying',
      asks: ['floor', 'shoulder', 'lowBack'],
      gear: [mat],
      met: [3, 5],
    },
    {
      setUp: 'Face down, elbows bent, thumbs by the ears.',
      points: ['Lift the chest a little', 'Arms long overhead and back', 'Look at the floor'],
      fault: 'Neck cranes: forehead just off the mat.',
      rep: 'Long and back counts one.',
    },
    [
      ['easier', 'Prone press, chest down', [mat], ['floor', 'shoulder']],
      ['substitute', 'Standing press back against the wall', [wall], []],
    ],
  ),
  exercise(
    'Chair dip',
    {
      aliases: ['Dips', 'Triceps dip', 'Bench dip'],
      regions: ['upper'],
      pattern: 'push',
      stance: 'seated',
      asks: ['shoulder', 'wrist'],
      gear: [chair],
      met: [3.5, 5.5],
    },
    {
      setUp: 'Hands on the edge of a chair that cannot slide, feet forward.',
      points: ['Elbows point back', 'Hips close to the chair', 'Shoulders down'],
      fault: 'Shoulders by the ears: less deep.',
      rep: 'Elbows near square, then arms long.',
    },
    [
      ['easier', 'Chair dip, feet close', [chair], ['wrist'], { stance: 'seated' }],
      ['substitute', 'Elbow push back, standing'],
    ],
  ),
  exercise(
    'Half-circle press',
    {
      aliases: ['Rainbow press', 'Arc press'],
      regions: ['upper'],
      pattern: 'push',
      stance: 'standing',
      asks: ['shoulder', 'overhead', 'grip'],
      gear: [ball('3kg', '3kg', '5kg')],
      met: [3.5, 5],
      clearMetres: 2.6,
    },
    {
      setUp: 'The weight at one shoulder in both hands.',
      points: ['Over the head in a half circle', 'Ribs down', 'Knees soft'],
      fault: 'Leaning back: lighter.',
      rep: 'Shoulder to shoulder counts one.',
    },
    [
      ['easier', 'Half circle before the chest', [ball('3kg', '3kg', '3kg')], ['grip']],
      ['substitute', 'Half circle with empty hands'],
    ],
  ),
  exercise(
    'Triceps extension',
    {
      aliases: ['Overhead triceps extension'],
      regions: ['upper'],
      pattern: 'push',
      stance: 'standing',
      asks: ['shoulder', 'overhead', 'grip'],
      gear: [light],
      met: [3, 4.5],
      clearMetres: 2.4,
    },
    {
      setUp: 'One weight in both hands behind the head.',
      points: ['Elbows point up', 'Only the forearms move', 'Ribs down'],
      fault: 'Elbows drift wide: lighter, or seated.',
      rep: 'Forearms level, then arms long.',
    },
    [
      ['easier', 'Triceps kick-back, light', [light], ['grip']],
      ['substitute', 'Push down with the hands together'],
    ],
  ),
  exercise(
    'Hammer curl',
    {
      regions: ['upper'],
      pattern: 'pull',
      stance: 'standing',
      asks: ['grip'],
      gear: [light],
      met: [3, 4.5],
      pace: { low: 2, typical: 3, high: 4 },
    },
    {
      setUp: 'Weights by the sides, thumbs forward.',
      points: ['Elbows stay at the ribs', 'Thumbs lead', 'Lower slowly'],
      fault: 'Swinging from the back: lighter.',
      rep: 'Thumb to shoulder, then arms long.',
    },
    [['easier', 'Hammer curl without weights']],
  ),
  exercise(
    'Upright row',
    {
      regions: ['upper'],
      pattern: 'pull',
      stance: 'standing',
      asks: ['shoulder', 'grip'],
      gear: [light],
      met: [3, 5],
    },
    {
      setUp: 'Weights before the thighs.',
      points: ['Elbows lead, to chest height', 'Weights close to the body', 'Neck long'],
      fault: 'Elbows above the shoulders: stop lower.',
      rep: 'Elbows level, then arms long.',
    },
    [
      ['easier', 'Shoulder-blade lift', [light], ['grip']],
      ['substitute', 'Elbow lift without weights', [], []],
    ],
  ),
  exercise(
    'Renegade row',
    {
      aliases: ['Plank row'],
      regions: ['upper', 'core'],
      pattern: 'pull',
      stance: 'lying',
      asks: ['wrist', 'shoulder', 'floor', 'grip'],
      gear: [mat, light],
      met: [5, 7],
    },
    {
      setUp: 'High plank on weights that do not roll, feet wide.',
      points: ['Row without turning the hips', 'Press the other hand down', 'Breathe out on the row'],
      fault: 'Hips turn: wider feet, or to the knees.',
      rep: 'Each row counts one.',
    },
    [
      ['easier', 'Renegade row on the knees', [mat, light], ['wrist', 'floor', 'grip']],
      ['substitute', 'Row without weights, bent over'],
    ],
  ),
  exercise(
    'Seated row and knee lift',
    {
      aliases: ['Seated row with knees'],
      regions: ['upper', 'core'],
      pattern: 'pull',
      stance: 'seated',
      asks: ['lowBack'],
      gear: [chair],
      met: [3, 4.5],
    },
    {
      setUp: 'At the front of a chair, arms long ahead.',
      points: ['Elbows back as the knees come up', 'Sit tall', 'Down with control'],
      fault: 'Leaning back: one knee at a time.',
      rep: 'In and out counts one.',
    },
    [['easier', 'Seated row, feet down', [chair], [], { stance: 'seated' }]],
  ),
  exercise(
    'Wall row',
    {
      aliases: ['Floor row', 'Elbow row against the wall'],
      regions: ['upper'],
      pattern: 'pull',
      stance: 'standing',
      asks: ['shoulder'],
      gear: [wall],
      met: [2.5, 4],
    },
    {
      setUp: 'Back to the wall, a step away, elbows on it.',
      points: ['Push the chest off with the elbows', 'Body in one line', 'Shoulder blades together'],
      fault: 'Hips stay behind: step closer.',
      rep: 'Off the wall and back counts one.',
    },
    [['easier', 'Elbow squeeze, standing']],
  ),
]
