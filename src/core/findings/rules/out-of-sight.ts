import { arrangedIn } from '../../grouping/arranged'
import { inSightOrder, sightOf } from '../../class/in-sight'
import { turnsPerLap } from '../../plan/turns'
import { commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

/** Newcomers who begin where they cannot see whom they follow; only where groups go round in a loop, and stay neighbours. */
export function outOfSight({ document, computed }: Pick<Judged, 'document' | 'computed'>): Finding[] {
  const [only] = computed.rotations
  if (only?.choice.rule !== 'loop' || only.circuit.waves) return []
  const places = turnsPerLap(only.circuit)
  const sight = sightOf(document, computed.groups, places)
  if (!sight || sight.seeing.length === sight.newcomers.length) return []
  const name = computed.people.find((person) => person.id === sight.followId)?.name ?? sight.followId
  const ordered = inSightOrder(document, computed.groups, places)
  const then = sightOf(document, ordered, places)!.seeing.length
  return [
    {
      id: 'outOfSight',
      severity: 'weigh',
      what: `${sight.newcomers.length - sight.seeing.length} of ${sight.newcomers.length} newcomers are not next to ${name}, whom they follow`,
      why: 'In a loop neighbours stay neighbours: who begins next to somebody sees them at every station.',
      source: commonPractice,
      ...(then > sight.seeing.length && {
        fix: {
          label: `Begin elsewhere: ${then} of ${sight.newcomers.length} see ${name}`,
          apply: (now) => ({ ...now, arranged: arrangedIn(now, ordered) }),
        },
      }),
    },
  ]
}
