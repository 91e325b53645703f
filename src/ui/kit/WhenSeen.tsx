import { useIntersection } from '@mantine/hooks'
import { useState, type ReactNode } from 'react'

/** What takes long to draw is drawn once it is scrolled to, and stays; until then its `height` (in px) is kept free. */
export function WhenSeen({ height, children }: { height: number; children: ReactNode }) {
  const [seen, setSeen] = useState(false)
  const { ref, entry } = useIntersection()
  if (entry?.isIntersecting && !seen) setSeen(true)
  return seen ? children : <div ref={ref} style={{ minHeight: height }} />
}
