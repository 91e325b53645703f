import { limits } from '../base/limits'
import type { Circuit, Intervals, Plan, Station, Task } from '../plan/plan'
import { lapsOf, turnsOf, turnsPerLap, wavesOf } from '../plan/turns'
import { circuitAtLap, piecesAtRepeat } from '../plan/vary'
import { failure, problem, success, type Problem, type Result } from '../base/result'
import { formatSeconds, type Seconds } from '../base/units'
import { settleBreaks, type PhaseDraft, type Pending } from './breaks'
import { commonPaces, finishSeconds, ledRungSeconds, type Estimate, type Paces } from '../pace/pace'
import type { Phase, Place, Timeline } from './phase'

/**
 * The plan as phases from 0 to its total, without a hole or an overlap.
 *
 * Fails with `tooLong` beyond 6 h, `overWindow` when a circuit does not fit its own window, and `overWave` when what a wave does
 * meanwhile takes longer than the stations. Self-paced lists without a cap take as long as `paces` say.
 */
export function compileTimeline(plan: Plan, paces: Paces = commonPaces): Result<Timeline> {
  const whole = phasesOf(plan, paces, () => true)
  if (!whole.ok) return whole
  const { phases, meanwhile } = whole.value
  const total = endOf(phases)
  const timeline = { phases, meanwhile, total, ...rangeOfTotal(phases, total) }
  if (!plan.parts.some((part) => part.optional)) return success({ ...timeline, totalWithoutOptional: total })
  const required = phasesOf(plan, paces, (part) => !part.optional)
  return required.ok ? success({ ...timeline, totalWithoutOptional: endOf(required.value.phases) }) : required
}

const endOf = (phases: Phase[]): Seconds => {
  const last = phases.at(-1)
  return last ? last.start + last.seconds : 0
}

/**
 * Work never merges with anything, so the ends of the estimates simply add up; but in a window, where its unplanned rest gives way
 * until there is none left.
 */
function rangeOfTotal(phases: Phase[], total: Seconds): { range?: Estimate } {
  const open = phases.filter((phase) => phase.selfPaced?.open)
  if (open.length === 0) return {}
  const by = new Map<string, { low: number; high: number; left: Seconds | undefined }>()
  for (const phase of open) {
    const key = `${phase.pieceId}/${phase.repeat}`
    const { low = 0, high = 0 } = by.get(key) ?? {}
    const { low: quick, high: slow } = phase.selfPaced!.open!
    const left = phases.find(({ kind, pieceId, repeat }) => kind === 'unplanned' && pieceId === phase.pieceId && repeat === phase.repeat)
    by.set(key, { low: low + Math.round(quick) - phase.seconds, high: high + Math.round(slow) - phase.seconds, left: left?.seconds })
  }
  const sum = (end: (piece: { low: number; high: number; left: Seconds | undefined }) => number) =>
    total + [...by.values()].reduce((all, piece) => all + end(piece), 0)
  return {
    range: {
      low: sum(({ low, left }) => (left === undefined ? low : 0)),
      typical: total,
      high: sum(({ high, left }) => (left === undefined ? high : Math.max(0, high - left))),
    },
  }
}

type Written = Pick<Timeline, 'phases' | 'meanwhile'>

function phasesOf(plan: Plan, paces: Paces, includes: (part: Plan['parts'][number]) => boolean): Result<Written> {
  const writer = new PhaseWriter()
  try {
    plan.parts.forEach((part, partIndex) => {
      if (!includes(part)) return
      for (let repeat = 0; repeat < part.repeat; repeat++) {
        piecesAtRepeat(part, repeat).forEach((piece, pieceIndex) => {
          const place: Place = { partId: part.id, pieceId: piece.id, repeat, optional: part.optional }
          if (piece.type === 'pause') {
            writer.wait({ type: 'pause', pause: piece.kind, seconds: piece.seconds, moves: false, place })
          } else writeCircuit(writer, piece, paces, place, `parts[${partIndex}].pieces[${pieceIndex}]`)
        })
        if (repeat < part.repeat - 1) {
          const place: Place = { partId: part.id, pieceId: part.pieces.at(-1)!.id, repeat, optional: part.optional }
          writer.wait({ type: 'break', kind: 'rest', seconds: part.restBetweenSeconds, moves: false, place })
        }
      }
    })
    return success(writer.finish())
  } catch (error) {
    if (error instanceof Refusal) return failure(error.problem)
    throw error
  }
}

/** Ends a compilation from deep inside; never leaves this file. */
class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.message)
  }
}

/** Lays phases end to end, holding breaks back until it is known what they merge with. */
class PhaseWriter {
  private phases: Phase[] = []
  private pending: Pending[] = []
  private beside: Phase[] = []

  constructor(private clock: Seconds = 0) {}

  wait(pending: Pending): void {
    this.pending.push(pending)
  }

  work(draft: PhaseDraft): void {
    this.settle()
    this.lay(draft)
  }

  /** Forgets the circuit's breaks that nothing has followed yet. */
  dropBreaksOf(circuit: Circuit): void {
    this.pending = this.pending.filter((waiting) => waiting.type === 'pause' || waiting.place.pieceId !== circuit.id)
  }

  /** Settles what waits and tells the time reached. */
  settle(): Seconds {
    for (const draft of settleBreaks(this.pending)) this.lay(draft)
    this.pending = []
    return this.clock
  }

  /** When the last phase laid so far ends; breaks that still wait are not counted. */
  get reached(): Seconds {
    return this.clock
  }

  layBeside(phases: Phase[]): void {
    for (const phase of phases) this.beside.push({ ...phase, index: this.beside.length })
  }

  finish(): Written {
    this.settle()
    return { phases: this.phases, meanwhile: this.beside }
  }

  private lay(draft: PhaseDraft): void {
    // A draft is made for this alone, so it becomes the phase.
    this.phases.push(Object.assign(draft, { index: this.phases.length, start: this.clock }))
    this.clock += draft.seconds
    if (this.phases.length > limits.phases)
      throw new Refusal(problem('tooMany', `the plan has more than ${limits.phases} phases: fewer laps, sets or repeats`, 'parts'))
    if (this.clock > limits.totalSeconds) {
      throw new Refusal(problem('tooLong', `the plan runs past ${formatSeconds(limits.totalSeconds)}, the most a plan may last`, 'parts'))
    }
  }
}

function writeCircuit(writer: PhaseWriter, base: Circuit, paces: Paces, place: Place, field: string): void {
  const start = base.withinSeconds === undefined ? 0 : writer.settle()
  if (!base.waves) writePass(writer, base, paces, place, 0)
  else {
    for (const wave of [0, 1] as const) {
      const from = writer.settle()
      writePass(writer, base, paces, { ...place, wave }, wave * turnsOf(base))
      writeMeanwhile(writer, base.waves.meanwhile, paces, { ...place, wave }, from, field)
    }
  }
  if (base.lastGap === 'drop') writer.dropBreaksOf(base)
  if (base.withinSeconds !== undefined) fillWindow(writer, base, base.withinSeconds, start, place, field)
}

/** The list of the wave that waits, laid beside the stations from the second `from` on. */
function writeMeanwhile(writer: PhaseWriter, list: Circuit, paces: Paces, place: Place, from: Seconds, field: string): void {
  const beside = new PhaseWriter(from)
  writeCircuit(beside, { ...list, lastGap: 'drop' }, paces, { ...place, pieceId: list.id }, `${field}.waves.meanwhile`)
  const { phases } = beside.finish()
  const over = endOf(phases) - writer.reached
  if (over > 0) {
    const message = `${field}.waves.meanwhile: ${list.name ?? 'the list of the wave that waits'} takes ${formatSeconds(over)} longer than the stations`
    throw new Refusal(problem('overWave', message, `${field}.waves.meanwhile`))
  }
  writer.layBeside(phases)
}

/** Once through the circuit with all its laps; its turns are counted on from `turn`. */
function writePass(writer: PhaseWriter, base: Circuit, paces: Paces, place: Place, firstTurn: number): void {
  const perLap = turnsPerLap(base)
  const stays = turnsOf(base) + firstTurn
  const laps = lapsOf(base)
  let turn = firstTurn
  for (let lap = 0; lap < laps; lap++) {
    const circuit = circuitAtLap(base, lap)
    for (let index = 0; index < perLap && turn < stays; index++, turn++) {
      const station = circuit.travel === 'together' ? circuit.stations[index] : undefined
      if (station?.skipLaps.includes(lap)) continue
      const here: Place = { ...place, lap, turn, ...(station && { station: index }) }
      const stay = station?.stay ?? circuit.stay
      if (stay.kind === 'task') writeTask(writer, stay, station, paces, here)
      else writeStay(writer, circuit, stay, station, here)
      const { seconds, how } = circuit.transition
      const kind = circuit.travel === 'rotate' || how === 'active' ? 'transition' : 'rest'
      writer.wait({ type: 'break', kind, seconds, moves: kind === 'transition' && perLap > 1, place: here })
    }
    // Between two waves as between two laps.
    if (lap < laps - 1 || (place.wave ?? 1) < wavesOf(base) - 1) {
      writer.wait({ type: 'break', kind: 'rest', seconds: circuit.lapRestSeconds, moves: false, place: { ...place, lap } })
    }
  }
}

/** Writes the stay's intervals, each set with its breaks. */
function writeStay(writer: PhaseWriter, circuit: Circuit, stay: Intervals, station: Station | undefined, place: Place): void {
  for (let set = 0; set < stay.sets; set++) {
    stay.workSeconds.forEach((seconds, position) => {
      const uses = station ? [station.uses[position]] : circuit.stations.map((station) => station.uses[position])
      const here: Place = { ...place, set, position }
      const ownIntervals = station !== undefined && uses[0]?.sides === 'ownInterval'
      const byLap = station !== undefined && uses[0]?.sides === 'byLap'
      const changes = uses.some((use) => use?.sides === 'half') || circuit.pairs === 'halfEach'
      const draft: PhaseDraft = { ...here, kind: 'work', seconds, moves: false }
      // Half of an odd number: the longer half first.
      if (changes && seconds > 1) draft.changeAt = Math.ceil(seconds / 2)
      if (byLap) draft.side = ((place.lap ?? 0) % 2) as 0 | 1
      if (circuit.pairs === 'inTurns') draft.partner = partnerAt(stay, here, set * stay.workSeconds.length + position, turnsPerLap(circuit))
      for (const side of ownIntervals ? ([0, 1] as const) : [undefined]) {
        writer.work(side === undefined ? draft : { ...draft, side })
        writer.wait({ type: 'break', kind: 'rest', seconds: stay.gapSeconds, moves: false, place: here })
      }
    })
    writer.wait({ type: 'break', kind: 'rest', seconds: stay.setRestSeconds, moves: false, place: { ...place, set } })
  }
}

/**
 * Partners who take turns change with every interval of a stay. Where a stay has an odd number of them, who begins changes with
 * every stay and every lap too, so that in two laps both work at every station.
 */
function partnerAt(stay: Intervals, place: Place, interval: number, perLap: number): 0 | 1 {
  const odd = (stay.workSeconds.length * stay.sets) % 2 === 1
  return ((interval + (odd ? ((place.turn ?? 0) % perLap) + (place.lap ?? 0) : 0)) % 2) as 0 | 1
}

/**
 * A self-paced list is one phase: of its cap, or, when it is open, of the typical time to finish it. A ladder that the room climbs
 * together is a phase for each rung.
 */
function writeTask(writer: PhaseWriter, stay: Task, station: Station | undefined, paces: Paces, place: Place): void {
  if (stay.rungs && stay.rungClock && station) return writeLedRungs(writer, stay, stay.rungs, station, place)
  if (stay.goal === 'cap' || !station) {
    writer.work({ ...place, kind: 'work', seconds: stay.capSeconds!, moves: false, selfPaced: {} })
    return
  }
  const { low, typical, high } = finishSeconds(stay, station.uses, paces)
  const within = (seconds: number) => Math.max(1, Math.min(stay.capSeconds ?? Infinity, Math.round(seconds)))
  const open: Estimate = { low: within(low), typical: within(typical), high: within(high) }
  writer.work({
    ...place,
    kind: 'work',
    seconds: open.typical,
    moves: false,
    selfPaced: { open, ...(stay.capSeconds !== undefined && { capSeconds: stay.capSeconds }) },
  })
}

/** Each rung as long as it is set, or open, with what the calls take; between two the rest. */
function writeLedRungs(writer: PhaseWriter, stay: Task, rungs: readonly number[], { uses }: Station, place: Place): void {
  rungs.forEach((reps, rung) => {
    const here: Place = { ...place, rung }
    const { low, typical, high } = ledRungSeconds(stay, uses, rung)
    const [least, seconds, most] = [low, typical, high].map((end) => Math.max(1, Math.round(end))) as [number, number, number]
    const selfPaced = stay.rungClock?.seconds === undefined ? { open: { low: least, typical: seconds, high: most } } : {}
    writer.work({ ...here, kind: 'work', seconds, moves: false, reps, selfPaced })
    if (rung < rungs.length - 1) writer.wait({ type: 'break', kind: 'rest', seconds: stay.rungRestSeconds, moves: false, place: here })
  })
}

function fillWindow(writer: PhaseWriter, circuit: Circuit, windowSeconds: Seconds, start: Seconds, place: Place, field: string): void {
  const used = writer.settle() - start
  if (used > windowSeconds) {
    const message = `${field}.withinSeconds: ${circuit.name ?? 'the circuit'} takes ${formatSeconds(used)}, more than its window of ${formatSeconds(windowSeconds)}`
    throw new Refusal(problem('overWindow', message, `${field}.withinSeconds`))
  }
  if (used < windowSeconds) writer.work({ ...place, kind: 'unplanned', seconds: windowSeconds - used, moves: false })
}
