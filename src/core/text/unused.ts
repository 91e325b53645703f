import type { Circuit } from '../plan/plan'
import type { Draft } from './draft'
import type { Makings } from './makings'

const ofLists = 'only a list has that'
const ofClock = 'only work by the clock has that'
const saysLonger = 'other figures say how long it is'

/** Figures that one kind of circuit cannot hold, and why. */
const unheld: Record<'list' | 'clock', Partial<Record<keyof Draft, string>>> = {
  list: { sets: ofClock, after: ofClock, gap: ofClock, countedTimes: ofClock, eachSide: ofClock, total: saysLonger },
  clock: { aim: ofLists, opener: ofLists, rungRest: ofLists, rungTime: ofLists, led: ofLists },
}

/** Tells the figures that a circuit could not take. */
export function refuseUnused(
  draft: Draft,
  { stay, stations, turns, laps, transition }: Pick<Circuit, 'stay' | 'stations' | 'turns' | 'laps' | 'transition'>,
  { refuse }: Pick<Makings, 'refuse'>,
): void {
  const list = stay.kind === 'task'
  const breaks = [transition.seconds, stay.kind === 'intervals' ? stay.gapSeconds : 0]
  const others = (count: number | undefined) =>
    count !== undefined && count !== stations.length && `there ${stations.length === 1 ? 'is' : 'are'} ${stations.length}`
  const why: Partial<Record<keyof Draft, string | false>> = {
    stations: others(draft.stations),
    exercises: others(draft.exercises),
    off: draft.off && !breaks.includes(draft.off.seconds) && 'there is no such break in it',
    ...unheld[list ? 'list' : 'clock'],
    ...(list && {
      work: (draft.cap !== undefined && saysLonger) || ((draft.work?.length ?? 0) > 1 && 'a list has one length'),
      perPlace: stations.some(({ rest, uses }) => !rest && uses.length !== draft.perPlace) && 'there are other exercises',
      goal: draft.goal === 'rounds' && stay.goal !== 'cap' && 'how long, is not said',
      opener: stay.openerCount !== draft.opener && 'the list has no more than that',
      rungTime: !stay.rungClock && 'a ladder says its rungs, as 10-8-6',
      led: !stay.rungClock && 'a ladder says its rungs, as 10-8-6',
      cap: stay.rungClock !== undefined && 'the room goes from rung to rung',
    }),
    ...(!list && {
      perPlace: stay.kind === 'intervals' && draft.perPlace !== stay.workSeconds.length && 'there are other lengths of work',
      total: (draft.work !== undefined || draft.items.some(({ seconds }) => seconds !== undefined)) && saysLonger,
      countedTimes: draft.countedTimes !== laps && draft.countedTimes !== stations.length && 'there are not so many exercises',
    }),
    ...(turns !== undefined && { laps: 'turns are counted, not laps' }),
  }
  for (const [key, place] of Object.entries(draft.places)) {
    const reason = why[key as keyof Draft]
    if (reason) refuse(place, reason)
  }
}
