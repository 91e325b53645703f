import type { Circuit, Part, Station, Stay, Use, Variation } from './plan'
import { ruledAt } from './vary-rules'

/**
 * The part's pieces as they are at `repeat` (from 0): what is said of that repeat stands over its rules. Returns the pieces
 * themselves where nothing varies.
 */
export function piecesAtRepeat(part: Part, repeat: number): Part['pieces'] {
  const here = [...ruledAt(part.varyRules, part.pieces, repeat), ...part.vary.filter((variation) => variation.at === repeat)]
  if (here.length === 0) return part.pieces
  return part.pieces.map((piece) => {
    if (piece.type === 'circuit') return varied(piece, here)
    const change = here.findLast((variation) => variation.id === piece.id && variation.field === 'seconds')
    return change ? { ...piece, seconds: change.value as number } : piece
  })
}

/** The circuit as it is at `lap` (from 0): its own variations stand over those of the part's repeat. */
export function circuitAtLap(circuit: Circuit, lap: number): Circuit {
  const here = [...ruledAt(circuit.varyRules, [circuit], lap), ...circuit.vary.filter((variation) => variation.at === lap)]
  return here.length === 0 ? circuit : varied(circuit, here)
}

function varied(circuit: Circuit, variations: Variation[]): Circuit {
  const variationsOf = (id: string) => variations.filter((variation) => variation.id === id)
  const own = variationsOf(circuit.id)
  const transition = own.findLast((variation) => variation.field === 'transitionSeconds')
  return {
    ...circuit,
    transition: transition ? { ...circuit.transition, seconds: transition.value } : circuit.transition,
    stay: overridden(
      circuit.stay,
      own.filter((variation) => variation.field !== 'transitionSeconds'),
    ),
    stations: circuit.stations.map((station): Station => ({
      ...station,
      stay: station.stay && overridden(station.stay, variationsOf(station.id)),
      uses: station.uses.map((use) => overridden(use, variationsOf(use.id))),
    })),
  }
}

// The schema has checked that each field belongs to what it changes.
function overridden<T extends Stay | Use>(base: T, variations: Variation[]): T {
  if (variations.length === 0) return base
  return { ...base, ...Object.fromEntries(variations.map((variation) => [variation.field, variation.value])) }
}
