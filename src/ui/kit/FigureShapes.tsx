import type { Ref } from 'react'
import type { Shape } from '@core/figure/shape'
import styles from './figure.module.css'

interface FigureShapesProps {
  shapes: readonly Shape[]
  /** Twice the middle about which it is drawn the other way round. */
  mirroredAt?: number | undefined
  ground: readonly [from: number, to: number]
  drawn?: Ref<SVGGElement>
}

/** What a figure is made of, over the ground, within a picture. */
export const FigureShapes = ({ shapes, mirroredAt, ground, drawn }: FigureShapesProps) => (
  <g className={styles.figure} transform={mirroredAt === undefined ? undefined : `matrix(-1 0 0 1 ${mirroredAt} 0)`}>
    <path data-look="ground" d={`M${ground[0]} 0H${ground[1]}`} />
    <g ref={drawn}>
      {shapes.map((shape, index) => (
        <path key={index} data-look={shape.look} d={shape.d} strokeWidth={shape.width} />
      ))}
    </g>
  </g>
)
