import { pieceName } from '../../summary/names'
import { circuitsOf, commonPractice, exerciseOf, type Finding, type Judged } from '../finding'

/** Two stations in a row that load the same region first; the loop closes, so the last and the first are neighbours too. */
export function regionTwice({ document, library }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit): Finding[] => {
    const count = circuit.stations.length
    if (circuit.travel !== 'rotate' || count < 3) return []
    const regions = circuit.stations.map((station) => exerciseOf(library, station)?.regions[0])
    const pairs = regions.flatMap((region, index) => (region && region === regions[(index + 1) % count] ? [{ region, from: index + 1, to: ((index + 1) % count) + 1 }] : []))
    if (pairs.length === 0) {
      return regions.every(Boolean) ? [{ id: `regionTwice-${circuit.id}`, severity: 'fine', what: `Regions alternate in ${pieceName(circuit)}`, why: '', pieceId: circuit.id }] : []
    }
    return pairs.map(({ region, from, to }) => ({
      id: `regionTwice-${circuit.id}-${from}`,
      severity: 'weigh',
      what: `${region.charAt(0).toUpperCase()}${region.slice(1)} twice running, ${from} then ${to}`,
      why: 'The second station gets tired muscles. Put another region between.',
      source: commonPractice,
      pieceId: circuit.id,
    }))
  })
}
