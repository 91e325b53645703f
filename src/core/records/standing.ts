import { isOwnPace, type Phase } from '../timeline/phase'
import { inSeconds, type Milliseconds } from '../base/units'
import type { Outcome } from '../results/outcome'
import { spokenOutcome } from '../results/words'
import { isCountedInto, type Progress, type Tap } from '../run/clock/progress'
import { markAt, marksOf } from '../run/screens/list-place'
import type { RunSnapshot } from '../run/room/snapshot'
import type { RunState } from '../run/clock/state'

/** What somebody has done of a self-paced phase, as far as it was tapped. */
export interface Standing {
  personId: string
  name: string
  rounds: number
  /** Into the phase: 0, or when they began late. */
  began: Milliseconds
  /** From their own beginning. */
  finished?: Milliseconds
  /** The last tap of theirs, to be taken away. */
  last?: Tap
}

/** Everyone in the self-paced phase that is on, the first first. Nobody outside such a phase. */
export const standings = (
  snapshot: Pick<RunSnapshot, 'people'>,
  { taps }: Pick<Progress, 'taps'>,
  { phase }: Pick<RunState, 'phase'>,
): Standing[] => (isOwnPace(phase) ? standingsIn(snapshot, taps, phase.index) : [])

/** The same as a board that all see has it: without those who want to be on none. */
export function boardOf(
  snapshot: Pick<RunSnapshot, 'people'>,
  progress: Pick<Progress, 'taps'>,
  state: Pick<RunState, 'phase'>,
): Standing[] {
  const off = new Set(snapshot.people.filter(({ offBoards }) => offBoards).map(({ id }) => id))
  return standings(snapshot, progress, state).filter(({ personId }) => !off.has(personId))
}

/** The part at everyone's own pace that is on, or else the last that was; one that is only counted into is not on yet. */
export function listThatWas(state: Pick<RunState, 'status' | 'phase' | 'timeline' | 'countIn' | 'elapsed'>): Phase | undefined {
  if (state.status === 'ready') return undefined
  return state.timeline.phases.slice(0, state.phase.index + (isCountedInto(state) ? 0 : 1)).findLast(isOwnPace)
}

/** Everyone in a phase, the first first: who has finished by time, then by rounds. */
export function standingsIn({ people }: Pick<RunSnapshot, 'people'>, taps: readonly Tap[], phase: number): Standing[] {
  const here = taps.filter((tap) => tap.phase === phase)
  return people
    .map((person) =>
      standingOf(
        person,
        here.filter((tap) => tap.personIds.includes(person.id)),
      ),
    )
    .sort(
      (a, b) =>
        (a.finished ?? Infinity) - (b.finished ?? Infinity) ||
        b.rounds - a.rounds ||
        (a.last?.elapsed ?? Infinity) - (b.last?.elapsed ?? Infinity) ||
        a.name.localeCompare(b.name),
    )
}

function standingOf({ id, name }: { id: string; name: string }, taps: readonly Tap[]): Standing {
  const began = taps.findLast((tap) => tap.what === 'start')?.elapsed ?? 0
  const end = taps.findLast((tap) => tap.what === 'finish')
  const last = taps.at(-1)
  return {
    personId: id,
    name,
    rounds: taps.filter((tap) => tap.what === 'round').length,
    began,
    ...(end && { finished: end.elapsed - began }),
    ...(last && { last }),
  }
}

/** What was tapped of somebody: the time, to the tenth, else the rounds; nothing before the first of them. */
export function outcomeOf({ finished, rounds, began }: Standing): Outcome | undefined {
  const late = began > 0 ? { lateTenths: Math.max(1, Math.round(began / 100)) } : {}
  if (finished !== undefined) return { value: { measure: 'time', tenths: Math.max(1, Math.round(finished / 100)) }, ...late }
  return rounds > 0 ? { value: { measure: 'rounds', rounds, reps: 0 }, ...late } : undefined
}

/** The same in words, without when they began, which screens show by itself. */
export function doneWords(standing: Standing): string {
  const { value } = outcomeOf(standing) ?? {}
  return value ? spokenOutcome({ value }) : ''
}

/** Whether everyone in the phase has been tapped as done. */
export const allFinished = (list: readonly Standing[]): boolean =>
  list.length > 0 && list.every((standing) => standing.finished !== undefined)

/** Where people probably are in the list that is on, without taps: most of them, the quick and the slow. Empty where nothing is known. */
export function probablyWords(snapshot: RunSnapshot, state: RunState): string {
  const marks = marksOf(snapshot, state)
  if (!marks) return ''
  const second = inSeconds(state.elapsed)
  const words = (end: keyof typeof marks) => {
    const mark = markAt(marks[end], second)
    if (!mark) return ''
    if (mark.done) return 'done'
    const item = `item ${mark.item + 1}`
    return mark.round === undefined ? item : `round ${mark.round + 1}, ${item}`
  }
  const [most, quick, slow] = [words('typical'), words('low'), words('high')]
  if (quick === slow) return `Probably now: ${most}.`
  return `Probably now: most at ${most}; the quick ${quick === 'done' ? 'are done' : `at ${quick}`}, the slow at ${slow}.`
}
