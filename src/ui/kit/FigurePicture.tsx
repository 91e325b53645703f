import { useReducedMotion } from '@mantine/hooks'
import { useEffect, useMemo, useRef } from 'react'
import { cycleOf, poseAt, type TempoFigures } from '@core/figure/cycle'
import type { Figure } from '@core/figure/figure'
import { pictureOf, poseShapes, type Picture } from '@core/figure/shapes'
import type { Shape } from '@core/figure/shape'
import { onEachFrame } from './each-frame'
import { FigureShapes } from './FigureShapes'
import styles from './figure.module.css'

interface FigurePictureProps {
  figure: Figure
  /** The movement in words; a picture that stands beside them says nothing more. */
  label?: string
  /** Seconds a rep, while it moves; and how far into it all it is now, where that is counted elsewhere too. */
  moving?: { repSeconds: number; tempo?: TempoFigures | undefined; into?: number | undefined } | undefined
  className?: string | undefined
}

/** Room round a movement, and the least room, so that small movements are not drawn larger than large ones. */
const around = 4
const least = { width: 112, height: 64 }

function boxOf({ extent: { left, right, top, bottom } }: Picture) {
  const [width, height] = [Math.max(right - left + 2 * around, least.width), Math.max(top - bottom + around, least.height)]
  return { x: (left + right - width) / 2, y: -bottom - height + 1, width, height, floor: [left - around, right + around] as const }
}

/** A movement as a picture: still, its end over its start; or moving, as long as it is asked to and motion is wanted. */
export function FigurePicture({ figure, label, moving, className }: FigurePictureProps) {
  const still = useReducedMotion()
  const moves = moving !== undefined && !still
  const picture = pictureOf(figure)
  const box = boxOf(picture)
  const shapes = useMemo(() => (moves ? poseShapes(figure, figure.poses[0]!) : picture.shapes), [figure, picture, moves])
  const cycle = useMemo(
    () => (moves ? cycleOf(figure, moving.repSeconds, moving.tempo) : undefined),
    // oxlint-disable-next-line react/exhaustive-deps -- by what it is made of, not by the object
    [figure, moves, moving?.repSeconds, moving?.tempo?.join()],
  )
  const drawn = useRef<SVGGElement>(null)
  // When the movement began, by the page's clock: told anew whenever that is.
  const began = useRef(0)
  useEffect(() => {
    if (moving?.into !== undefined) began.current = performance.now() / 1000 - moving.into
  }, [moving?.into])
  useEffect(() => {
    if (!cycle) return undefined
    return onEachFrame((seconds) => draw(drawn.current, movedShapes(figure, cycle, seconds - began.current)))
  }, [figure, cycle])
  return (
    <svg
      className={`${styles.picture} ${className ?? ''}`}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      preserveAspectRatio="xMidYMax meet"
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <FigureShapes shapes={shapes} mirroredAt={figure.mirrored ? 2 * box.x + box.width : undefined} ground={box.floor} drawn={drawn} />
      {cycle?.slowed && (
        <text className={styles.slowed} x={box.x + 1} y={box.y + 7}>
          slower than done
        </text>
      )}
    </svg>
  )
}

/** Of one pose: it breathes, once in four seconds. */
const breath = (seconds: number) => 0.35 * (1 - Math.cos((2 * Math.PI * seconds) / 4))

function movedShapes(figure: Figure, cycle: ReturnType<typeof cycleOf>, seconds: number): Shape[] {
  const pose = poseAt(cycle, seconds)
  return pose ? poseShapes(figure, pose) : poseShapes(figure, figure.poses[0]!, breath(seconds))
}

/** Past React: sixty times a second, only the ways of the lines change. */
function draw(group: SVGGElement | null, shapes: readonly Shape[]): void {
  shapes.forEach(({ d, width }, index) => {
    const path = group?.children[index]
    path?.setAttribute('d', d)
    if (width !== undefined) path?.setAttribute('stroke-width', String(width))
  })
}
