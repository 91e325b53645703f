import { band, bench, chair, cones, exercise, lane, mat, rope, rower, trampoline, treadmill, wall } from './make'

/** Exercises that raise the pulse first. */
export const cardio = [
  exercise('March on the spot', { id: 'march', regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'low', met: [3, 4.5], pace: { low: 0.7, typical: 1, high: 1.4 } }, { setUp: 'Stand tall with room for the arms.', points: ['Knees to hip height', 'Arms swing', 'Land softly'], fault: 'Leaning back: keep ribs over hips.', rep: 'Each knee counts one.' }, [
    ['easier', 'Seated march', [chair], [], { stance: 'seated' }],
    ['harder', 'Jog on the spot', [], ['knee', 'ankle'], { impact: 'high' }],
  ]),
  exercise('Shuttle walk', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'low', gear: [lane], met: [3.5, 5], space: { lengthMetres: 8, widthMetres: 1 } }, { setUp: 'Two marks, eight metres apart; there and back counts one.', points: ['Touch each mark', 'Turn the other way each time', 'Tall and quick'], fault: 'Skidding at the turn: slow down two steps before.', rep: 'There and back counts one.' }, [
    ['easier', 'March between two marks', [], []],
    ['harder', 'Shuttle run', [lane], ['knee', 'ankle'], { impact: 'high', met: { low: 7, high: 10 } }],
  ]),
  exercise('Rope skip', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'ankle', 'knee', 'wrist'], gear: [rope], met: [8, 12.3], pace: { low: 0.45, typical: 0.6, high: 0.9 }, clearMetres: 2.6, space: { lengthMetres: 2.5, widthMetres: 2 } }, { setUp: 'Floor dry and clear, rope to the armpits when stood on.', points: ['Small jumps', 'Wrists turn the rope', 'Land softly'], fault: 'Jumping too high: just clear the rope.', rep: 'Each pass under the feet.' }, [
    ['easier', 'Step over a still rope', [rope]],
    ['substitute', 'Heel raises, quick', [], ['ankle']],
    ['harder', 'Rope skip, foot to foot', [rope], ['jumps', 'ankle', 'knee', 'wrist']],
  ]),
  exercise('Rowing', { id: 'row-machine', regions: ['cardio', 'upper', 'lower'], pattern: 'pull', stance: 'seated', asks: ['lowBack', 'knee', 'grip'], gear: [rower], met: [4.8, 8.5], pace: { low: 2, typical: 2.4, high: 3 }, space: { lengthMetres: 2.8, widthMetres: 1.2 } }, { setUp: 'Straps over the widest part of the foot.', points: ['Legs, then body, then arms', 'Arms, body, legs on the way back'], fault: 'Rounding forward: sit tall before the next drive.', rep: 'One full stroke.' }, [
    ['easier', 'Arms-only rowing', [rower], ['grip']],
    ['substitute', 'Seated band row', [band('light', 'medium', 'medium'), chair], ['grip']],
    ['substitute', 'Seated march with arm drive', [chair]],
  ]),
  exercise('Treadmill walk', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['balance'], gear: [treadmill], met: [3.5, 6], space: { lengthMetres: 2.5, widthMetres: 1.2 } }, { setUp: 'Clip on the stop cord, start with the belt slow.', points: ['Look ahead', 'Hands free when steady', 'Belt at a full stop before stepping off'], fault: 'Holding the rail all the way: slow the belt.', rep: '' }, [
    ['easier', 'Treadmill holding the rail', [treadmill]],
    ['substitute', 'Walk a lane', [lane]],
    ['harder', 'Treadmill uphill', [treadmill], ['balance', 'ankle'], { met: { low: 5, high: 8 } }],
  ]),
  exercise('Jumping jack', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'shoulder', 'ankle', 'overhead'], met: [7, 8.5], pace: { low: 0.8, typical: 1, high: 1.4 }, clearMetres: 2.5 }, { setUp: 'Feet together, room at both sides.', points: ['Soft knees', 'Hands only as high as is easy'], fault: 'Heavy heels: stay on the front of the foot.', rep: 'Out and in counts one.' }, [
    ['easier', 'Side tap, arms low'],
    ['harder', 'Jack with a squat', [], ['jumps', 'shoulder', 'ankle', 'knee', 'overhead']],
  ]),
  exercise('High knees', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'high', asks: ['jumps', 'knee', 'ankle'], met: [7, 9.5], pace: { low: 0.35, typical: 0.5, high: 0.8 } }, { setUp: 'Tall, elbows bent.', points: ['Quick feet', 'Knees in front, not out'], fault: 'Leaning back: slower, ribs down.', rep: 'Two knees count one.' }, [
    ['easier', 'Brisk march, knees low'],
    ['harder', 'High knees, hands overhead', [], ['jumps', 'knee', 'ankle', 'overhead']],
  ]),
  exercise('Fast feet', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['knee', 'ankle'], met: [6, 8.5] }, { setUp: 'Feet wide, hips low.', points: ['Small steps', 'Weight forward', 'Hips stay at one height'], fault: 'Standing up: sit a little.', rep: '' }, [
    ['easier', 'Heel lifts in turn'],
    ['harder', 'Fast feet and drop', [], ['knee', 'ankle', 'jumps'], { impact: 'high' }],
  ]),
  exercise('Side shuffle', { regions: ['cardio', 'lower'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['knee', 'ankle'], gear: [cones(2)], met: [5.5, 8], pace: { low: 2.5, typical: 3.5, high: 5 }, space: { lengthMetres: 5, widthMetres: 1.5 } }, { setUp: 'Two cones, four steps apart.', points: ['Feet never cross', 'Stay low', 'Touch each cone'], fault: 'Heels click together: wider steps.', rep: 'There and back counts one.' }, [
    ['easier', 'Side walk between the cones', [cones(2)]],
    ['harder', 'Shuffle and touch the floor', [cones(2)], ['knee', 'ankle', 'lowBack']],
  ]),
  exercise('Cone weave', { regions: ['cardio'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['ankle'], gear: [cones(4)], met: [4.5, 7], space: { lengthMetres: 6, widthMetres: 2 } }, { setUp: 'Four cones in a line, a step and a half apart.', points: ['Small steps at each cone', 'Eyes up'], fault: 'Cutting corners: slower round the last one.', rep: 'There and back counts one.' }, [
    ['easier', 'Walk the weave', [cones(4)]],
    ['harder', 'Weave backwards', [cones(4)], ['ankle', 'balance']],
  ]),
  exercise('Skater step', { regions: ['cardio', 'lower'], pattern: 'lunge', stance: 'standing', impact: 'low', asks: ['knee', 'balance', 'ankle'], met: [5, 8], pace: { low: 1, typical: 1.5, high: 2.2 } }, { setUp: 'Room for two long steps sideways.', points: ['Push off the outside foot', 'Knee over toes', 'Chest low'], fault: 'Knee caves in: shorter step.', rep: 'Each side counts one.' }, [
    ['easier', 'Side tap with reach'],
    ['harder', 'Skater hop', [], ['jumps', 'knee', 'balance', 'ankle'], { impact: 'high' }],
  ]),
  exercise('Burpee', { regions: ['cardio', 'upper', 'lower'], pattern: 'push', stance: 'standing', impact: 'high', asks: ['jumps', 'wrist', 'shoulder', 'floor', 'knee', 'lowBack', 'ankle'], met: [8, 10], pace: { low: 2.5, typical: 3.2, high: 3.75 }, space: { lengthMetres: 2.2, widthMetres: 1.5 } }, { setUp: 'Dry floor, room behind.', points: ['Hands flat, feet back together', 'Brace before the plank', 'Land softly'], fault: 'Back sags on the way down: step instead of jumping.', rep: 'Chest or knees down, then both feet leave the floor.' }, [
    ['easier', 'Step back at the bench', [bench], ['wrist', 'shoulder']],
    ['easier', 'Squat and reach'],
    ['substitute', 'Squat thrust, no jump', [], ['wrist', 'shoulder', 'floor', 'knee', 'lowBack']],
  ]),
  exercise('Squat thrust', { regions: ['cardio', 'core'], pattern: 'brace', stance: 'standing', impact: 'low', asks: ['wrist', 'shoulder', 'floor', 'knee', 'lowBack'], met: [6, 9], pace: { low: 1.8, typical: 2.5, high: 3.4 } }, { setUp: 'Hands down in front of the feet.', points: ['Step or hop back', 'Hips level', 'Stand tall'], fault: 'Hips drop: step one foot at a time.', rep: 'Plank, then standing.' }, [
    ['easier', 'Hands on the bench', [bench], ['wrist', 'shoulder']],
    ['easier', 'Hinge and stand tall'],
  ]),
  exercise('Mountain climber', { regions: ['cardio', 'core'], pattern: 'brace', stance: 'lying', impact: 'low', asks: ['wrist', 'shoulder', 'floor'], gear: [mat], met: [6, 9], pace: { low: 0.5, typical: 0.8, high: 1.2 } }, { setUp: 'Hands under the shoulders, long plank.', points: ['Knees to the chest in turn', 'Hips level', 'Elbows soft'], fault: 'Hips bounce: slow down.', rep: 'Two knees count one.' }, [
    ['easier', 'Climber at the bench', [bench], ['wrist', 'shoulder']],
    ['substitute', 'Standing knee drive at the wall', [wall]],
  ]),
  exercise('Bear crawl', { regions: ['cardio', 'core'], pattern: 'brace', stance: 'kneeling', impact: 'low', asks: ['wrist', 'shoulder', 'knee', 'floor'], gear: [lane], met: [6, 9], space: { lengthMetres: 8, widthMetres: 1.2 } }, { setUp: 'Hands and knees, knees just off the floor.', points: ['Opposite hand and foot', 'Back flat', 'Small steps'], fault: 'Hips sway: shorter steps.', rep: 'There and back counts one.' }, [
    ['easier', 'Crouch walk, hands free', [lane], ['knee']],
    ['substitute', 'Marching with punches'],
  ]),
  exercise('Trampoline jog', { regions: ['cardio', 'lower'], pattern: 'step', stance: 'standing', impact: 'low', asks: ['balance', 'ankle', 'knee'], gear: [trampoline], met: [5, 8], clearMetres: 2.8 }, { setUp: 'Legs screwed tight, clear floor all round.', points: ['Push down, not up', 'Eyes on the wall', 'Full stop before stepping off'], fault: 'Bouncing to the edge: smaller steps.', rep: '' }, [
    ['easier', 'March on the trampoline', [trampoline], ['balance']],
    ['substitute', 'High step march on the floor'],
  ]),
  exercise('Shadow boxing', { regions: ['cardio', 'upper'], pattern: 'twist', stance: 'standing', impact: 'low', asks: ['shoulder'], met: [4.5, 7.8] }, { setUp: 'Feet apart, one forward, fists at the chin.', points: ['Turn the hip', 'Fist back to the chin', 'Never lock the elbow'], fault: 'Arms only: turn the back foot.', rep: '' }, [
    ['easier', 'Slow punches at rib height'],
    ['harder', 'Boxing with light feet', [], ['shoulder', 'ankle']],
  ]),
  exercise('Walk-out', { regions: ['core', 'upper'], pattern: 'brace', stance: 'standing', asks: ['wrist', 'shoulder', 'floor', 'lowBack'], met: [4, 7], pace: { low: 3, typical: 3.4, high: 4.5 } }, { setUp: 'Feet under the hips, hands down with soft knees.', points: ['Walk to a long plank', 'Hips level', 'Walk back and stand'], fault: 'Hips sway: feet wider.', rep: 'Out and back to standing.' }, [
    ['easier', 'Walk-out to the bench', [bench], ['wrist', 'shoulder']],
    ['substitute', 'Wall walk-down', [wall]],
    ['harder', 'Walk-out with a push-up', [], ['wrist', 'shoulder', 'floor', 'lowBack']],
  ]),
]
