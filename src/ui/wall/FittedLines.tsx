import { useElementSize } from '@mantine/hooks'
import { listSize } from '@core/wall/list-size'
import { Lines } from '../live/Lines'
import styles from './Together.module.css'

/** A list as large as the room that is left lets it be. */
export function FittedLines({ lines }: { lines: readonly string[] }) {
  const { ref, width, height } = useElementSize()
  // On an upright picture a list may be as large as its width allows.
  const most = Math.max(height / 5, width / 14)
  return (
    <div ref={ref} className={styles.fitted}>
      {height > 0 && (
        <div style={{ fontSize: listSize(lines, width, height, most) }}>
          <Lines className={styles.list} lines={lines} numbered />
        </div>
      )}
    </div>
  )
}
