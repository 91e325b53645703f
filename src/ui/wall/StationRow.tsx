import type { CSSProperties } from 'react'
import type { Tile } from '@core/run/screens/room-view'

interface StationRowProps {
  tiles: readonly Tile[]
  /** With the form points of each. */
  withPoints: boolean
}

/** How many stand in a row, in as few rows of at most `most` as there must be, all alike. */
const inRows = (count: number, most: number) => Math.ceil(count / Math.ceil(count / most))

/** The stations in order, for people close by. */
export function StationRow({ tiles, withPoints }: StationRowProps) {
  return (
    <div
      className="wall-row"
      role="list"
      aria-label="Stations"
      style={{ '--tiles': inRows(tiles.length, 10), '--upright': inRows(tiles.length, 4) } as CSSProperties}
    >
      {tiles.map((tile) => (
        <div
          className={`wall-tile${tile.number === 1 ? ' is-first' : ''}${tile.closed ? ' is-closed' : ''}`}
          role="listitem"
          key={tile.number}
        >
          <div className="wall-tile-number">{tile.number}</div>
          <div className="wall-tile-name">{tile.exercise}</div>
          {withPoints && tile.points.length > 0 && (
            <ul className="wall-tile-points">
              {tile.points.map((point) => (
                <li key={point}>{point}</li>
              ))}
            </ul>
          )}
          <div className="wall-tile-people">
            {tile.coming && tile.people.length > 0 && <small>coming in</small>}
            {tile.people.map((name, index) => (
              <div key={index}>{name === tile.works ? <b>{name} works</b> : name}</div>
            ))}
          </div>
        </div>
      ))}
    </div>
  )
}
