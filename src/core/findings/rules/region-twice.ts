import { pieceName } from '../../summary/names'
import { circuitsOf, exerciseOf, type Finding } from './finding'
import { type Judged } from '../../class/fix'
import { twiceRunning } from './twice-running'

/** Two stations in a row that load the same region first. */
export function regionTwice(judged: Judged): Finding[] {
  const found = twiceRunning(judged, {
    id: 'regionTwice',
    key: (form) => form.regions[0],
    what: (region, from, to) => `${region.charAt(0).toUpperCase()}${region.slice(1)} twice running, ${from} then ${to}`,
    why: 'The second station gets tired muscles. Put another region between.',
  })
  const { document, library } = judged
  const fine = circuitsOf(document).filter(
    (circuit) =>
      circuit.travel === 'rotate' &&
      circuit.stations.length >= 3 &&
      !found.some((finding) => finding.pieceId === circuit.id) &&
      circuit.stations.every((station) => exerciseOf(library, station)),
  )
  return [
    ...found,
    ...fine.map((circuit): Finding => ({
      id: `regionTwice-${circuit.id}`,
      severity: 'fine',
      what: `Regions alternate in ${pieceName(circuit)}`,
      why: '',
      pieceId: circuit.id,
    })),
  ]
}
