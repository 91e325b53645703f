import { pacesOf } from '@core/class/compute'
import type { Circuit, Piece, Station } from '@core/plan/plan'
import { itemText, paceText } from '@core/summary/items'
import { pieceName } from '@core/summary/names'
import { piecePhrase } from '@core/summary/sentences'
import { Neighbour, Neighbours } from '../kit/Neighbours'
import { useClass } from './context'

/** A piece of a shape that the number fields cannot say: to be read, not changed. */
export function PieceSummary({ piece }: { piece: Piece }) {
  const { library } = useClass()
  const name = (id: string) => library.exercises.find((each) => each.id === id)?.name ?? id
  return (
    <div>
      <h2>{pieceName(piece)}</h2>
      <p>{piecePhrase(piece)}.</p>
      <p className="second">This piece has a shape of its own, so its numbers are shown and not changed here. It runs, and its people and gear are counted, like any other.</p>
      {piece.type === 'circuit' && (
        <Neighbours label="Stations in order">
          {piece.stations.map((station, index) => (
            <Neighbour key={station.id} number={index + 1}>
              {station.uses.map((use) => (
                <div className={selfPaced(piece, station) ? undefined : 'neighbour-name'} key={use.id}>
                  {selfPaced(piece, station) ? itemText(use, name(use.exerciseId)) : name(use.exerciseId)}
                </div>
              ))}
              <Pace piece={piece} station={station} />
              {station.uses.length === 0 && <div className="second">{station.rest ? 'rest' : 'no exercise yet'}</div>}
            </Neighbour>
          ))}
        </Neighbours>
      )}
    </div>
  )
}

const selfPaced = (circuit: Circuit, station: Station) => (station.stay ?? circuit.stay).kind === 'task'

/** How many rounds, or how long, at the paces of this hall. */
function Pace({ piece, station }: { piece: Circuit; station: Station }) {
  const { library } = useClass()
  const stay = station.stay ?? piece.stay
  if (stay.kind !== 'task' || station.uses.length === 0) return null
  return <div className="second">{paceText(stay, station.uses, pacesOf(library))}</div>
}
