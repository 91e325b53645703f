import { lazily } from './lazily'

/** Charts come when one is shown: what draws them is as large as all the rest. */
export const FiguresChart = lazily(async () => (await import('./FiguresChart')).FiguresChart, 'The chart')
