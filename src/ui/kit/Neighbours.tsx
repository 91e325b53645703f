import type { ReactNode } from 'react'
import './neighbours.css'

/** The row of neighbours: stations as tiles, each notched towards the one its group goes to next. */
export function Neighbours({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="neighbours" role="list" aria-label={label}>
      {children}
    </div>
  )
}

interface NeighbourProps {
  number: number
  name?: ReactNode
  children?: ReactNode
  label?: string
}

export function Neighbour({ number, name, children, label }: NeighbourProps) {
  return (
    <div className={`neighbour${number === 1 ? ' is-first' : ''}`} role="listitem" aria-label={label}>
      <div className="neighbour-number">{number}</div>
      {name && <div className="neighbour-name">{name}</div>}
      {children}
    </div>
  )
}
