import { midSentence } from '../base/mid-sentence'
import { formatSeconds, type Seconds } from '../base/units'
import type { Exercise } from '../library/exercise'
import { formsOf } from '../library/form'
import { newUse, starterOf } from '../plan/edit/use'
import type { Circuit, Intervals, Part, Piece, Plan, Station, Stay, Task, Use, Variation, VariationRule } from '../plan/plan'
import { exerciseNames, type FindName, type Named } from './names'
import { pathTo } from './paths'
import { phrasesOf, quoted } from './phrase'

const some = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`

/** Whatever is left out is not said. */
type Words = (string | false | undefined)[]
const joined = (words: Words, mark = ', ') => words.filter((word): word is string => Boolean(word)).join(mark)

/**
 * A plan as text, as somebody would write it on a board: a line a piece, its exercises below. Read back it is the same plan but for
 * its ids, whatever is in it.
 */
export const planText = (plan: Plan, exercises: readonly Exercise[]): string => new Writer(exercises).plan(plan)

class Writer {
  private readonly find: FindName

  constructor(private readonly exercises: readonly Exercise[]) {
    this.find = exerciseNames(exercises)
  }

  plan({ name, slotSeconds, parts }: Plan): string {
    const lines = parts.flatMap((part, index) => this.part(part, index === 0))
    return [`${quoted(name)}, ${formatSeconds(slotSeconds)}`, ...lines].join('\n')
  }

  private part(part: Part, first: boolean): string[] {
    const head = partHead(part, first)
    const pieces = part.pieces.flatMap((piece) => (piece.type === 'pause' ? [pauseLine(piece)] : this.circuit(piece)))
    return [...(head === undefined ? [] : ['', head]), ...pieces, ...this.differs(part.pieces, part, 'time')]
  }

  private circuit(circuit: Circuit, meanwhile = false): string[] {
    const { name, stations, waves } = circuit
    const head = `${name === undefined ? '' : `${quoted(name)}: `}${joined(headWords(circuit))}`
    const places =
      circuit.stay.kind === 'task'
        ? stations.flatMap((station, at) => this.list(station, at, circuit))
        : stations.map((station, at) => this.place(station, at, circuit))
    return [
      meanwhile ? `meanwhile, ${head}` : head,
      ...places,
      ...this.differs([circuit], circuit, 'lap'),
      ...(waves ? this.circuit(waves.meanwhile, true) : []),
    ]
  }

  /** "3. squat + plank (at most 2)". */
  private place(station: Station, at: number, circuit: Circuit): string {
    const uses = [...(station.rest ? ['rest'] : []), ...station.uses.map((use) => this.use(use, circuit.stay))]
    return `${at + 1}. ${uses.length === 0 ? '–' : uses.join(' + ')}${aside(station)}`
  }

  /** The items of a list, a line each; under their station, where there are more, or something is said of it. */
  private list(station: Station, at: number, { stations, stay, travel }: Circuit): string[] {
    const about = aside(station)
    const head =
      travel === 'rotate' || stations.length > 1 || about !== '' || station.rest || station.uses.length === 0
        ? [`Station ${at + 1}${about}${station.rest ? ': rest' : ':'}`]
        : []
    return [...head, ...station.uses.map((use) => `- ${this.use(use, stay)}`)]
  }

  private use(use: Use, stay: Stay): string {
    const { reps, seconds, sides, tempo, load, effort, machine, inner, dose = {}, alternatives = [], note } = use
    const onRungs = stay.kind === 'task' && stay.rungs !== undefined
    const timed = stay.kind === 'task' && reps === undefined && seconds !== undefined
    const much = timed ? formatSeconds(seconds) : reps && repsWords(reps)
    const usual = newUse(starterOf(this.exercises, use.exerciseId), stay, () => '').sides
    return joined([
      named(much, this.name(use.exerciseId, use.optionId)),
      !timed && seconds !== undefined && `takes ${formatSeconds(seconds)}`,
      onRungs && !reps && !timed && 'by the rungs',
      load && `${load.kilograms} kg`,
      tempo && tempoWords(tempo),
      sides !== usual && sideWords[sides],
      effort !== undefined && `effort ${quoted(effort)}`,
      machine !== undefined && `machine ${quoted(machine)}`,
      inner && `cycle ${inner.cycle.map(({ count, name }) => `${count} of ${quoted(name)}`).join(' ')}`,
      inner?.aim !== undefined && `aim ${inner.aim} cycles`,
      ...(['newcomer', 'regular', 'trained'] as const).map((level) => dose[level] && `${level} does ${doseWords(dose[level])}`),
      ...alternatives.map(({ exerciseId, optionId, load }) => `or ${ref(exerciseId, optionId)}${load ? ` ${load.kilograms} kg` : ''}`),
      note !== undefined && `note ${quoted(note)}`,
    ])
  }

  /** The name where it reads back as the same form, in quotes where it must, else the ids. */
  private name(exerciseId: string, optionId: string | undefined): string {
    const exercise = this.exercises.find(({ id }) => id === exerciseId)
    const name = exercise && formsOf(exercise).find((form) => form.optionId === optionId)?.name
    if (name === undefined) return ref(exerciseId, optionId)
    const isIt = (found: Named | undefined) => found?.exercise.id === exerciseId && found.optionId === optionId
    const words = phrasesOf(name).map(({ from, to }) => name.slice(from, to))
    const found = this.find(words)
    const whole = isIt(found) && found!.from === 0 && found!.to === words.length
    // After a figure too it has to be no more than its words.
    const plain = ['- ', '- 12 ', '- 0:30 '].every((before) => isPlain(name, before))
    if (whole && plain && !/^rest$/i.test(name)) return midSentence(name)
    return isIt(this.find([name])) ? quoted(name) : ref(exerciseId, optionId)
  }

  private differs(pieces: readonly Piece[], { vary, varyRules = [] }: Pick<Part, 'vary' | 'varyRules'>, unit: 'lap' | 'time'): string[] {
    const way = (id: string) => pathWords(pathTo(pieces, id))
    return [
      ...varyRules.map((rule) => ruleLine(rule, way(rule.id), unit)),
      ...vary.map((variation) => `${unit} ${variation.at + 1}, ${way(variation.id)}: ${this.value(variation)}`),
    ]
  }

  private value(variation: Variation): string {
    switch (variation.field) {
      case 'workSeconds':
        return workWords(variation.value)
      case 'gapSeconds':
        return `${formatSeconds(variation.value)} gap`
      case 'setRestSeconds':
        return `${formatSeconds(variation.value)} after each set`
      case 'transitionSeconds':
        return `${formatSeconds(variation.value)} to move`
      case 'capSeconds':
        return `${formatSeconds(variation.value)} cap`
      case 'openerCount':
        return `first ${variation.value} once`
      case 'rungs':
        return rungWords(variation.value)
      case 'aimRounds':
        return `aim ${some(variation.value, 'round')}`
      case 'exerciseId':
        return ref(variation.value)
      case 'optionId':
        return `option ${ref(variation.value)}`
      case 'seconds':
        return `takes ${formatSeconds(variation.value)}`
      case 'reps':
        return repsWords(variation.value)
      case 'load':
        return `${variation.value.kilograms} kg`
      case 'effort':
      case 'machine':
        return `${variation.field} ${quoted(variation.value)}`
      case 'tempo':
        return tempoWords(variation.value)
      case 'sides':
        return sideWords[variation.value]
    }
  }
}

/** `20 squat`; a figure right before quotes would be inches or seconds. */
const named = (much: string | undefined, name: string) => joined([much, much !== undefined && name.startsWith('"') && 'of', name], ' ')

/** Whether a name that stands after this is words and nothing else. */
function isPlain(name: string, before: string): boolean {
  const phrases = phrasesOf(before + name).filter(({ to }) => to > before.length)
  const kinds = phrases.map(({ kind }) => kind)
  return (
    phrases[0]!.from >= before.length &&
    kinds.every((kind) => kind === 'word' || kind === 'glue') &&
    kinds[0] === 'word' &&
    kinds.at(-1) === 'word'
  )
}

const roleWords = { warmUp: 'Warm-up', main: 'Main', finisher: 'Finisher', coolDown: 'Cool-down' } as const

/** Of the first part nothing is said, where nothing has to be. */
function partHead({ name, role, repeat, restBetweenSeconds, optional }: Part, first: boolean): string | undefined {
  const about = joined([
    joined([role ? roleWords[role] : 'Part', name !== undefined && quoted(name)], ' '),
    repeat > 1 && `${repeat} times`,
    restBetweenSeconds > 0 && `${formatSeconds(restBetweenSeconds)} between times`,
    optional && 'if there is time',
  ])
  return first && about === 'Part' ? undefined : `${about}:`
}

const pauseWords = { brief: 'brief', water: 'water', swap: 'swap', rest: 'rest pause' } as const

const pauseLine = ({ kind, seconds, name, note }: Extract<Piece, { type: 'pause' }>) =>
  joined([
    joined([`${formatSeconds(seconds)} ${pauseWords[kind]}`, name !== undefined && quoted(name)], ' '),
    note !== undefined && `note ${quoted(note)}`,
  ])

function headWords(circuit: Circuit): Words {
  const { travel, stations, stay, transition, laps, turns, lapRestSeconds, pairs, brief, withinSeconds, lastGap } = circuit
  const rotates = travel === 'rotate'
  const inSets = !rotates && stay.kind === 'intervals' && stay.sets > 1
  const off = (seconds: Seconds) => {
    if (transition.how === 'active') return `${formatSeconds(seconds)} to cross`
    if (seconds === 0) return false
    return `${formatSeconds(seconds)} ${rotates ? 'to move' : inSets ? 'between exercises' : 'rest'}`
  }
  return [
    rotates ? some(stations.length, 'station') : `${some(stations.length, 'exercise')}, together`,
    ...stayWords(stay),
    off(transition.seconds),
    transition.note !== undefined && `way ${quoted(transition.note)}`,
    turns === undefined ? some(laps!, 'lap') : some(turns, 'turn'),
    lapRestSeconds > 0 && `${formatSeconds(lapRestSeconds)} between laps`,
    pairs === 'inTurns' && 'in turns',
    pairs === 'halfEach' && 'half each',
    withinSeconds !== undefined && `in a window of ${formatSeconds(withinSeconds)}`,
    lastGap === 'drop' && 'no last break',
    brief && 'explained while they move',
    brief && brief.note !== '' && `told ${quoted(brief.note)}`,
  ]
}

const stayWords = (stay: Stay): Words => (stay.kind === 'intervals' ? intervalWords(stay) : listWords(stay))

const workWords = (seconds: readonly Seconds[]) => `${seconds.map(formatSeconds).join(' + ')} work`

const intervalWords = ({ workSeconds, gapSeconds, sets, setRestSeconds }: Intervals): Words => [
  workWords(workSeconds),
  sets > 1 && `${sets} sets`,
  gapSeconds > 0 && `${formatSeconds(gapSeconds)} gap`,
  setRestSeconds > 0 && `${formatSeconds(setRestSeconds)} after each set`,
]

const rungWords = (rungs: readonly number[]) => `ladder ${rungs.join('-')}${rungs.length === 1 ? ' only' : ''}`

const listWords = ({ goal, capSeconds, openerCount, rungs, rungRestSeconds, rungClock, aimRounds }: Task): Words => [
  goal === 'cap' ? 'for rounds' : 'for time',
  capSeconds !== undefined && `${formatSeconds(capSeconds)} cap`,
  openerCount > 0 && `first ${openerCount} once`,
  rungs && rungWords(rungs),
  rungRestSeconds > 0 && `${formatSeconds(rungRestSeconds)} between rungs`,
  rungClock && 'led',
  rungClock?.seconds !== undefined && `${formatSeconds(rungClock.seconds)} a rung`,
  aimRounds !== undefined && `aim ${some(aimRounds, 'round')}`,
]

/** What is said of a station besides, in brackets. */
function aside({ name, span, skipLaps, spotId, capacity, stay }: Station): string {
  const about = joined([
    name !== undefined && quoted(name),
    span > 1 && `${span} turns long`,
    capacity !== undefined && `at most ${capacity}`,
    spotId !== undefined && `spot #${spotId}`,
    skipLaps.length > 0 && `not on laps ${skipLaps.map((lap) => lap + 1).join(' ')}`,
    ...(stay ? stayWords(stay).map((word) => word && `own ${word}`) : []),
  ])
  return about === '' ? '' : ` (${about})`
}

const ref = (exerciseId: string, optionId?: string) => `#${exerciseId}${optionId === undefined ? '' : `/${optionId}`}`

const countWords = { total: '', eachSide: ' each side', thereAndBack: ' there and back', twoCountsOne: ' two counts as one' } as const

const repsWords = ({ count, most, open, counted }: NonNullable<Use['reps']>) =>
  `${open ? 'max ' : ''}${count}${most === undefined ? '' : `–${most}`}${countWords[counted]}`

const tempoWords = ({ figures, from }: NonNullable<Use['tempo']>) =>
  `tempo ${figures.join('-')}${from === 'bottom' ? ' from the bottom' : ''}`

const sideWords: Record<Use['sides'], string> = {
  none: 'no change of sides',
  half: 'changing sides at the half',
  byLap: 'one side each lap',
  ownInterval: 'an interval for each side',
}

function doseWords({ reps, seconds, rounds, laps, restSeconds }: NonNullable<NonNullable<Use['dose']>['newcomer']>): string {
  return joined(
    [
      reps !== undefined && `${reps} reps`,
      seconds !== undefined && `${seconds} s`,
      rounds !== undefined && `${rounds} rounds`,
      laps !== undefined && `${laps} laps`,
      restSeconds !== undefined && `rest ${restSeconds} s`,
    ],
    ' and ',
  )
}

const pathWords = (path: ReturnType<typeof pathTo>) =>
  !path || path.length === 0 ? 'all of it' : path.map(([step, at]) => `${step} ${at + 1}`).join(' ')

const figureWords = { workSeconds: 'work', gapSeconds: 'gap', setRestSeconds: 'set rest', transitionSeconds: 'move' } as const
const seriesWords = { reps: 'reps', seconds: 'seconds', workSeconds: 'work', capSeconds: 'cap' } as const

const ruleLine = (rule: VariationRule, way: string, unit: 'lap' | 'time') =>
  rule.rule === 'exchange'
    ? `every second ${unit}, ${way}: swap ${rule.fields.map((field) => figureWords[field]).join(' and ')}`
    : `${unit} by ${unit}, ${way}: so many ${seriesWords[rule.field]} ${rule.values.join(' ')}`
