import type { Exercise } from '../library/exercise'
import type { NewId } from '../plan/edit/make'
import type { Plan } from '../plan/plan'
import { keepIds } from './keep-ids'
import { readText, type TextReading } from './read'

/** Reads a text over and over as it is typed: what did not change since the last time keeps its ids. */
export function rereading(exercises: readonly Exercise[], newId: NewId): (text: string) => TextReading {
  let before: Plan | undefined
  return (text) => {
    const reading = readText(text, exercises, newId)
    before = before ? keepIds(before, reading.plan) : reading.plan
    return { ...reading, plan: before }
  }
}
