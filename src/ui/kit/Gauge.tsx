import styles from './gauge.module.css'

interface GaugeProps {
  /** What it comes to, from one figure to another where it is a range. */
  from?: number
  to: number
  /** What it is measured against, or what is usual. */
  mark: number
  /** The full length of each in a table, so that they can be compared. */
  most: number
}

/** Beside figures that say the same: a length, and a mark on it. */
export function Gauge({ from = 0, to, mark, most }: GaugeProps) {
  const share = (value: number) => `${(100 * Math.min(value, most)) / Math.max(most, 1)}%`
  return (
    <span className={styles.gauge} aria-hidden>
      <span
        className={styles.bar}
        data-over={(from === 0 && to > mark) || undefined}
        style={{ left: share(from), width: share(to - from) }}
      />
      <span className={styles.mark} style={{ left: share(mark) }} />
    </span>
  )
}
