import type { CSSProperties, ReactNode, Ref } from 'react'
import neighbours from './neighbours.module.css'

/** The row of neighbours: stations as tiles, each notched towards the one its group goes to next. */
export function Neighbours({ label, wide = false, children }: { label: string; wide?: boolean; children: ReactNode }) {
  return (
    <div className={`${neighbours.neighbours}${wide ? ` ${neighbours.isWide}` : ''}`} role="list" aria-label={label}>
      {children}
    </div>
  )
}

interface NeighbourProps {
  number: number
  name?: ReactNode
  children?: ReactNode
  label?: string
  /** Stands in the place of the number, such as a handle to drag the tile by. */
  handle?: ReactNode
  chosen?: boolean
  tileRef?: Ref<HTMLDivElement>
  style?: CSSProperties | undefined
}

export function Neighbour({ number, name, children, label, handle, chosen, tileRef, style }: NeighbourProps) {
  return (
    <div
      ref={tileRef}
      style={style}
      className={`neighbour${number === 1 ? ` ${neighbours.isFirst}` : ''}${chosen ? ` ${neighbours.isChosen}` : ''}`}
      role="listitem"
      aria-label={label}
    >
      {handle ?? <div className={neighbours.neighbourNumber}>{number}</div>}
      {name && <div className="neighbour-name">{name}</div>}
      {children}
    </div>
  )
}
