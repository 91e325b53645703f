import { anchor, ball, band, bar, bench, chair, dumbbells, exercise, kettlebell, lane, mat, straps, wall } from './make'

/** Exercises that load arms, chest and back first. */
export const upper = [
  exercise('Band row', { regions: ['upper'], pattern: 'pull', stance: 'standing', gear: [band('light', 'medium', 'strong'), anchor], asks: ['grip'], met: [3, 5], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'Band round the anchor at rib height, arms long, knees soft.', points: ['Elbows brush the ribs', 'Shoulders stay low', 'Slow on the way back'], fault: 'Leaning back to pull: step closer and stand still.', rep: 'Arms long, then hands to the ribs.' }, [
    ['easier', 'Seated band row, feet as anchor', [band('light', 'light', 'medium'), chair], ['grip'], { stance: 'seated' }],
    ['substitute', 'Elbow squeeze without a band'],
    ['harder', 'Band row in split stance', [band('medium', 'strong', 'strong'), anchor], ['balance', 'grip']],
  ]),
  exercise('Bent-over row', { regions: ['upper'], pattern: 'pull', stance: 'standing', gear: [dumbbells('4kg', '6kg', '8kg')], asks: ['lowBack', 'grip'], met: [3.5, 5.5], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'Hinge to half-way, knees soft, weights under the shoulders.', points: ['Back still', 'Elbows to the pockets', 'Neck long'], fault: 'Standing up to heave: go lighter.', rep: 'Weights to the ribs, then arms long.' }, [
    ['easier', 'Row with a hand on the bench', [bench, dumbbells('4kg', '6kg', '8kg')], ['grip'], { oneSided: true }],
    ['substitute', 'Prone arm squeeze, standing bent to the wall', [wall]],
    ['harder', 'Bent-over row, two-second hold', [dumbbells('4kg', '6kg', '8kg')], ['lowBack', 'grip']],
  ]),
  exercise('Strap row', { regions: ['upper'], pattern: 'pull', stance: 'standing', asks: ['shoulder', 'grip'], gear: straps, met: [3.5, 6], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'Lean back with straight arms, body in one line.', points: ['Chest to the hands', 'Hips stay up', 'Walk forward to make it harder'], fault: 'Hips drop behind: squeeze and step back.', rep: 'Hands to the ribs, then arms long.' }, [
    ['easier', 'Strap row, nearly upright', straps, ['grip']],
    ['substitute', 'Shoulder-blade squeeze'],
    ['harder', 'Strap row, feet far forward', straps, ['shoulder', 'grip']],
  ]),
  exercise('Pull-apart', { regions: ['upper'], pattern: 'pull', stance: 'standing', gear: [band('light', 'light', 'medium')], asks: ['shoulder'], met: [2.5, 3.5], pace: { low: 1.2, typical: 1.8, high: 2.6 } }, { setUp: 'Band in front of the chest, arms nearly straight.', points: ['Shoulders low', 'Open to the sides', 'Return slowly'], fault: 'Ribs flare: pull less far.', rep: 'Band touches the chest.' }, [
    ['easier', 'Pull-apart at hip height', [band('light', 'light', 'light')]],
    ['substitute', 'Open and close the arms, palms up', [], ['shoulder']],
  ]),
  exercise('Band pull-down', { regions: ['upper'], pattern: 'pull', stance: 'kneeling', gear: [band('light', 'medium', 'strong'), anchor], asks: ['shoulder', 'floor', 'knee', 'overhead'], met: [3, 4.5], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'Band on a high anchor, kneel tall on something soft.', points: ['Elbows to the ribs', 'Chin level'], fault: 'Leaning away: kneel closer.', rep: 'Hands to the shoulders, then arms long.' }, [
    ['easier', 'Standing pull to the hips', [band('light', 'medium', 'strong'), anchor]],
    ['harder', 'Pull-down, three seconds up', [band('light', 'medium', 'strong'), anchor], ['shoulder', 'floor', 'knee', 'overhead']],
  ]),
  exercise('Bar hang', { regions: ['upper'], pattern: 'pull', stance: 'hanging', gear: [bar], asks: ['shoulder', 'grip', 'overhead'], met: [2.5, 4.5], clearMetres: 2.7 }, { setUp: 'Step up to the bar, full grip, let the weight come on slowly.', points: ['Shoulders away from the ears', 'Ribs down', 'Step down, do not drop'], fault: 'Swinging: cross the ankles and breathe.', rep: 'Held for the time.', breathing: 'Keep breathing; short breaths are fine.' }, [
    ['easier', 'Hang with the feet on a bench', [bar, bench], ['grip', 'overhead'], { stance: 'standing' }],
    ['substitute', 'Towel pull, hands apart'],
    ['harder', 'Hang, knees up and down', [bar], ['shoulder', 'grip', 'overhead']],
  ]),
  exercise('Floor press', { regions: ['upper'], pattern: 'push', stance: 'lying', asks: ['shoulder', 'floor', 'grip'], gear: [dumbbells('4kg', '6kg', '8kg'), mat], met: [3, 5], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'On the back, knees bent, elbows half-way out.', points: ['Elbows touch softly', 'Wrists over elbows', 'Press on the breath out'], fault: 'Elbows flare to the shoulders: bring them to half-way.', rep: 'Elbows to the floor, then arms long.' }, [
    ['easier', 'Push-up against the wall', [wall], ['wrist']],
    ['harder', 'Floor press in a bridge', [dumbbells('4kg', '6kg', '8kg'), mat], ['shoulder', 'floor', 'grip']],
  ]),
  exercise('Push-up', { regions: ['upper', 'core'], pattern: 'push', stance: 'lying', asks: ['wrist', 'shoulder', 'floor'], gear: [mat], met: [4, 8], pace: { low: 1, typical: 2, high: 3 } }, { setUp: 'Hands under the shoulders, body in one line.', points: ['Hips level', 'Elbows half-way out', 'Neck long'], fault: 'Hips sag: go to the knees or the bench.', rep: 'Chest a fist from the floor, then arms long.' }, [
    ['easier', 'Push-up on the bench', [bench], ['wrist', 'shoulder']],
    ['easier', 'Push-up on the knees', [mat], ['wrist', 'shoulder', 'floor']],
    ['harder', 'Push-up, four seconds down', [mat], ['wrist', 'shoulder', 'floor']],
    ['substitute', 'Forearm press against the wall', [wall]],
  ]),
  exercise('Wall push-up', { regions: ['upper'], pattern: 'push', stance: 'standing', asks: ['wrist'], gear: [wall], met: [2.5, 4], pace: { low: 1.4, typical: 2, high: 3 } }, { setUp: 'Hands on the wall at chest height, a long step away.', points: ['Body in one line', 'Nose towards the wall', 'Press back slowly'], fault: 'Hips left behind: step in and squeeze.', rep: 'Nose near the wall, then arms long.' }, [
    ['easier', 'Wall lean on the forearms', [wall]],
    ['harder', 'Wall push-up on one leg', [wall], ['wrist', 'balance']],
  ]),
  exercise('Strap press', { regions: ['upper', 'core'], pattern: 'push', stance: 'standing', asks: ['shoulder', 'wrist', 'grip'], gear: straps, met: [3.5, 6], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'Straps at the hips, lean in with straight arms.', points: ['Body in one line', 'Hands beside the chest', 'Straps off the arms'], fault: 'Low back sags: step forward, nearer upright.', rep: 'Hands beside the chest, then arms long.' }, [
    ['easier', 'Strap press, nearly upright', straps, ['wrist', 'grip']],
    ['substitute', 'Forearm lean at the wall', [wall]],
  ]),
  exercise('Band press', { regions: ['upper'], pattern: 'push', stance: 'standing', gear: [band('light', 'medium', 'strong')], asks: ['shoulder'], met: [3, 4.5], pace: { low: 1.4, typical: 2, high: 3 } }, { setUp: 'Band round the back under the arms, one end in each hand.', points: ['Ribs down', 'Press and pause', 'Slow way back'], fault: 'Shrugging: lighter band.', rep: 'Arms long in front, then back to the ribs.' }, [
    ['easier', 'Band press, one arm low', [band('light', 'light', 'medium')]],
    ['harder', 'Band press in split stance', [band('medium', 'strong', 'strong')], ['shoulder', 'balance']],
  ]),
  exercise('Shoulder press', { regions: ['upper'], pattern: 'push', stance: 'standing', asks: ['shoulder', 'overhead'], gear: [dumbbells('2kg', '4kg', '6kg')], met: [3, 5], clearMetres: 2.7, pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'Weights at the shoulders, feet under the hips.', points: ['Ribs down', 'Arms finish by the ears'], fault: 'Leaning back: lighter, or one arm at a time.', rep: 'From the shoulders to arms long overhead.' }, [
    ['easier', 'Front raise to rib height', [dumbbells('2kg', '2kg', '4kg')]],
    ['harder', 'Half-kneeling press', [dumbbells('2kg', '4kg', '6kg')], ['shoulder', 'overhead', 'floor', 'balance'], { stance: 'kneeling', oneSided: true }],
  ]),
  exercise('Side raise', { regions: ['upper'], pattern: 'push', stance: 'standing', asks: ['shoulder'], gear: [dumbbells('2kg', '2kg', '4kg')], met: [2.5, 4], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'Weights at the sides, elbows soft.', points: ['Thumbs a little up', 'To shoulder height, no higher'], fault: 'Swinging the weight up: lighter, and stand against a wall.', rep: 'To shoulder height and down without a swing.' }, [
    ['easier', 'Arms lift to the hip line, no weight'],
    ['harder', 'Side raise, three seconds down', [dumbbells('2kg', '2kg', '4kg')], ['shoulder']],
  ]),
  exercise('Reverse fly', { regions: ['upper'], pattern: 'pull', stance: 'standing', asks: ['lowBack', 'shoulder'], gear: [dumbbells('2kg', '2kg', '4kg')], met: [3, 4.5], pace: { low: 1.6, typical: 2.4, high: 3.4 } }, { setUp: 'Hinge to half-way, weights hang, elbows soft.', points: ['Open from the shoulder blades', 'Neck long'], fault: 'Heaving: go without a weight.', rep: 'Arms level with the back.' }, [
    ['easier', 'Reverse fly seated, chest on the thighs', [chair, dumbbells('2kg', '2kg', '4kg')], ['shoulder'], { stance: 'seated' }],
    ['substitute', 'Shoulder-blade squeeze, standing tall'],
  ]),
  exercise('Biceps curl', { regions: ['upper'], pattern: 'pull', stance: 'standing', asks: ['grip'], gear: [dumbbells('2kg', '4kg', '6kg')], met: [2.5, 4], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'Palms forward, elbows at the ribs.', points: ['Upper arms still', 'Lower slowly'], fault: 'Leaning back: lighter.', rep: 'Arms long, then hands to the shoulders.' }, [
    ['substitute', 'Curl against the other hand'],
    ['harder', 'Curl, pause half-way', [dumbbells('2kg', '4kg', '6kg')], ['grip']],
  ]),
  exercise('Triceps kickback', { regions: ['upper'], pattern: 'push', stance: 'standing', asks: ['lowBack'], gear: [dumbbells('2kg', '2kg', '4kg')], met: [2.5, 4], pace: { low: 1.5, typical: 2.2, high: 3 } }, { setUp: 'Hinge a little, elbows high behind.', points: ['Only the forearm moves', 'Pause with the arm long'], fault: 'Elbow drops: lighter.', rep: 'Arm long behind, then a right angle.' }, [
    ['easier', 'Kickback with a hand on a chair', [chair, dumbbells('2kg', '2kg', '4kg')], [], { oneSided: true }],
    ['harder', 'Bench dip', [bench], ['shoulder', 'wrist']],
  ]),
  exercise('Bell halo', { regions: ['upper', 'core'], pattern: 'twist', stance: 'standing', asks: ['shoulder', 'neck', 'overhead'], gear: [kettlebell('6kg', '6kg', '8kg')], met: [3, 4.5], clearMetres: 2.5, pace: { low: 2.5, typical: 3.5, high: 5 } }, { setUp: 'Bell upside down at the chest, both hands on the horns.', points: ['Close round the head', 'Ribs down', 'Change direction half-way'], fault: 'Head ducks: lighter, wider circle.', rep: 'Once right round.' }, [
    ['easier', 'Circle the bell round the waist', [kettlebell('6kg', '6kg', '8kg')], ['grip']],
    ['substitute', 'Slow shoulder rolls'],
  ]),
  exercise('Farmer carry', { regions: ['upper', 'core'], pattern: 'carry', stance: 'standing', impact: 'low', asks: ['grip'], gear: [dumbbells('6kg', '8kg', '8kg'), lane], met: [4, 7], space: { lengthMetres: 8, widthMetres: 1 } }, { setUp: 'Bend the knees to pick up; the way must be clear.', points: ['Tall and quiet steps', 'Shoulders level', 'Set down as you lifted'], fault: 'Leaning to one side: even out the weights.', rep: 'There and back counts one.' }, [
    ['easier', 'Carry with light weights', [dumbbells('2kg', '4kg', '6kg'), lane], ['grip']],
    ['substitute', 'Tall march, fists at the sides'],
    ['harder', 'One-sided carry', [kettlebell('8kg', '12kg', '16kg'), lane], ['grip', 'balance'], { oneSided: true }],
  ]),
  exercise('Chest pass to the wall', { regions: ['upper', 'cardio'], pattern: 'push', stance: 'standing', asks: ['wrist', 'shoulder'], gear: [ball('3kg', '3kg', '5kg'), wall], met: [4, 6.5], pace: { low: 1.4, typical: 2, high: 2.8 }, space: { lengthMetres: 3, widthMetres: 1.5 } }, { setUp: 'Two steps from a wall that may be thrown at, ball at the chest.', points: ['Push from the legs', 'Catch with soft elbows'], fault: 'Ball comes back too fast: step away.', rep: 'Thrown and caught.' }, [
    ['easier', 'Push the ball out and in', [ball('3kg', '3kg', '5kg')], ['wrist']],
    ['substitute', 'Slow punches forward'],
  ]),
  exercise('Pike press', { regions: ['upper'], pattern: 'push', stance: 'lying', asks: ['wrist', 'shoulder', 'floor', 'neck'], gear: [mat], met: [4, 6.5], pace: { low: 1.5, typical: 2.4, high: 3.4 } }, { setUp: 'Hands down, hips high, head between the arms.', points: ['Crown to the floor in front of the hands', 'Press back to the start'], fault: 'Neck takes weight: bend less.', rep: 'Head near the floor, then arms long.' }, [
    ['easier', 'Pike press on the bench', [bench], ['wrist', 'shoulder']],
    ['substitute', 'Wall slide', [wall]],
  ]),
]
