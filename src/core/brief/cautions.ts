import type { Form } from '../library/form'

/**
 * What coaches say for safety (common practice). It does not stand in for local codes, or for the advice of those who are licensed
 * to give it.
 */
export const classCautions = [
  'Stop, or take the easier option, when form fails.',
  'Technique before speed. Breathe out on the effort.',
  'Bend the knees to lift and to put down; never throw a weight.',
  'New, returning from an injury, pregnant or unwell: tell me first, take the easier option, rest longer.',
  'Drink when you need to.',
] as const

/** Cautions that come with how an exercise is done. */
export function cautionsOf(form: Form): string[] {
  const uses = (kindId: string) => form.gear.some((need) => need.kindId === kindId)
  return [
    ...(form.impact === 'high' ? ['Land softly; the floor clear and dry.'] : []),
    ...(form.asks.includes('overhead') ? ['Check the ceiling before working overhead.'] : []),
    ...(uses('mini-trampoline') ? ['A full stop before stepping off.'] : []),
    ...(uses('treadmill') ? ['Stop the belt before stepping off.'] : []),
    ...(form.pattern === 'brace' && form.asks.includes('shoulder') ? ['Shoulders over the hands or elbows, neck long, elbows soft.'] : []),
    ...(form.asks.includes('knee') && (form.pattern === 'squat' || form.pattern === 'lunge')
      ? ['Knees track the toes; never slam one down.']
      : []),
  ]
}
