import { midSentence } from '../../base/mid-sentence'
import { computeClass, type ComputedClass } from '../../class/compute'
import { withPiece, type Fix, type Judged } from '../../class/fix'
import { exchanged } from '../../base/exchanged'
import { otherStarts } from './other-starts'
import { exercisesById } from '../../library/by-id'
import type { ClassDocument } from '../../class/class-document'
import type { Form } from '../../library/form'
import { formOf, formsOf } from '../../library/form'
import { usableIn, type GearKind, type GearSize } from '../../library/gear-kind'
import { everyCircuit } from '../../plan/every-circuit'
import { withExercise } from '../../plan/edit/use'
import type { Circuit, Station, Use } from '../../plan/plan'
import { rotatingCircuits } from '../../plan/turns'
import { isMain } from '../../suggest/main-part'
import { pieceName, stationName } from '../../summary/names'
import { missingIn, type GearLine } from '../count'

/** A change that makes less of the gear short: what is still short of that kind and size afterwards. */
export interface GearFix extends Fix {
  short: number
}

/** More people than this resting at once is another class. */
const mostRestStations = 3

type Size = Pick<GearLine, 'kindId' | 'sizeId'>

const shortIn = ({ gear }: ComputedClass, { kindId, sizeId }: Size): number =>
  gear.lines.find((line) => line.kindId === kindId && line.sizeId === sizeId)?.short ?? 0

type WayOut = (judged: Judged, line: GearLine) => Fix[]

const asList = (fix: Fix | undefined): Fix[] => (fix ? [fix] : [])

/** Ways to make a shortage smaller, those that take longest to look for last. */
const ways: WayOut[] = [
  (judged, line) => asList(broughtAlong(judged, line)),
  takeTurns,
  smallerGroups,
  cappedStations,
  otherForms,
  (judged) => asList(otherStarts(judged)),
  (judged, line) => asList(tradedStations(judged, line)),
  (judged, line) => asList(nearestSize(judged, line)),
]

/**
 * Every way that is known to make a shortage smaller, each computed through and given as soon as it is found. What makes another
 * shortage worse is left out.
 */
export function* gearFixes(judged: Judged, line: GearLine): Generator<GearFix> {
  const { document, computed, library } = judged
  const before = missingIn(computed.gear)
  for (const way of ways) {
    for (const fix of way(judged, line)) {
      const then = computeClass(fix.apply(document), library)
      if (then.problems.length <= computed.problems.length && missingIn(then.gear) < before) yield { ...fix, short: shortIn(then, line) }
    }
  }
}

/** Those that mend most come first. */
export const byMending = (a: Pick<GearFix, 'short'>, b: Pick<GearFix, 'short'>): number => a.short - b.short

const usesKind = (form: Form, kindId: string) => form.gear.some((need) => need.kindId === kindId)

/** The stations at which the kind is used, in all circuits. */
function stationsWith({ document, library }: Judged, kindId: string): { circuit: Circuit; station: Station; index: number }[] {
  const byId = exercisesById(library.exercises)
  return everyCircuit(document.plan).flatMap((circuit) =>
    circuit.stations.flatMap((station, index) =>
      station.uses.some((use) => {
        const exercise = byId.get(use.exerciseId)
        return exercise && usesKind(formOf(exercise, use.optionId), kindId)
      })
        ? [{ circuit, station, index }]
        : [],
    ),
  )
}

const withSize = (document: ClassDocument, personId: string, kindId: string, sizeId: string): ClassDocument => ({
  ...document,
  sizes: { ...document.sizes, [personId]: { ...document.sizes?.[personId], [kindId]: sizeId } },
})

/** The sizes of a kind by how near they are, the lighter of two equally near first. */
function nearestTo(kind: GearKind, sizeId: string): GearSize[] {
  const from = kind.sizes.findIndex((size) => size.id === sizeId)
  const weight = kind.sizes[from]?.kilograms
  const far = (size: GearSize, index: number) =>
    weight !== undefined && size.kilograms !== undefined ? Math.abs(size.kilograms - weight) : Math.abs(index - from)
  return kind.sizes
    .map((size, index) => ({ size, far: far(size, index), index }))
    .filter(({ size }) => size.id !== sizeId && size.owned > 0)
    .sort((a, b) => a.far - b.far || a.index - b.index)
    .map(({ size }) => size)
}

/** As few people as it takes use the nearest size that is free, the newest first: they lose least by a lighter one. */
function nearestSize({ document, computed, library }: Judged, { kindId, sizeId }: GearLine): Fix | undefined {
  const kind = usableIn(library.gear, document.roomId).find((known) => known.id === kindId)
  if (!kind || kind.sizes.length < 2) return undefined
  const order = { newcomer: 0, regular: 1, trained: 2 } as const
  const people = [...computed.people].sort((a, b) => order[a.level] - order[b.level])
  let now = document
  let missing = missingIn(computed.gear)
  const moved: { name: string; label: string }[] = []
  for (const person of people) {
    if (shortIn(computeClass(now, library), { kindId, sizeId }) === 0) break
    for (const size of nearestTo(kind, sizeId).slice(0, 2)) {
      const next = withSize(now, person.id, kindId, size.id)
      const then = missingIn(computeClass(next, library).gear)
      if (then >= missing) continue
      now = next
      missing = then
      moved.push({ name: person.name, label: size.label })
      break
    }
  }
  if (moved.length === 0) return undefined
  const words = [...new Set(moved.map(({ label }) => label))].map(
    (label) =>
      `${label} for ${moved
        .filter((known) => known.label === label)
        .map(({ name }) => name)
        .join(', ')}`,
  )
  const { sizes } = now
  return { label: `Nearest size: ${words.join('; ')}`, apply: (on) => ({ ...on, sizes }) }
}

/** Partners share one set by taking turns. */
function takeTurns(judged: Judged, { kindId }: GearLine): Fix[] {
  if (!judged.computed.groups.some((group) => group.length > 1)) return []
  const circuits = new Set(
    stationsWith(judged, kindId).flatMap(({ circuit }) => (circuit.pairs === 'both' && circuit.stay.kind === 'intervals' ? [circuit] : [])),
  )
  return [...circuits].map((circuit) => ({
    label: `${pieceName(circuit)}: partners take turns, with one set`,
    apply: (on) => withPiece(on, circuit, { pairs: 'inTurns' }),
  }))
}

/** Fewer at a station at once. */
function smallerGroups({ document, computed }: Judged): Fix[] {
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  const sizes = [
    ...(largest > 3 ? (['trios'] as const) : []),
    ...(largest > 2 ? (['pairs'] as const) : []),
    ...(largest > 1 ? (['solo'] as const) : []),
  ]
  return sizes.map((groupSize) => ({
    label: `Smaller groups: ${groupSize}`,
    apply: (on) => {
      const { arranged: _, ...rest } = on
      return { ...rest, groupSize, plan: document.plan }
    },
  }))
}

/** At most so many at every station: the groups are smaller, and those for whom there is no station left rest in turn. */
function cappedStations({ document, computed, newId }: Judged): Fix[] {
  const people = computed.groups.flat().length
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  const rotating = rotatingCircuits(document.plan)
  if (rotating.length === 0) return []
  const caps = (
    [
      ['trios', 3],
      ['pairs', 2],
      ['solo', 1],
    ] as const
  ).filter(([, most]) => most < largest)
  return caps.flatMap(([groupSize, most]): Fix[] => {
    // The last of an uneven number would join a group: it has one of its own, so that nobody is over the cap.
    const groups = Math.ceil(people / most)
    const more = Math.max(...rotating.map((circuit) => groups - circuit.stations.length))
    if (more < 1 || more > mostRestStations) return []
    const rests = (circuit: Circuit): Station[] =>
      Array.from({ length: Math.max(0, groups - circuit.stations.length) }, () => ({
        id: newId(),
        uses: [],
        span: 1,
        rest: true,
        skipLaps: [],
      }))
    return [
      {
        label: `At most ${most} at a station, and ${more === 1 ? 'a rest station' : `${more} rest stations`} more`,
        apply: (on) => {
          const { arranged: _, ...rest } = rotating.reduce(
            (now, circuit) => withPiece(now, circuit, { stations: [...circuit.stations, ...rests(circuit)] }),
            on,
          )
          return { ...rest, groupSize }
        },
      },
    ]
  })
}

/** At one station, the same exercise in a form without the kind; where it has none, another of the same region that needs no gear. */
function otherForms(judged: Judged, { kindId }: GearLine): Fix[] {
  const byId = exercisesById(judged.library.exercises)
  // What stands in for missing gear comes first here, before what is easier.
  const rungs = { substitute: 0, easier: 1, harder: 2 } as const
  return stationsWith(judged, kindId).flatMap(({ circuit, station, index }) => {
    const use = station.uses.find((use) => byId.get(use.exerciseId) && usesKind(formOf(byId.get(use.exerciseId)!, use.optionId), kindId))!
    const form = formsOf(byId.get(use.exerciseId)!)
      .filter((form) => form.optionId !== use.optionId && !usesKind(form, kindId))
      .sort((a, b) => (a.rung ? rungs[a.rung] : 0) - (b.rung ? rungs[b.rung] : 0))[0]
    if (!form) return otherExercise(judged, circuit, station, use, index)
    const uses = station.uses.map((known) => (known.id === use.id ? { ...known, optionId: form.optionId } : known))
    return [
      {
        label: `${stationName(circuit, index)}: ${midSentence(form.name)} instead`,
        apply: (on: ClassDocument) =>
          withPiece(on, circuit, { stations: circuit.stations.map((known) => (known.id === station.id ? { ...known, uses } : known)) }),
      },
    ]
  })
}

function otherExercise({ document, library }: Judged, circuit: Circuit, station: Station, use: Use, index: number): Fix[] {
  const region = exercisesById(library.exercises).get(use.exerciseId)?.regions[0]
  const used = new Set(
    everyCircuit(document.plan).flatMap((known) => known.stations.flatMap((one) => one.uses.map((done) => done.exerciseId))),
  )
  const other = library.exercises.find(
    (exercise) => exercise.regions[0] === region && exercise.gear.length === 0 && isMain(exercise) && !used.has(exercise.id),
  )
  if (!other) return []
  const stay = station.stay ?? circuit.stay
  const uses = station.uses.map((known): Use => (known.id === use.id ? withExercise(known, other, stay) : known))
  return [
    {
      label: `${stationName(circuit, index)}: ${midSentence(other.name)} instead`,
      apply: (on) =>
        withPiece(on, circuit, { stations: circuit.stations.map((known) => (known.id === station.id ? { ...known, uses } : known)) }),
    },
  ]
}

/** The one trade of two stations that leaves least missing, where it takes a station that uses the kind elsewhere. */
function tradedStations(judged: Judged, { kindId }: GearLine): Fix | undefined {
  const { document, computed, library } = judged
  const found = stationsWith(judged, kindId).filter(({ circuit }) => circuit.travel === 'rotate' && circuit.stations.length <= 12)
  let best: { missing: number; fix: Fix } | undefined
  for (const { circuit, index } of found) {
    for (let other = 0; other < circuit.stations.length; other++) {
      if (other === index) continue
      const stations = exchanged(circuit.stations, index, other)
      const fix: Fix = {
        label: `Trade ${stationName(circuit, index)} and ${stationName(circuit, other)}`,
        apply: (on) => withPiece(on, circuit, { stations }),
      }
      const missing = missingIn(computeClass(fix.apply(document), library).gear)
      if (missing < (best?.missing ?? missingIn(computed.gear))) best = { missing, fix }
    }
  }
  return best?.fix
}

/** What people can be asked to bring. */
function broughtAlong({ document, library }: Judged, { kindId, kindName }: GearLine): Fix | undefined {
  if (!library.gear.some((kind) => kind.id === kindId && kind.canBring)) return undefined
  return {
    label: `Ask people to bring their own ${midSentence(kindName)}`,
    apply: (on) => ({ ...on, bring: [...new Set([...(document.bring ?? []), kindId])] }),
  }
}
