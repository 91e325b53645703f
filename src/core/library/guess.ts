import type { Exercise, Impact, Pattern, Region, Stance, Strain } from './exercise'

/** What a name lets one guess of an exercise; to be looked at by whoever adds it, and shown as a guess. */
export interface Guess {
  region: Region
  pattern: Pattern
  stance: Stance
  impact: Impact
}

type Rule = [words: RegExp, guess: Partial<Guess>]

/** From the most particular to the most general: of two that fit, the first counts. */
const rules: readonly Rule[] = [
  [/stretch|pose|pigeon|mobility|\broll-?down/, { pattern: 'stretch', region: 'lower' }],
  [/jump|hop|jack|burpee|skip|bound|sprint|\brun/, { impact: 'high', region: 'cardio' }],
  [/march|step|walk|jog|shuffle|tap/, { impact: 'low' }],
  [/push-?up|press-?up/, { stance: 'lying', pattern: 'push', region: 'upper' }],
  [/plank|mountain climber|bear|renegade/, { stance: 'lying', region: 'core', pattern: 'brace' }],
  [
    /crunch|sit-?up|v-?up|hollow|dead bug|flutter|leg (raise|lower)|bridge|floor press/,
    { stance: 'lying', region: 'core', pattern: 'brace' },
  ],
  [/seated|chair|rower|rowing/, { stance: 'seated' }],
  [/kneel/, { stance: 'kneeling' }],
  [/hang|pull-?up|chin-?up/, { stance: 'hanging', pattern: 'pull', region: 'upper' }],
  [/row|pull|curl|face pull/, { pattern: 'pull', region: 'upper' }],
  [/press|push|dip|punch|slam|throw|fly|extension/, { pattern: 'push', region: 'upper' }],
  [/lunge|split/, { pattern: 'lunge', region: 'lower' }],
  [/squat|sit to stand|thruster/, { pattern: 'squat', region: 'lower' }],
  [/hinge|deadlift|swing|bridge|good morning|rdl/, { pattern: 'hinge', region: 'lower' }],
  [/carry|farmer|suitcase/, { pattern: 'carry', region: 'core' }],
  [/twist|chop|turn|rotation/, { pattern: 'twist', region: 'core' }],
]

/** Guesses from a name: "Diamond push-up" → a push, lying; what no word tells is the commonest: a step, standing, without impact. */
export function guessOf(name: string): Guess {
  const typed = name.toLowerCase()
  const found: Partial<Guess> = Object.assign({}, ...rules.toReversed().flatMap(([words, guess]) => (words.test(typed) ? [guess] : [])))
  return { region: 'lower', pattern: 'step', stance: 'standing', impact: 'none', ...found }
}

/** What is asked of the body by what is known of such an exercise: a jump jumps, and the floor has to be got to. */
export function asksBy({ stance, impact }: Pick<Guess, 'stance' | 'impact'>): Strain[] {
  return [
    ...(impact === 'high' ? (['jumps'] as const) : []),
    ...(stance === 'lying' || stance === 'kneeling' ? (['floor'] as const) : []),
    ...(stance === 'hanging' ? (['grip'] as const) : []),
  ]
}

/** Added in a hurry: how it is set up and done is still to be written. */
export const isToComplete = ({ points, setUp }: Pick<Exercise, 'points' | 'setUp'>): boolean => points.length === 0 || setUp === ''
