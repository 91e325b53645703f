import { useDrag } from '@use-gesture/react'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import type { Point } from '@core/floor/geometry'
import { floorAt, type StationFloor } from '@core/floor/footprints'
import { featureNames, type Room } from '@core/library/room'
import styles from './floor.module.css'

interface FloorPlanProps {
  room: Room
  floors?: readonly StationFloor[]
  spots?: readonly Point[]
  /** What stands at each station, for its name. */
  names?: readonly string[]
  /** Stations (from 0) that stand where they cannot. */
  wrong?: ReadonlySet<number>
  /** Ways round, each as its corners. */
  ways?: readonly { key: string; corners: Point[]; short: boolean }[]
  onMove?: (station: number, to: Point) => void
}

const grid = 0.25
const snap = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value / grid) * grid))
const arrows: Record<string, Point> = {
  ArrowLeft: { x: -grid, y: 0 },
  ArrowRight: { x: grid, y: 0 },
  ArrowUp: { x: 0, y: -grid },
  ArrowDown: { x: 0, y: grid },
}

/** A name in two lines at most, each of so many letters. */
function linesOf(name: string, letters: number): string[] {
  const lines: string[] = []
  for (const word of name.split(' ').filter(Boolean)) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < letters) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines.slice(0, 2)
}

/** The room to scale, with what stands in it; stations are dragged, or moved by the arrow keys, a quarter of a metre at a time. */
export function FloorPlan({ room, floors = [], spots = [], names = [], wrong = new Set(), ways = [], onMove }: FloorPlanProps) {
  const plan = useRef<SVGSVGElement>(null)
  const [drag, setDrag] = useState<{ station: number; at: Point }>()
  const { lengthMetres, widthMetres } = room
  const clamp = ({ x, y }: Point): Point => ({ x: snap(x, lengthMetres), y: snap(y, widthMetres) })
  const moves = onMove !== undefined
  const dragged = useDrag<PointerEvent>(
    ({ args: [station], movement: [right, down], last, canceled }) => {
      const from = spots[station as number]!
      const { a: pixelsPerMetre } = plan.current!.getScreenCTM()!
      const at = clamp({ x: from.x + right / pixelsPerMetre, y: from.y + down / pixelsPerMetre })
      setDrag(last ? undefined : { station: station as number, at })
      if (last && !canceled && (at.x !== from.x || at.y !== from.y)) onMove?.(station as number, at)
    },
    { enabled: moves },
  )
  // A finger on a station drags it, and elsewhere scrolls: parts of a drawing cannot say so by style.
  useEffect(() => {
    const drawing = plan.current
    if (!drawing || !moves) return
    const hold = (event: TouchEvent) => (event.target as Element).closest('[role=button]') && event.preventDefault()
    drawing.addEventListener('touchstart', hold, { passive: false })
    return () => drawing.removeEventListener('touchstart', hold)
  }, [moves])
  const key = (event: KeyboardEvent, station: number, spot: Point) => {
    const by = arrows[event.key]
    if (!by || !onMove) return
    event.preventDefault()
    const times = event.shiftKey ? 4 : 1
    onMove(station, clamp({ x: spot.x + by.x * times, y: spot.y + by.y * times }))
  }
  const text = Math.min(0.62, Math.max(0.3, lengthMetres / 30))
  return (
    <svg
      ref={plan}
      className={styles.floor}
      viewBox={`-0.3 -0.3 ${lengthMetres + 0.6} ${widthMetres + 0.6}`}
      role="group"
      aria-label={`Plan of ${room.name}`}
    >
      <defs>
        <pattern id="kept-free" width="0.5" height="0.5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line className={styles.floorHatch} x1="0" y1="0" x2="0" y2="0.5" />
        </pattern>
      </defs>
      <rect className={styles.floorRoom} x={0} y={0} width={lengthMetres} height={widthMetres} />
      {(room.features ?? []).map((feature) => (
        <rect
          key={feature.id}
          className={`floor-${feature.kind}`}
          x={feature.x}
          y={feature.y}
          width={feature.lengthMetres}
          height={feature.widthMetres}
        >
          <title>{featureNames[feature.kind]}</title>
        </rect>
      ))}
      {!drag &&
        ways.map((way) => (
          <polyline
            key={way.key}
            className={way.short ? `${styles.floorWay} ${styles.isShort}` : styles.floorWay}
            points={way.corners.map(({ x, y }) => `${x},${y}`).join(' ')}
          />
        ))}
      {floors.map((floor) => {
        const spot = drag?.station === floor.index ? drag.at : spots[floor.index]
        if (!spot) return null
        const rect = floorAt(spot, floor)
        const name = `Station ${floor.index + 1}${names[floor.index] ? `, ${names[floor.index]}` : ''}`
        return (
          <g
            key={floor.index}
            className={`${styles.floorStation}${wrong.has(floor.index) ? ` ${styles.isWrong}` : ''}`}
            tabIndex={moves ? 0 : undefined}
            role={moves ? 'button' : 'img'}
            aria-label={`${name}, ${spot.x} m from the left, ${spot.y} m from the top${moves ? '. Arrow keys move it' : ''}`}
            onKeyDown={(event) => key(event, floor.index, spot)}
            {...dragged(floor.index)}
          >
            <rect x={rect.x} y={rect.y} width={rect.lengthMetres} height={rect.widthMetres} rx={0.12} />
            <text className={styles.floorNumber} x={spot.x} y={spot.y + text * 0.2} fontSize={text * 1.3}>
              {floor.index + 1}
            </text>
            {linesOf(names[floor.index] ?? '', rect.lengthMetres / (text * 0.36)).map((line, at) => (
              <text key={line} className={styles.floorName} x={spot.x} y={spot.y + text * (1 + at * 0.72)} fontSize={text * 0.62}>
                {line}
              </text>
            ))}
            <title>{name}</title>
          </g>
        )
      })}
    </svg>
  )
}
