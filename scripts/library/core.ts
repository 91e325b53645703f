import { abWheel, anchor, ball, band, chair, dumbbells, exercise, kettlebell, mat, stabilityBall, wall } from './make'

/** Exercises that load the trunk first. */
export const core = [
  exercise('Dead bug', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['floor'], gear: [mat], met: [2.5, 4], pace: { low: 1.8, typical: 2.6, high: 3.6 } }, { setUp: 'On the back, arms up, knees over the hips.', points: ['Low back stays down', 'Opposite arm and leg reach', 'Slow, no swing'], fault: 'Back arches: reach less far.', rep: 'One arm and leg out and in; sides alternate.' }, [
    ['easier', 'Heel taps', [mat], ['floor']],
    ['substitute', 'Standing knee to hand', [], ['balance']],
    ['harder', 'Dead bug with a band', [mat, band('light', 'light', 'medium')], ['floor', 'shoulder']],
  ]),
  exercise('Bird dog', { regions: ['core'], pattern: 'brace', stance: 'kneeling', asks: ['floor', 'knee', 'wrist', 'balance'], gear: [mat], met: [2.5, 3.5], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'On hands and knees, back flat as a table.', points: ['Reach long, not high', 'Hips level', 'Pause'], fault: 'Rocking: lift the leg alone.', rep: 'Opposite arm and leg out and back.' }, [
    ['easier', 'Bird dog, leg only', [mat], ['floor', 'knee', 'wrist']],
    ['substitute', 'Standing reach, hand on a chair', [chair]],
  ]),
  exercise('Side plank', { regions: ['core'], pattern: 'brace', stance: 'lying', oneSided: true, asks: ['shoulder', 'floor'], gear: [mat], met: [2.5, 4] }, { setUp: 'Elbow under the shoulder, feet stacked.', points: ['Hips up and forward', 'Neck long', 'Keep breathing'], fault: 'Sinking into the shoulder: push the floor away.', rep: 'Held for the time.', breathing: 'Keep breathing.' }, [
    ['easier', 'Side plank on knees', [mat], ['shoulder', 'floor'], { oneSided: true }],
    ['harder', 'Side plank with reach', [mat], ['shoulder', 'floor', 'balance'], { oneSided: true }],
    ['substitute', 'Standing side bend', [], [], { oneSided: true }],
  ]),
  exercise('Plank', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['shoulder', 'floor'], gear: [mat], met: [2.5, 4] }, { setUp: 'Forearms down, shoulders over elbows.', points: ['Hips level', 'Neck long', 'Elbows soft'], fault: 'Hips high or low: squeeze the glutes and reset.', rep: 'Held for the time.', breathing: 'Keep breathing.' }, [
    ['easier', 'Plank on knees', [mat], ['floor']],
    ['substitute', 'Plank at the wall', [wall]],
    ['harder', 'Plank with shoulder taps', [mat], ['shoulder', 'floor', 'wrist']],
  ]),
  exercise('Hollow hold', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['floor', 'neck', 'lowBack'], gear: [mat], met: [2.5, 4] }, { setUp: 'On the back, arms and legs long, low back pressed down.', points: ['Ribs to hips', 'Chin off the chest'], fault: 'Back lifts: bend the knees.', rep: 'Held for the time.', breathing: 'Short breaths, no holding.' }, [
    ['easier', 'Tuck hold', [mat], ['floor']],
    ['substitute', 'Standing brace, back to the wall', [wall]],
  ]),
  exercise('Crunch', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['floor', 'neck'], gear: [mat], met: [2.8, 4], pace: { low: 1.2, typical: 1.8, high: 2.6 } }, { setUp: 'On the back, knees bent, fingertips behind the ears.', points: ['Ribs towards hips', 'Chin an apple from the chest'], fault: 'Pulling the head: cross the arms instead.', rep: 'Shoulder blades off the mat.' }, [
    ['easier', 'Head stays down, knees to chest', [mat], ['floor']],
    ['substitute', 'Standing crunch'],
    ['harder', 'Crunch with arms overhead', [mat], ['floor', 'neck']],
  ]),
  exercise('Cycling crunch', { regions: ['core'], pattern: 'twist', stance: 'lying', asks: ['floor', 'neck', 'lowBack'], gear: [mat], met: [3.5, 5.5], pace: { low: 0.8, typical: 1.3, high: 2 } }, { setUp: 'On the back, knees over hips, hands by the ears.', points: ['Shoulder to knee, not elbow', 'Other leg long', 'Slow enough to breathe'], fault: 'Racing: count one to a breath.', rep: 'Both sides count two.' }, [
    ['easier', 'Knee to opposite hand, feet down', [mat], ['floor']],
    ['substitute', 'Standing elbow to knee'],
  ]),
  exercise('Seated twist', { regions: ['core'], pattern: 'twist', stance: 'lying', asks: ['floor', 'lowBack'], gear: [ball('3kg', '3kg', '5kg'), mat], met: [3, 5], pace: { low: 0.9, typical: 1.4, high: 2 } }, { setUp: 'Sit on the mat, knees bent, lean back with a long spine.', points: ['Turn the ribs, not only the arms', 'Chest open'], fault: 'Back rounds: sit taller, feet down.', rep: 'Both sides count one.' }, [
    ['easier', 'Twist sitting on a chair', [chair], [], { stance: 'seated' }],
    ['harder', 'Seated twist, feet off the floor', [ball('3kg', '3kg', '5kg'), mat], ['floor', 'lowBack', 'balance']],
  ]),
  exercise('Leg lower', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['floor', 'lowBack'], gear: [mat], met: [3, 4.5], pace: { low: 1.8, typical: 2.8, high: 4 } }, { setUp: 'On the back, legs up, hands under the hips.', points: ['Only as low as the back stays down', 'Up without a swing'], fault: 'Back arches: bend the knees.', rep: 'Down and up.' }, [
    ['easier', 'One leg at a time, knees bent', [mat], ['floor']],
    ['substitute', 'Seated knee lift', [chair], [], { stance: 'seated' }],
  ]),
  exercise('Reverse crunch', { regions: ['core'], pattern: 'brace', stance: 'lying', asks: ['floor'], gear: [mat], met: [3, 4.5], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'On the back, knees over hips, palms down.', points: ['Roll the hips up', 'No swing of the legs'], fault: 'Throwing the legs: half the way.', rep: 'Hips leave the mat.' }, [
    ['easier', 'Hip tilt', [mat], ['floor']],
    ['substitute', 'Standing knee lift, hands on a chair', [chair]],
  ]),
  exercise('Back raise', { regions: ['core'], pattern: 'hinge', stance: 'lying', asks: ['floor', 'lowBack', 'neck'], gear: [mat], met: [2.5, 3.5], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'On the front, arms by the sides, eyes on the mat.', points: ['Long rather than high', 'Glutes first'], fault: 'Head thrown back: look at the mat.', rep: 'Chest off the mat, then down.' }, [
    ['easier', 'Opposite arm and leg, low', [mat], ['floor']],
    ['substitute', 'Standing good-morning, hands on hips'],
  ]),
  exercise('Wheel roll-out', { regions: ['core'], pattern: 'brace', stance: 'kneeling', asks: ['floor', 'knee', 'shoulder', 'lowBack', 'wrist'], gear: [abWheel, mat], met: [3.5, 5.5], pace: { low: 2.2, typical: 3.2, high: 4.5 } }, { setUp: 'Kneel on the mat, wheel under the shoulders.', points: ['Hips and shoulders travel together', 'Ribs down', 'Only as far as you can return'], fault: 'Back sags: roll to a wall as a stop.', rep: 'Out and back to the knees.' }, [
    ['easier', 'Roll-out on the ball', [stabilityBall, mat], ['floor', 'knee']],
    ['substitute', 'Walk the hands down the wall', [wall]],
    ['harder', 'Roll-out, two-second hold', [abWheel, mat], ['floor', 'knee', 'shoulder', 'lowBack', 'wrist']],
  ]),
  exercise('Ball roll-out', { regions: ['core'], pattern: 'brace', stance: 'kneeling', asks: ['floor', 'knee', 'shoulder'], gear: [stabilityBall, mat], met: [3, 4.5], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Kneel, fists on the ball.', points: ['Forearms roll along the ball', 'One line from knees to head'], fault: 'Hips stay behind: move them first.', rep: 'Elbows on the ball, then back.' }, [
    ['easier', 'Ball push at the wall', [stabilityBall, wall]],
    ['harder', 'Ball circles in a plank', [stabilityBall, mat], ['floor', 'shoulder', 'balance']],
  ]),
  exercise('Band press-out', { regions: ['core'], pattern: 'brace', stance: 'standing', oneSided: true, gear: [band('light', 'medium', 'strong'), anchor], asks: ['shoulder'], met: [2.5, 4], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Side on to the anchor, band at the chest in both hands.', points: ['Press straight out', 'Nothing turns', 'Pause'], fault: 'Pulled round: step closer.', rep: 'Arms long, then back to the chest.' }, [
    ['easier', 'Hold at the chest', [band('light', 'light', 'medium'), anchor], [], { oneSided: true }],
    ['harder', 'Press-out, half kneeling', [band('light', 'medium', 'strong'), anchor], ['shoulder', 'floor', 'balance'], { oneSided: true, stance: 'kneeling' }],
  ]),
  exercise('Standing chop', { regions: ['core'], pattern: 'twist', stance: 'standing', oneSided: true, asks: ['shoulder', 'lowBack'], gear: [ball('3kg', '3kg', '5kg')], met: [3.5, 5.5], pace: { low: 1.6, typical: 2.2, high: 3 } }, { setUp: 'Feet wide, ball beside one shoulder.', points: ['Turn on the back foot', 'Ball to the outside of the other knee'], fault: 'Back twists alone: let the foot turn.', rep: 'Shoulder to knee and back.' }, [
    ['easier', 'Chop with clasped hands', [], [], { oneSided: true }],
    ['harder', 'Chop in a lunge', [ball('3kg', '3kg', '5kg')], ['shoulder', 'lowBack', 'knee', 'balance'], { oneSided: true }],
  ]),
  exercise('Ball slam', { regions: ['core', 'cardio'], pattern: 'hinge', stance: 'standing', asks: ['overhead', 'lowBack', 'shoulder'], gear: [ball('3kg', '3kg', '5kg')], met: [6, 9], clearMetres: 2.7, pace: { low: 1.8, typical: 2.6, high: 3.6 } }, { setUp: 'Ball overhead, clear floor, check the ceiling.', points: ['Breathe out as it goes down', 'Bend the knees to pick it up'], fault: 'Bending from the back: squat to the ball.', rep: 'From overhead to the floor.', breathing: 'Sharp breath out on the way down.' }, [
    ['easier', 'Ball chop to the knee', [ball('3kg', '3kg', '5kg')]],
    ['harder', 'Slam from side to side', [ball('3kg', '3kg', '5kg')], ['overhead', 'lowBack', 'shoulder']],
  ]),
  exercise('Suitcase hold', { regions: ['core'], pattern: 'carry', stance: 'standing', oneSided: true, asks: ['grip'], gear: [kettlebell('8kg', '12kg', '16kg')], met: [2.5, 4] }, { setUp: 'Bell at one side, other arm out a little.', points: ['Shoulders level', 'Stand tall'], fault: 'Leaning away from the bell: lighter.', rep: 'Held for the time.', breathing: 'Keep breathing.' }, [
    ['easier', 'Hold a light weight', [dumbbells('2kg', '4kg', '6kg')], ['grip'], { oneSided: true }],
    ['substitute', 'Press the palm into a chair back', [chair], [], { oneSided: true }],
  ]),
  exercise('Bear hold', { regions: ['core'], pattern: 'brace', stance: 'kneeling', asks: ['floor', 'wrist', 'shoulder', 'knee'], gear: [mat], met: [3, 4.5] }, { setUp: 'Hands and knees, then knees a hand\'s width off the mat.', points: ['Back flat', 'Knees under hips'], fault: 'Hips climb: lower the knees again.', rep: 'Held for the time.', breathing: 'Keep breathing.' }, [
    ['easier', 'Knees down, lift one hand', [mat], ['floor', 'wrist', 'knee']],
    ['substitute', 'Lean on the forearms at the wall', [wall]],
    ['harder', 'Bear hold with shoulder taps', [mat], ['floor', 'wrist', 'shoulder', 'knee']],
  ]),
]
