import type { Finding } from './finding'
import type { Judged } from '../../class/fix'
import { twiceRunning } from './twice-running'

/** Two stations in a row that jump. */
export const impactTwice = (judged: Judged): Finding[] =>
  twiceRunning(judged, {
    id: 'impactTwice',
    key: (form) => (form.impact === 'high' ? 'jumps' : undefined),
    what: (_, from, to) => `Jumps twice running, ${from} then ${to}`,
    why: 'Landings get heavy when legs are tired. Put something with a foot down between.',
  })
