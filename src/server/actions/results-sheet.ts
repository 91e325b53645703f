import { shownResults, teamWords } from '../../core/results/run-results'
import type { ResultsSheet } from '../../core/results/sheet'
import type { WeightUnit } from '../../core/library/weight'
import type { InHall } from '../db/in-hall'
import { ownHall } from '../services/halls'
import { playedRun, recordRun, type PlayedRun } from '../services/records'
import { before, historyOf, keptIn, offBoards } from '../services/results'
import { unreadableRun } from '../services/runs'
import type { RunRow } from '../services/runs'

/** A run of which something is to be shown or put down; its record is up to date. Refused with 422 where it cannot be read. */
export async function openedRun(hall: InHall, row: RunRow): Promise<PlayedRun> {
  const played = await playedRun(hall, row)
  if (!played) throw unreadableRun()
  await recordRun(hall, row, played)
  return played
}

/** `beside`: with what people did before, and their ranks, which is for coaches. */
export async function resultsSheet(hall: InHall, run: PlayedRun, beside: boolean): Promise<ResultsSheet> {
  const { snapshot, actual, places } = run
  const kept = await keptIn(hall, run.row.id)
  const { figures } = await ownHall(hall)
  const unit = figures.weightUnit ?? 'kg'
  const off = await offBoards(hall)
  const earlier = beside ? await before(hall, kept, new Date(actual.end.startedAt ?? snapshot.startsAt)) : () => []
  const groups = snapshot.groups.filter((ids) => ids.length > 1)
  return {
    places: places.all,
    people: snapshot.people.map(({ id, name }) => ({ id, name, offBoards: off.has(id) })),
    groups,
    results: shownResults({ kept, before: earlier, board: beside && snapshot.scores === true, offBoards: off, unit }),
    totals: totalsIn(groups, kept, unit),
    history: await historyOf(hall, run.row.id),
    unit,
    scores: snapshot.scores === true,
  }
}

function totalsIn(groups: string[][], kept: Awaited<ReturnType<typeof keptIn>>, unit: WeightUnit): ResultsSheet['totals'] {
  const there = new Map(kept.map(({ place, measure }) => [`${place} ${measure}`, { place, measure }]))
  return [...there.values()]
    .map((at) => ({
      ...at,
      words: teamWords(
        groups,
        kept.filter(({ place, measure }) => place === at.place && measure === at.measure),
        unit,
      ),
    }))
    .filter(({ words, measure }) => measure !== 'effort' && words.some((word) => word !== ''))
}
