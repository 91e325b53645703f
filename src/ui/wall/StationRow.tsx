import type { CSSProperties } from 'react'
import type { Tile } from '@core/run/screens/room-view'
import { LiveFigure } from '../live/LiveFigure'
import styles from './wall.module.css'

interface StationRowProps {
  tiles: readonly Tile[]
  /** With the form points of each. */
  withPoints: boolean
  /** Whether what is done is done now. */
  moves: boolean
}

/** How many stand in a row, in as few rows of at most `most` as there must be, all alike. */
const inRows = (count: number, most: number) => Math.ceil(count / Math.ceil(count / most))

/** The stations in order, for people close by. */
export function StationRow({ tiles, withPoints, moves }: StationRowProps) {
  return (
    <div
      className={styles.wallRow}
      role="list"
      aria-label="Stations"
      style={{ '--tiles': inRows(tiles.length, 10), '--upright': inRows(tiles.length, 4) } as CSSProperties}
    >
      {tiles.map((tile) => (
        <div
          className={`${styles.wallTile}${tile.number === 1 ? ` ${styles.isFirst}` : ''}${tile.closed ? ` ${styles.isClosed}` : ''}`}
          role="listitem"
          key={tile.number}
        >
          <div className={styles.wallTileNumber}>{tile.number}</div>
          <div className={styles.wallTileName}>{tile.exercise}</div>
          {tile.figure && (
            <div className={styles.wallTileFigure}>
              <LiveFigure figure={tile.figure} moves={moves && !tile.coming} />
            </div>
          )}
          {withPoints && tile.points.length > 0 && (
            <ul className={styles.wallTilePoints}>
              {tile.points.map((point) => (
                <li key={point}>{point}</li>
              ))}
            </ul>
          )}
          <div className={styles.wallTilePeople}>
            {tile.coming && tile.people.length > 0 && <small>next</small>}
            {tile.people.map((name, index) => (
              <div key={index}>{name === tile.works ? <b>{name} works</b> : name}</div>
            ))}
          </div>
        </div>
      ))}
    </div>
  )
}
