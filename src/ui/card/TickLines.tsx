import { useState } from 'react'
import type { ShownFigure } from '@core/run/screens/shown-figure'
import { isLead } from '@core/summary/lead'
import { FigurePicture } from '../kit/FigurePicture'
import styles from './TickLines.module.css'

interface TickLinesProps {
  lines: readonly string[]
  /** Of each line, where it has one. */
  pictures?: readonly (ShownFigure | undefined)[] | undefined
  of: string
}

/**
 * The items of one's list, to be ticked off; of no consequence but to oneself. `of`: the round they belong to; the next begins with
 * none but those of the opener, which is done once.
 */
export function TickLines({ lines, pictures, of }: TickLinesProps) {
  const [ticked, setTicked] = useState<{ of: string; items: readonly number[] }>({ of, items: [] })
  const opener = lines.findIndex((line, index) => index > 0 && isLead(line))
  const items = ticked.of === of ? ticked.items : ticked.items.filter((item) => item < opener)
  const turn = (index: number) =>
    setTicked({ of, items: items.includes(index) ? items.filter((item) => item !== index) : [...items, index] })
  return (
    <ul className={styles.lines}>
      {lines.map((line, index) =>
        isLead(line) ? (
          <li key={index} className={styles.lead}>
            {line}
          </li>
        ) : (
          <li key={index}>
            <label>
              <input type="checkbox" checked={items.includes(index)} onChange={() => turn(index)} />
              <span>{line}</span>
              {pictures?.[index] && (
                <i className={styles.picture}>
                  <FigurePicture figure={pictures[index].figure} />
                </i>
              )}
            </label>
          </li>
        ),
      )}
    </ul>
  )
}
