import styles from './wall.module.css'
/** The seconds, or minutes and seconds, each digit as wide as the next. */
export function Digits({ digits }: { digits: string }) {
  return (
    <div
      className={`${styles.wallDigits}${digits.length > 2 ? ` ${styles.isLong}` : ''}`}
      data-testid="digits"
      role="timer"
      aria-live="off"
    >
      {[...digits].map((digit, index) => (
        <span key={index} className={digit === ':' ? styles.wallColon : styles.wallDigit}>
          {digit}
        </span>
      ))}
    </div>
  )
}
