import type { ResultPlace } from '../../core/results/sheet'
import type { OwnResults } from '../../core/trends/own-results'
import type { OwnResult } from '../../core/results/put-down'
import { outcomeWords } from '../../core/results/words'
import type { InHall } from '../db/in-hall'
import { refuse } from '../refused'
import { claimsOf } from '../services/claims'
import { ownHall } from '../services/halls'
import { historyOf, keptIn, putDown } from '../services/results'
import { findRow } from '../services/runs'
import { shownBests } from './person-page'
import { openedRun } from './results-sheet'

const bestsShown = 6

export async function ownResults(hall: InHall, runId: string, personId: string, device: string): Promise<OwnResults> {
  const run = await openedRun(hall, await findRow(hall, runId))
  const allowed = run.snapshot.ownTaps === true
  const { figures } = await ownHall(hall)
  const unit = figures.weightUnit ?? 'kg'
  if (!allowed) return { allowed, places: [], bests: [], unit }
  const kept = (await keptIn(hall, runId)).filter((one) => one.personId === personId)
  const lines = (await historyOf(hall, runId)).filter((line) => line.personId === personId)
  const at = <One extends { place: string; measure: string }>(all: readonly One[], { place, measure }: ResultPlace) =>
    all.findLast((one) => one.place === place && one.measure === measure)
  const claimed = device !== '' && (await claimsOf(hall, runId)).get(personId) === device
  return {
    allowed,
    places: run.places.all
      .filter(({ measure }) => measure !== 'load' && measure !== 'reps')
      .map((place) => {
        const done = at(kept, place)
        return { ...place, words: done ? outcomeWords(done.outcome, unit) : '', before: at(lines, place)?.id ?? '' }
      }),
    bests: claimed
      ? (await shownBests(hall, personId, unit, bestsShown)).map(({ name, how, best, times }) => ({ name, how, best, times }))
      : [],
    unit,
  }
}

export async function putDownOwn(hall: InHall, runId: string, personId: string, cell: OwnResult): Promise<void> {
  const run = await openedRun(hall, await findRow(hall, runId))
  const person = run.snapshot.people.find(({ id }) => id === personId)
  if (!run.snapshot.ownTaps || !person) throw refuse('stale', 'notYours', 'In this class the coach puts down what people have done.')
  await putDown(hall, run, { cells: [{ ...cell, personId }] }, person.name)
}
