import { band, bench, chair, dumbbells, exercise, halfBall, kettlebell, mat, sliders, stabilityBall, wall } from './make'

/** Exercises that load hips and legs first. */
export const lower = [
  exercise('Goblet squat', { regions: ['lower'], pattern: 'squat', stance: 'standing', asks: ['knee', 'grip'], gear: [kettlebell('8kg', '12kg', '16kg')], met: [4, 6], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Hold the bell by its horns at the chest, feet a little wider than the hips.', points: ['Sit between the heels', 'Knees track the toes', 'Chest stays tall'], fault: 'Heels lift: sit less deep and put weight back into them.', rep: 'Thighs level, then all the way up.' }, [
    ['easier', 'Sit to a high chair', [chair]],
    ['harder', 'Goblet squat, two-second hold', [kettlebell('8kg', '12kg', '16kg')], ['knee', 'grip']],
    ['substitute', 'Squat, arms forward', [], ['knee']],
  ]),
  exercise('Air squat', { regions: ['lower'], pattern: 'squat', stance: 'standing', asks: ['knee'], met: [4, 6.5], pace: { low: 1.2, typical: 2, high: 3 } }, { setUp: 'Feet under the shoulders, toes a little out.', points: ['Hips back and down together', 'Knees over the toes', 'Eyes level'], fault: 'Knees fall in: push the floor apart.', rep: 'Thighs level, then hips open at the top.' }, [
    ['easier', 'Squat to a chair', [chair], ['knee']],
    ['easier', 'Half squat, hands on hips'],
    ['harder', 'Squat, three seconds down', [], ['knee']],
  ]),
  exercise('Split squat', { regions: ['lower'], pattern: 'lunge', stance: 'standing', oneSided: true, asks: ['knee', 'balance'], met: [4, 6], pace: { low: 1.5, typical: 2.5, high: 3.5 } }, { setUp: 'One long step, back heel up, feet on two rails and not on one.', points: ['Straight down, straight up', 'Front heel heavy', 'Hips square'], fault: 'Front knee drifts in: shorten the way down.', rep: 'Back knee hovers above the floor, then both legs long.' }, [
    ['easier', 'Split squat holding a chair', [chair], ['knee']],
    ['easier', 'Standing leg press-back', [chair]],
    ['harder', 'Split squat with weights', [dumbbells('2kg', '4kg', '6kg')], ['knee', 'balance', 'grip'], { oneSided: true }],
  ]),
  exercise('Reverse lunge', { regions: ['lower'], pattern: 'lunge', stance: 'standing', asks: ['knee', 'balance'], met: [4, 6.5], pace: { low: 1.5, typical: 2.5, high: 3.5 } }, { setUp: 'Stand tall, hands where they help.', points: ['Step back softly', 'Front shin upright', 'Push the floor to come up'], fault: 'Falling sideways: wider step, slower.', rep: 'Back knee hovers; legs alternate.' }, [
    ['easier', 'Toe tap back', [], ['balance']],
    ['easier', 'Hip hinge holding a chair', [chair]],
    ['harder', 'Reverse lunge with knee drive', [], ['knee', 'balance']],
  ]),
  exercise('Side lunge', { regions: ['lower'], pattern: 'lunge', stance: 'standing', asks: ['knee'], met: [4, 6], pace: { low: 1.5, typical: 2.5, high: 3.5 } }, { setUp: 'Feet together, room to one side.', points: ['Sit into the bent leg', 'Other leg long', 'Toes forward'], fault: 'Knee runs past the toes: send the hip back first.', rep: 'Out, down and back to the middle; sides alternate.' }, [
    ['easier', 'Side step and reach'],
    ['harder', 'Side lunge with a bell', [kettlebell('6kg', '8kg', '12kg')], ['knee', 'grip']],
  ]),
  exercise('Step-up', { regions: ['lower', 'cardio'], pattern: 'step', stance: 'standing', impact: 'low', oneSided: true, asks: ['knee', 'balance'], gear: [bench], met: [5, 8], pace: { low: 1.5, typical: 2.5, high: 3.5 } }, { setUp: 'Whole foot on a low bench.', points: ['Stand all the way up', 'Lower with care', 'Knee over the toes'], fault: 'Pushing off the floor foot: lean a little forward and press through the top one.', rep: 'Both feet up, hips open, then down.' }, [
    ['easier', 'March beside the bench'],
    ['harder', 'Step-up with knee drive', [bench], ['knee', 'balance'], { oneSided: true }],
  ]),
  exercise('Hip hinge', { regions: ['lower'], pattern: 'hinge', stance: 'standing', asks: ['lowBack', 'grip'], gear: [kettlebell('8kg', '12kg', '16kg')], met: [3.5, 5.5], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Bell between the feet, knees soft.', points: ['Hips go back', 'Back long from head to tail', 'Stand tall, do not lean back'], fault: 'Rounding to reach the floor: stop at the knee.', rep: 'Hands to the knee or lower, then hips all the way through.' }, [
    ['easier', 'Hinge to the wall', [wall]],
    ['harder', 'Staggered hinge', [kettlebell('8kg', '12kg', '16kg')], ['lowBack', 'balance', 'grip'], { oneSided: true }],
  ]),
  exercise('Two-bell deadlift', { regions: ['lower'], pattern: 'hinge', stance: 'standing', asks: ['lowBack', 'grip'], gear: [dumbbells('4kg', '6kg', '8kg')], met: [3.5, 6], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Weights outside the feet; bend the knees to fetch them.', points: ['Chest proud before the pull', 'Weights close to the legs', 'Lower as you lifted'], fault: 'Back rounds: raise the weights on a bench.', rep: 'From mid-shin to standing tall.' }, [
    ['easier', 'Hands-on-thighs hinge'],
    ['harder', 'Deadlift, four seconds down', [dumbbells('4kg', '6kg', '8kg')], ['lowBack', 'grip']],
  ]),
  exercise('Single-leg hinge', { regions: ['lower'], pattern: 'hinge', stance: 'standing', oneSided: true, asks: ['lowBack', 'balance', 'ankle'], met: [3, 5], pace: { low: 2, typical: 3, high: 4.5 } }, { setUp: 'Stand on one leg, knee soft.', points: ['Hips level', 'Back leg and back are one line', 'Grip the floor with the toes'], fault: 'Hip opens out: point the back toes down.', rep: 'Hands to the knee, then tall.' }, [
    ['easier', 'Kickstand hinge', [], ['lowBack']],
    ['easier', 'Glute squeeze, both feet down'],
    ['harder', 'Single-leg hinge with a bell', [kettlebell('6kg', '8kg', '12kg')], ['lowBack', 'balance', 'ankle', 'grip'], { oneSided: true }],
  ]),
  exercise('Bell swing', { regions: ['lower', 'cardio'], pattern: 'hinge', stance: 'standing', asks: ['lowBack', 'shoulder', 'grip'], gear: [kettlebell('6kg', '8kg', '12kg')], met: [6, 9.8], pace: { low: 1.4, typical: 1.8, high: 2.2 }, space: { lengthMetres: 2.5, widthMetres: 2 } }, { setUp: 'Bell a long step in front, nobody before or behind you.', points: ['Snap the hips', 'Arms are ropes', 'Ends at shoulder height'], fault: 'Squatting it up: send the hips back instead.', rep: 'Back between the legs, then to shoulder height.', breathing: 'Sharp breath out as the hips snap.' }, [
    ['easier', 'Hinge and stand, light bell', [kettlebell('6kg', '6kg', '8kg')], ['lowBack', 'grip']],
    ['substitute', 'Quick hip hinge, arms forward', [], []],
    ['harder', 'Swing from one hand', [kettlebell('6kg', '8kg', '12kg')], ['lowBack', 'shoulder', 'grip'], { oneSided: true }],
  ]),
  exercise('Glute bridge', { regions: ['lower'], pattern: 'hinge', stance: 'lying', asks: ['floor'], gear: [mat], met: [2.5, 4], pace: { low: 1.5, typical: 2.5, high: 3.5 } }, { setUp: 'On the back, heels near the hips.', points: ['Press through the heels', 'Ribs stay down', 'Pause at the top'], fault: 'Feeling it in the back: lift less high.', rep: 'Hips in one line with knees and shoulders.' }, [
    ['substitute', 'Standing glute squeeze'],
    ['harder', 'Single-leg bridge', [mat], ['floor'], { oneSided: true }],
  ]),
  exercise('Slider leg curl', { regions: ['lower'], pattern: 'hinge', stance: 'lying', asks: ['floor', 'knee'], gear: [sliders, mat], met: [3, 5], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'On the back in a bridge, heels on sliders.', points: ['Slide out slowly', 'Hips stay up', 'Pull back with the heels'], fault: 'Hips drop on the way out: slide half as far.', rep: 'Legs long, then heels back under the knees.' }, [
    ['easier', 'Bridge, heels walk out', [mat], ['floor']],
    ['substitute', 'Standing heel curl'],
  ]),
  exercise('Ball leg curl', { regions: ['lower', 'core'], pattern: 'hinge', stance: 'lying', asks: ['floor', 'balance'], gear: [stabilityBall, mat], met: [3, 5], pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'On the back, heels on the ball, hips up.', points: ['Roll in without dropping', 'Hips high', 'Arms wide for balance'], fault: 'Ball runs away: dig the heels in and slow down.', rep: 'Heels in under the knees and out again.' }, [
    ['easier', 'Bridge with heels on the ball', [stabilityBall, mat], ['floor']],
    ['substitute', 'Standing heel curl with a hold', [chair]],
  ]),
  exercise('Slider lunge', { regions: ['lower'], pattern: 'lunge', stance: 'standing', oneSided: true, asks: ['knee', 'balance'], gear: [sliders], met: [3.5, 5.5], pace: { low: 1.8, typical: 2.8, high: 4 } }, { setUp: 'One foot on a slider, weight on the other.', points: ['Slide back, hips straight down', 'Front knee over the foot'], fault: 'Front knee falls in: slide less far.', rep: 'Back leg long, then stand.' }, [
    ['easier', 'Toe tap behind', [], ['balance'], { oneSided: true }],
    ['substitute', 'Sit to stand from a chair', [chair]],
  ]),
  exercise('Half-ball step over', { id: 'half-ball-step', regions: ['lower', 'cardio'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['balance', 'ankle', 'knee'], gear: [halfBall], met: [5, 7.5], pace: { low: 1.2, typical: 2, high: 3 } }, { setUp: 'Dome up, whole foot on top.', points: ['Soft knee', 'Eyes forward'], fault: 'Wobbling inward: slow down and press the big toe.', rep: 'Over and back counts one.' }, [
    ['easier', 'Side steps on the floor'],
    ['harder', 'Half-ball squat hold', [halfBall], ['balance', 'ankle', 'knee']],
  ]),
  exercise('Wall sit', { regions: ['lower'], pattern: 'squat', stance: 'standing', asks: ['knee'], gear: [wall], met: [2.5, 4] }, { setUp: 'Back flat on the wall, feet a thigh\'s length in front.', points: ['Weight in the heels', 'Hands off the legs'], fault: 'Sliding down: come up a hand\'s width.', rep: 'Held for the time.', breathing: 'Keep breathing; do not hold your breath.' }, [
    ['easier', 'High wall lean', [wall]],
    ['harder', 'Wall sit, heels lifted in turn', [wall], ['knee']],
  ]),
  exercise('Calf raise', { regions: ['lower'], pattern: 'push', stance: 'standing', asks: ['ankle'], met: [2.5, 4], pace: { low: 1, typical: 1.6, high: 2.4 } }, { setUp: 'Feet under the hips, a wall within reach.', points: ['Straight up', 'Pause at the top', 'Lower slowly'], fault: 'Rolling outwards: press the big toe.', rep: 'All the way up, heels back to the floor.' }, [
    ['easier', 'Seated heel raise', [chair], [], { stance: 'seated' }],
    ['harder', 'Calf raise on one leg', [], ['ankle', 'balance'], { oneSided: true }],
  ]),
  exercise('Sit to stand', { regions: ['lower'], pattern: 'squat', stance: 'seated', asks: ['knee'], gear: [chair], met: [3, 4.5], pace: { low: 1.6, typical: 2.6, high: 4 } }, { setUp: 'Chair against a wall, feet under the knees.', points: ['Nose over toes', 'Stand all the way', 'Sit down slowly'], fault: 'Dropping into the chair: reach back with a hand.', rep: 'Hips open at the top, weight off the feet at the bottom.' }, [
    ['easier', 'Sit to stand with hands', [chair]],
    ['harder', 'Sit to stand with a bell', [chair, kettlebell('6kg', '8kg', '12kg')], ['knee', 'grip']],
  ]),
  exercise('Band side-step', { regions: ['lower'], pattern: 'step', stance: 'standing', gear: [band('light', 'medium', 'strong')], asks: ['knee'], met: [3, 5], pace: { low: 1, typical: 1.6, high: 2.4 } }, { setUp: 'Band above the knees, quarter squat.', points: ['Toes forward', 'Band never slack', 'Hips level'], fault: 'Knees give in: lighter band.', rep: 'One step there, one back, counts one.' }, [
    ['easier', 'Side-step without a band'],
    ['harder', 'Band round the ankles', [band('light', 'medium', 'strong')], ['knee', 'ankle']],
  ]),
  exercise('Band clam', { regions: ['lower'], pattern: 'push', stance: 'lying', oneSided: true, asks: ['floor'], gear: [band('light', 'medium', 'medium'), mat], met: [2, 3], pace: { low: 1.2, typical: 2, high: 3 } }, { setUp: 'On the side, knees bent, band above them.', points: ['Heels together', 'Hips stacked'], fault: 'Rolling back: open less wide.', rep: 'Knee up as far as the hip stays still.' }, [
    ['substitute', 'Standing knee opener', [chair], [], { oneSided: true }],
    ['easier', 'Clam without a band', [mat], ['floor'], { oneSided: true }],
  ]),
  exercise('Jump squat', { regions: ['lower', 'cardio'], pattern: 'squat', stance: 'standing', impact: 'high', asks: ['jumps', 'knee', 'ankle'], met: [7, 10], pace: { low: 1.2, typical: 1.8, high: 2.6 } }, { setUp: 'Dry, clear floor; feet under the hips.', points: ['Arms help', 'Land softly through the whole foot', 'Settle before the next'], fault: 'Loud landing: jump half as high.', rep: 'Both feet leave the floor.' }, [
    ['easier', 'Squat and rise to the toes', [], ['knee', 'ankle']],
    ['easier', 'Half squat, arms swing'],
    ['harder', 'Jump squat, quarter turn', [], ['jumps', 'knee', 'ankle', 'balance']],
  ]),
  exercise('Squat and press', { regions: ['lower', 'upper'], pattern: 'squat', stance: 'standing', asks: ['knee', 'shoulder', 'overhead'], gear: [dumbbells('2kg', '4kg', '6kg')], met: [5, 8], clearMetres: 2.7, pace: { low: 2, typical: 3, high: 4 } }, { setUp: 'Weights at the shoulders, check the ceiling.', points: ['Sit, stand, then press', 'Ribs down overhead'], fault: 'Pressing before standing: finish the legs first.', rep: 'Thighs level, then arms by the ears.' }, [
    ['easier', 'Squat and curl', [dumbbells('2kg', '4kg', '6kg')], ['knee']],
    ['substitute', 'Half squat and punch forward'],
  ]),
]
