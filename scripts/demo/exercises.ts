import { Exercise, type ExerciseInput, type GearNeed } from '../../src/core/hall/exercise'

type Sizes = [newcomer: string, regular: string, trained: string]

const each = (kindId: string, sizes?: Sizes): GearNeed => ({
  kindId,
  per: 'person',
  count: 1,
  ...(sizes && { sizeByLevel: { newcomer: sizes[0], regular: sizes[1], trained: sizes[2] } }),
})
const atStation = (kindId: string): GearNeed => ({ kindId, per: 'station', count: 1 })

const mat = each('mat')
const kettlebell = (sizes: Sizes) => each('kettlebell', sizes)
const dumbbells = (sizes: Sizes) => each('dumbbells', sizes)

const list: ExerciseInput[] = [
  {
    id: 'goblet-squat', name: 'Goblet squat', regions: ['lower'], stance: 'standing', asks: ['knee'], gear: [kettlebell(['8kg', '12kg', '16kg'])],
    setUp: 'Hold the bell by its horns at the chest, feet a little wider than the hips.',
    points: ['Sit between the heels', 'Knees track the toes', 'Chest stays tall'], fault: 'Heels lift: sit less deep and put weight back into them.',
    options: [
      { id: 'goblet-squat-chair', name: 'Sit to stand', rung: 'easier', gear: [each('chair')] },
      { id: 'goblet-squat-pause', name: 'Goblet squat, two-second hold', rung: 'harder', gear: [kettlebell(['8kg', '12kg', '16kg'])], asks: ['knee'] },
      { id: 'goblet-squat-free', name: 'Squat, arms forward', rung: 'substitute', asks: ['knee'] },
    ],
  },
  {
    id: 'band-row', name: 'Band row', regions: ['upper'], stance: 'standing', gear: [each('loop-band', ['light', 'medium', 'strong']), atStation('anchor-point')],
    setUp: 'Band round the anchor at rib height, arms long, knees soft.',
    points: ['Elbows brush the ribs', 'Shoulders stay low', 'Slow on the way back'], fault: 'Leaning back to pull: step closer and stand still.',
    options: [
      { id: 'band-row-seated', name: 'Seated band row', rung: 'easier', gear: [each('loop-band', ['light', 'light', 'medium']), each('chair')] },
      { id: 'band-row-split', name: 'Band row in split stance', rung: 'harder', gear: [each('loop-band', ['medium', 'strong', 'strong']), atStation('anchor-point')], asks: ['balance'] },
    ],
  },
  {
    id: 'dead-bug', name: 'Dead bug', regions: ['core'], stance: 'lying', asks: ['floor'], gear: [mat],
    setUp: 'On the back, arms up, knees over the hips.',
    points: ['Low back stays down', 'Opposite arm and leg reach', 'Breathe out as they go'], fault: 'Back arches: reach less far.',
    options: [
      { id: 'dead-bug-heel', name: 'Heel taps', rung: 'easier', gear: [mat], asks: ['floor'] },
      { id: 'dead-bug-standing', name: 'Standing knee to hand', rung: 'substitute', asks: ['balance'] },
    ],
  },
  {
    id: 'step-up', name: 'Step-up', regions: ['lower', 'cardio'], stance: 'standing', oneSided: true, asks: ['knee', 'balance'], gear: [{ kindId: 'bench', per: 'group', count: 1 }],
    setUp: 'Whole foot on a low bench.',
    points: ['Stand all the way up', 'Lower with care', 'Knee over the toes'], fault: 'Pushing off the floor foot: lean a little forward and press through the top one.',
    options: [
      { id: 'step-up-low', name: 'March on the spot', rung: 'easier' },
      { id: 'step-up-knee', name: 'Step-up with knee drive', rung: 'harder', gear: [{ kindId: 'bench', per: 'group', count: 1 }], oneSided: true, asks: ['knee', 'balance'] },
    ],
  },
  {
    id: 'floor-press', name: 'Floor press', regions: ['upper'], stance: 'lying', asks: ['shoulder', 'floor'], gear: [dumbbells(['4kg', '6kg', '8kg']), mat],
    setUp: 'On the back, knees bent, elbows half-way out.',
    points: ['Elbows touch softly', 'Wrists over elbows', 'Press on the breath out'], fault: 'Elbows flare to the shoulders: bring them to half-way.',
    options: [
      { id: 'floor-press-wall', name: 'Wall push-up', rung: 'easier', asks: ['wrist'] },
      { id: 'floor-press-bridge', name: 'Floor press in a bridge', rung: 'harder', gear: [dumbbells(['4kg', '6kg', '8kg']), mat], asks: ['shoulder', 'floor'] },
    ],
  },
  {
    id: 'shuttle-walk', name: 'Shuttle walk', regions: ['cardio'], stance: 'standing', gear: [atStation('lane')],
    setUp: 'Two marks, eight metres apart; there and back counts one.',
    points: ['Touch each mark', 'Turn the other way each time', 'Tall and quick'], fault: 'Skidding at the turn: slow down two steps before.',
    options: [
      { id: 'shuttle-march', name: 'March on the spot', rung: 'easier' },
      { id: 'shuttle-run', name: 'Shuttle run', rung: 'harder', gear: [atStation('lane')], asks: ['knee', 'ankle'] },
    ],
  },
  {
    id: 'hip-hinge', name: 'Hip hinge', regions: ['lower'], stance: 'standing', asks: ['lowBack'], gear: [kettlebell(['8kg', '12kg', '16kg'])],
    setUp: 'Bell between the feet, knees soft.',
    points: ['Hips go back', 'Back long from head to tail', 'Stand tall, do not lean back'], fault: 'Rounding to reach the floor: stop at the knee.',
    options: [
      { id: 'hip-hinge-wall', name: 'Hinge to the wall', rung: 'easier' },
      { id: 'hip-hinge-staggered', name: 'Staggered hinge', rung: 'harder', gear: [kettlebell(['8kg', '12kg', '16kg'])], oneSided: true, asks: ['lowBack', 'balance'] },
    ],
  },
  {
    id: 'side-plank', name: 'Side plank', regions: ['core'], stance: 'lying', oneSided: true, asks: ['shoulder', 'floor'], gear: [mat],
    setUp: 'Elbow under the shoulder, feet stacked.',
    points: ['Hips up and forward', 'Neck long', 'Keep breathing'], fault: 'Sinking into the shoulder: push the floor away.',
    options: [
      { id: 'side-plank-knees', name: 'Side plank on knees', rung: 'easier', gear: [mat], oneSided: true, asks: ['shoulder', 'floor'] },
      { id: 'side-plank-reach', name: 'Side plank with reach', rung: 'harder', gear: [mat], oneSided: true, asks: ['shoulder', 'floor', 'balance'] },
      { id: 'side-plank-standing', name: 'Standing side bend', rung: 'substitute', oneSided: true },
    ],
  },
  {
    id: 'march', name: 'March on the spot', regions: ['cardio'], stance: 'standing',
    setUp: 'Stand tall with room for the arms.', points: ['Knees to hip height', 'Arms swing', 'Land softly'], fault: 'Leaning back: keep ribs over hips.',
    options: [
      { id: 'march-seated', name: 'Seated march', rung: 'easier', gear: [each('chair')] },
      { id: 'march-jog', name: 'Jog on the spot', rung: 'harder', asks: ['knee', 'ankle'] },
    ],
  },
  {
    id: 'arm-circles', name: 'Arm circles', regions: ['upper'], stance: 'standing', asks: ['shoulder'],
    setUp: 'Arms out, thumbs up.', points: ['Small, then wider', 'Change direction half-way'], fault: 'Shrugging: let the shoulders drop.',
    options: [{ id: 'shoulder-rolls', name: 'Shoulder rolls', rung: 'easier' }],
  },
  {
    id: 'reach-and-fold', name: 'Reach and fold', regions: ['lower', 'core'], stance: 'standing', asks: ['lowBack'],
    setUp: 'Feet under the hips.', points: ['Reach up as you breathe in', 'Fold with soft knees'], fault: 'Locked knees: bend them until the back lets go.',
    options: [{ id: 'reach-seated', name: 'Seated reach', rung: 'easier', gear: [each('chair')] }],
  },
  {
    id: 'hip-circles', name: 'Hip circles', regions: ['lower'], stance: 'standing', asks: ['balance'],
    setUp: 'Stand on one leg, hand on a wall if you like.', points: ['Slow and round', 'Stand tall'], fault: 'Twisting along: smaller circles.', oneSided: true,
    options: [{ id: 'hip-sway', name: 'Hip sway, both feet down', rung: 'easier' }],
  },
  {
    id: 'push-up', name: 'Push-up', regions: ['upper', 'core'], stance: 'lying', asks: ['wrist', 'shoulder', 'floor'], gear: [mat],
    setUp: 'Hands under the shoulders, body in one line.', points: ['Hips level', 'Elbows half-way out', 'Neck long'], fault: 'Hips sag: go to the knees or the bench.',
    options: [
      { id: 'push-up-bench', name: 'Push-up on the bench', rung: 'easier', gear: [{ kindId: 'bench', per: 'group', count: 1 }], asks: ['wrist', 'shoulder'] },
      { id: 'push-up-slow', name: 'Push-up, four seconds down', rung: 'harder', gear: [mat], asks: ['wrist', 'shoulder', 'floor'] },
      { id: 'push-up-wall', name: 'Wall push-up', rung: 'substitute', asks: ['wrist'] },
    ],
  },
  {
    id: 'glute-bridge', name: 'Glute bridge', regions: ['lower'], stance: 'lying', asks: ['floor'], gear: [mat],
    setUp: 'On the back, heels near the hips.', points: ['Press through the heels', 'Ribs stay down', 'Pause at the top'], fault: 'Feeling it in the back: lift less high.',
    options: [
      { id: 'glute-squeeze', name: 'Standing glute squeeze', rung: 'substitute' },
      { id: 'glute-bridge-single', name: 'Single-leg bridge', rung: 'harder', gear: [mat], oneSided: true, asks: ['floor'] },
    ],
  },
  {
    id: 'rope-skip', name: 'Rope skip', regions: ['cardio'], stance: 'standing', asks: ['jumps', 'ankle', 'knee'], gear: [each('jump-rope')],
    setUp: 'Floor dry and clear, rope to the armpits when stood on.', points: ['Small jumps', 'Wrists turn the rope', 'Land softly'], fault: 'Jumping too high: just clear the rope.',
    options: [
      { id: 'rope-step', name: 'Step over a still rope', rung: 'easier', gear: [each('jump-rope')] },
      { id: 'rope-none', name: 'Heel raises, quick', rung: 'substitute', asks: ['ankle'] },
    ],
  },
  {
    id: 'strap-row', name: 'Strap row', regions: ['upper'], stance: 'standing', asks: ['shoulder'],
    gear: [{ kindId: 'suspension-straps', per: 'group', count: 1 }, { kindId: 'anchor-point', per: 'group', count: 1 }],
    setUp: 'Lean back with straight arms, body in one line.', points: ['Chest to the hands', 'Hips stay up', 'Walk forward to make it harder'], fault: 'Hips drop behind: squeeze and step back.',
    options: [{ id: 'strap-row-tall', name: 'Strap row, nearly upright', rung: 'easier', gear: [{ kindId: 'suspension-straps', per: 'group', count: 1 }, { kindId: 'anchor-point', per: 'group', count: 1 }] }],
  },
  {
    id: 'slider-lunge', name: 'Slider lunge', regions: ['lower'], stance: 'standing', oneSided: true, asks: ['knee', 'balance'], gear: [each('sliders')],
    setUp: 'One foot on a slider, weight on the other.', points: ['Slide back, hips straight down', 'Front knee over the foot'], fault: 'Front knee falls in: slide less far.',
    options: [
      { id: 'slider-lunge-tap', name: 'Toe tap back', rung: 'easier', oneSided: true },
      { id: 'slider-lunge-chair', name: 'Sit to stand', rung: 'substitute', gear: [each('chair')] },
    ],
  },
  {
    id: 'ball-slam', name: 'Ball slam', regions: ['core', 'cardio'], stance: 'standing', asks: ['overhead', 'lowBack', 'shoulder'], gear: [each('medicine-ball', ['3kg', '3kg', '5kg'])],
    setUp: 'Ball overhead, clear floor, check the ceiling.', points: ['Breathe out as it goes down', 'Bend the knees to pick it up'], fault: 'Bending from the back: squat to the ball.',
    options: [{ id: 'ball-chop', name: 'Ball chop to the knee', rung: 'easier', gear: [each('medicine-ball', ['3kg', '3kg', '5kg'])] }],
  },
  {
    id: 'shoulder-press', name: 'Shoulder press', regions: ['upper'], stance: 'standing', asks: ['shoulder', 'overhead'], gear: [dumbbells(['2kg', '4kg', '6kg'])],
    setUp: 'Weights at the shoulders, feet under the hips.', points: ['Ribs down', 'Arms finish by the ears'], fault: 'Leaning back: lighter, or one arm at a time.',
    options: [{ id: 'front-raise', name: 'Front raise to shoulder height', rung: 'easier', gear: [dumbbells(['2kg', '2kg', '4kg'])] }],
  },
  {
    id: 'half-ball-step', name: 'Half-ball step over', regions: ['lower', 'cardio'], stance: 'standing', asks: ['balance', 'ankle', 'knee'], gear: [{ kindId: 'half-ball', per: 'group', count: 1 }],
    setUp: 'Dome up, whole foot on top.', points: ['Soft knee', 'Eyes forward'], fault: 'Wobbling inward: slow down and press the big toe.',
    options: [{ id: 'half-ball-floor', name: 'Side steps on the floor', rung: 'easier' }],
  },
  {
    id: 'row-machine', name: 'Rowing', regions: ['cardio', 'upper', 'lower'], stance: 'seated', asks: ['lowBack', 'knee'], gear: [each('rower')],
    setUp: 'Straps over the widest part of the foot.', points: ['Legs, then body, then arms', 'Arms, body, legs on the way back'], fault: 'Rounding forward: sit tall before the next drive.',
    options: [{ id: 'row-band', name: 'Seated band row', rung: 'substitute', gear: [each('loop-band', ['light', 'medium', 'medium']), each('chair')] }],
  },
  {
    id: 'plank', name: 'Plank', regions: ['core'], stance: 'lying', asks: ['shoulder', 'floor', 'wrist'], gear: [mat],
    setUp: 'Forearms down, shoulders over elbows.', points: ['Hips level', 'Neck long', 'Keep breathing'], fault: 'Hips high or low: squeeze the glutes and reset.',
    options: [
      { id: 'plank-knees', name: 'Plank on knees', rung: 'easier', gear: [mat], asks: ['floor'] },
      { id: 'plank-wall', name: 'Wall plank', rung: 'substitute' },
      { id: 'plank-taps', name: 'Plank with shoulder taps', rung: 'harder', gear: [mat], asks: ['shoulder', 'floor', 'wrist'] },
    ],
  },
  {
    id: 'sit-to-stand', name: 'Sit to stand', regions: ['lower'], stance: 'seated', asks: ['knee'], gear: [each('chair')],
    setUp: 'Chair against a wall, feet under the knees.', points: ['Nose over toes', 'Stand all the way', 'Sit down slowly'], fault: 'Dropping into the chair: reach back with a hand.',
    options: [
      { id: 'sit-to-stand-hands', name: 'Sit to stand with hands', rung: 'easier', gear: [each('chair')] },
      { id: 'sit-to-stand-weight', name: 'Sit to stand with a bell', rung: 'harder', gear: [each('chair'), kettlebell(['6kg', '8kg', '12kg'])], asks: ['knee'] },
    ],
  },
  {
    id: 'calf-stretch', name: 'Calf stretch', regions: ['lower'], stance: 'standing', oneSided: true,
    setUp: 'Hands on a wall, one foot back, heel down.', points: ['Back leg straight', 'Toes forward', 'Ease in'], fault: 'Heel lifts: step in a little.',
    options: [{ id: 'calf-stretch-seated', name: 'Seated calf stretch', rung: 'easier', oneSided: true, gear: [each('chair')] }],
  },
  {
    id: 'chest-stretch', name: 'Chest stretch', regions: ['upper'], stance: 'standing', asks: ['shoulder'],
    setUp: 'Hands behind the back or on the hips.', points: ['Open slowly', 'Chin level'], fault: 'Arching: keep the ribs down.',
    options: [{ id: 'chest-stretch-low', name: 'Palms open, arms low', rung: 'easier' }],
  },
]

export const demoExercises: Exercise[] = list.map((exercise) => Exercise.parse(exercise))
