import type { WayRound } from '@core/run/screens/ways-round'

const shapes: Record<WayRound, string> = {
  up: 'M5 1 9.6 9H.4z',
  down: 'M5 9 .4 1h9.2z',
  stays: 'M2 2h6v6H2z',
}

export const wayWords: Record<WayRound, string> = {
  up: 'goes up the numbers',
  down: 'goes down the numbers',
  stays: 'stays here',
}

/** Which way somebody goes next, as large as a capital beside it. */
export function WayMark({ way }: { way: WayRound | undefined }) {
  return (
    <svg viewBox="0 0 10 10" width="0.5em" height="0.5em" role="img" aria-label={way ? wayWords[way] : undefined} aria-hidden={!way}>
      {way && <path d={shapes[way]} fill="currentColor" />}
    </svg>
  )
}
