import { dayKey } from '../../core/base/calendar/zoned'
import type { WeightUnit } from '../../core/library/weight'
import { bestsOf } from '../../core/results/bests'
import { figureOf, outcomeWords, spokenOutcome } from '../../core/results/words'
import { loadDays, loadOverTime } from '../../core/trends/load-over-time'
import type { PersonTold, ShownBest } from '../../core/trends/person-told'
import type { InHall } from '../db/in-hall'
import { audit } from '../services/audit'
import { ownHall } from '../services/halls'
import { roster } from '../services/library'
import { attendedBy, exercisesOf, limitsOver, partnersOf, resultsBy, timesAttended } from '../services/person-record'
import { recordLatest } from '../services/records'

const shown = { attended: 30, bests: 25, recentDays: 90, partnerDays: 365, stripDays: 182 } as const

const dayMs = 86_400_000

/** Looked at by a coach, which is noted: it tells what somebody goes easy on. */
export async function personPage(hall: InHall, personId: string): Promise<PersonTold> {
  const { document: person } = await roster.find(hall, personId)
  await audit(hall, 'limitsSeen', { personId })
  await recordLatest(hall)
  const { figures, timeZone } = await ownHall(hall)
  const unit = figures.weightUnit ?? 'kg'
  const recent = { since: new Date(Date.now() - loadDays * dayMs), least: shown.attended }
  const attended = (await attendedBy(hall, personId, recent)).map((one) => ({
    ...one,
    at: one.at.toISOString(),
    day: dayKey(one.at, timeZone),
  }))
  const today = dayKey(new Date(), timeZone)
  const since = dayKey(Date.now() - shown.stripDays * dayMs, timeZone)
  return {
    person: { id: person.id, name: person.name, level: person.level, offBoards: person.offBoards === true },
    attended: attended.slice(0, shown.attended),
    attendedInAll: await timesAttended(hall, personId),
    days: [...new Set(attended.filter(({ day }) => day >= since).map(({ day }) => day))],
    today,
    load: loadOverTime(attended, today),
    bests: await shownBests(hall, personId, unit),
    exercises: await exercisesOf(hall, personId, shown.recentDays),
    partners: await partnersOf(hall, personId, shown.partnerDays),
    limits: await limitsOver(hall, personId),
    unit,
  }
}

/** Somebody's bests, of what they did last first. */
export async function shownBests(hall: InHall, personId: string, unit: WeightUnit, most: number = shown.bests): Promise<ShownBest[]> {
  const bests = bestsOf(await resultsBy(hall, personId)).slice(0, most)
  return bests.map(({ name, measure, lines, option, standard, scaled, best, last, times, points }) => ({
    ...{ name, measure, lines, times },
    how: [option, standard, scaled && 'scaled'].filter(Boolean).join('; '),
    best: { words: spokenOutcome(best.outcome, unit), at: best.at },
    last: { words: spokenOutcome(last.outcome, unit), at: last.at },
    points: points.flatMap(({ at, outcome }) => {
      const { value, didNotFinish } = outcome
      if (!value || didNotFinish || value.measure !== measure) return []
      return [{ at, figure: figureOf(value, unit), words: outcomeWords(outcome, unit) }]
    }),
  }))
}
