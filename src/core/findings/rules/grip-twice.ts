import type { Finding } from './finding'
import type { Judged } from '../../class/fix'
import { twiceRunning } from './twice-running'

/** Two stations in a row that tire the grip. */
export const gripTwice = (judged: Judged): Finding[] =>
  twiceRunning(judged, {
    id: 'gripTwice',
    key: (form) => (form.asks.includes('grip') ? 'grip' : undefined),
    what: (_, from, to) => `Grip twice running, ${from} then ${to}`,
    why: 'A tired hand lets go early, and drops what it holds.',
  })
