import { useElementSize } from '@mantine/hooks'
import { useMemo, type CSSProperties } from 'react'
import type { RoomScreenView, Tile } from '@core/run/screens/room-view'
import { LiveFigure } from '../live/LiveFigure'
import { WayMark } from '../live/WayMark'
import { wallGrid } from '@core/wall/wall-grid'
import styles from './wall.module.css'

interface WayGridProps extends Pick<RoomScreenView, 'onward'> {
  tiles: readonly Tile[]
  /** Whether what is done is done now. */
  moves?: boolean
}

/** Where everyone goes or is, and what is done there: every station with its people, as large as the picture lets them be. */
export function WayGrid({ tiles, onward, moves = false }: WayGridProps) {
  const { ref, width, height } = useElementSize()
  const grid = useMemo(() => (width > 0 && height > 0 ? wallGrid(tiles, width, height) : undefined), [tiles, width, height])
  return (
    <div className={styles.wayRoom} ref={ref}>
      {grid && (
        <div
          className={`${styles.wayGrid}${onward ? ` is-${onward}` : ''}`}
          role="list"
          aria-label="Stations"
          style={
            { '--columns': grid.columns, '--rows': grid.rows, '--head': `${grid.headSize}px`, '--gap': `${grid.gap}px` } as CSSProperties
          }
        >
          {tiles.map((tile, index) => (
            <div className={`${styles.wayTile}${tile.closed ? ` ${styles.isClosed}` : ''}`} role="listitem" key={tile.number}>
              <div className={styles.wayHead}>
                <span className={styles.wayNumber}>{tile.number}</span>
                <span className={styles.wayExercise}>{tile.exercise}</span>
              </div>
              {tile.figure && (
                <div
                  className={grid.pictures[index]!.under ? styles.wayFigureUnder : styles.wayFigure}
                  style={{ top: grid.pictures[index]!.top, height: grid.pictures[index]!.height }}
                >
                  <LiveFigure figure={tile.figure} moves={moves && !tile.coming} />
                </div>
              )}
              {tile.carried && (
                <p className={styles.wayCarried}>
                  {[
                    tile.carried.away.length > 0 && `Away: ${tile.carried.away.join(', ')}`,
                    tile.carried.here.length > 0 && `Here: ${tile.carried.here.join(', ')}`,
                  ]
                    .filter(Boolean)
                    .map((text) => (
                      <span key={String(text)}>{text}</span>
                    ))}
                </p>
              )}
              {tile.coming && tile.people.length > 0 && <span className="visually-hidden">next</span>}
              <div className={styles.wayNames}>
                {grid.names[index]!.map(({ text, size }, person) => (
                  <div
                    key={person}
                    style={{ fontSize: size }}
                    className={!tile.coming && tile.works !== undefined && tile.works !== tile.people[person] ? styles.wayWaits : undefined}
                  >
                    {tile.ways && <WayMark way={tile.ways[person]} />}
                    {text === tile.people[person] ? (
                      text
                    ) : (
                      <>
                        <span aria-hidden>{text}</span>
                        <span className="visually-hidden">{tile.people[person]}</span>
                      </>
                    )}
                    {tile.works !== undefined && tile.works === tile.people[person] && <span className="visually-hidden"> works</span>}
                  </div>
                ))}
              </div>
            </div>
          ))}
        </div>
      )}
    </div>
  )
}
