import { isLead } from '@core/summary/lead'
import look from './lines.module.css'

interface LinesProps {
  lines: readonly string[]
  className: string | undefined
  /** In the order in which they are done. */
  numbered?: boolean
}

/** The items of a list, or the form points of an exercise. What leads others is none of them, and has no mark. */
export function Lines({ lines, className, numbered }: LinesProps) {
  const List = numbered ? 'ol' : 'ul'
  return (
    <List className={`lines ${className}${lines.length > 6 ? ` ${look.isMany}` : ''}`}>
      {lines.map((line, index) => (
        <li key={index} className={isLead(line) ? look.isLead : undefined}>
          {line}
        </li>
      ))}
    </List>
  )
}
