import { transitionsOf, type MoveParts } from '../../floor/transitions'
import { formatSeconds } from '../../base/units'
import { circuitsOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

const partNames: Record<keyof MoveParts, string> = {
  setDown: 'put down',
  rise: 'get up',
  walk: 'walk',
  getDown: 'get down or in',
  pickUp: 'take up',
}

/** `walk 9 s, get up 3 s`: the parts that take time, longest first. */
export const movePartsWords = (parts: MoveParts): string =>
  (Object.keys(partNames) as (keyof MoveParts)[])
    .filter((part) => parts[part] >= 0.5)
    .sort((a, b) => parts[b] - parts[a])
    .map((part) => `${partNames[part]} ${Math.round(parts[part])} s`)
    .join(', ')

/** The worst way from station to station of each circuit, where it needs longer than the plan gives. */
export function shortTransition({ document, computed, library, room }: Judged): Finding[] {
  if (!room || !document.spots?.length) return []
  const { transitions } = transitionsOf(document, computed, library, room)
  return circuitsOf(document).flatMap((circuit): Finding[] => {
    const worst = transitions.find((transition) => transition.circuitId === circuit.id && transition.needed > transition.given)
    if (!worst) return []
    const seconds = Math.ceil(worst.needed / 5) * 5
    return [
      {
        id: `shortTransition-${circuit.id}`,
        severity: worst.needed - worst.given > 5 ? 'mend' : 'weigh',
        what: `Station ${worst.from + 1} to ${worst.to + 1} needs ${worst.needed} s, has ${worst.given} s`,
        why: `${movePartsWords(worst.parts)}${worst.slowest ? `, for ${worst.slowest}` : ''}. Late people lose work, or hurry.`,
        source: 'crowded walking of 1.0 m/s is common practice; the seconds to get up, down and hold of gear are our estimate',
        pieceId: circuit.id,
        ...(seconds > circuit.transition.seconds && {
          fix: {
            label: `Make the transition ${formatSeconds(seconds)}`,
            apply: (now: typeof document) => withPiece(now, circuit, { transition: { ...circuit.transition, seconds } }),
          },
        }),
      },
    ]
  })
}
