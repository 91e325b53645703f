/** The seconds, or minutes and seconds, each digit as wide as the next. */
export function Digits({ digits }: { digits: string }) {
  return (
    <div className={`wall-digits${digits.length > 2 ? ' is-long' : ''}`} data-testid="digits" role="timer" aria-live="off">
      {[...digits].map((digit, index) => (
        <span key={index} className={digit === ':' ? 'wall-colon' : 'wall-digit'}>
          {digit}
        </span>
      ))}
    </div>
  )
}
