import { arrangeAll } from '../src/core/arrange/arrange-all'
import { computeClass, type HallLibrary } from '../src/core/class/compute'
import { judge } from '../src/core/findings/judge'
import { countGear } from '../src/core/gear/count'
import { layOut } from '../src/core/floor/auto-lay'
import { fitToSlot } from '../src/core/fit/fit'
import { starterPlan } from '../src/core/plan/edit/starter'
import type { ClassDocument } from '../src/core/class/class-document'
import { Plan, type Circuit } from '../src/core/plan/plan'
import { libraryExercises } from '../scripts/library/exercises'
import { demoGear } from '../scripts/demo/hall'
import { demoPeople } from '../scripts/demo/people'

/** A 90-minute class: 12 stations, 40 people, a warm-up, seven laps, water and a cool-down. */
function longClass(): ClassDocument {
  const stations = (prefix: string, count: number) =>
    Array.from({ length: count }, (_, index) => ({
      id: `${prefix}${index}`,
      uses: [{ id: `${prefix}${index}u`, exerciseId: libraryExercises[index % libraryExercises.length]!.id }],
    }))
  const plan = Plan.parse({
    id: 'long',
    name: 'Long',
    slotSeconds: 5400,
    parts: [
      {
        id: 'all',
        pieces: [
          {
            id: 'warm',
            type: 'circuit',
            travel: 'together',
            laps: 2,
            stations: stations('w', 6),
            stay: { kind: 'intervals', workSeconds: [40] },
          },
          {
            id: 'main',
            type: 'circuit',
            travel: 'rotate',
            laps: 7,
            lapRestSeconds: 60,
            transition: { seconds: 15 },
            stations: stations('m', 12),
            stay: { kind: 'intervals', workSeconds: [36] },
          },
          { id: 'water', type: 'pause', kind: 'water', seconds: 120 },
          {
            id: 'cool',
            type: 'circuit',
            travel: 'together',
            laps: 1,
            stations: stations('c', 8),
            stay: { kind: 'intervals', workSeconds: [40] },
          },
        ],
      },
    ],
  })
  const walkIns = Array.from({ length: 40 }, (_, index) => ({ ...demoPeople[index % demoPeople.length]!, id: `p${index}` }))
  return {
    name: 'Long',
    startsAt: '2026-01-05T10:00:00Z',
    roomId: 'r',
    plan,
    here: walkIns.map((person) => person.id),
    walkIns,
    groupSize: 'fit',
  }
}

/** So many people in pairs at so many stations, two groups at some of them, with wishes that cost something. */
export function largeClass(people: number, stations: number, prefix = 'q'): ClassDocument {
  const document = longClass()
  const main = circuitOf(document)
  main.stations = Array.from({ length: stations }, (_, index) => ({
    id: `b${index}`,
    uses: [{ id: `b${index}u`, exerciseId: libraryExercises[(index * 3) % libraryExercises.length]!.id, sides: 'none' }],
    span: 1,
    rest: false,
    skipLaps: [],
    capacity: 6,
  }))
  const walkIns = Array.from({ length: people }, (_, index) => ({ ...demoPeople[index % demoPeople.length]!, id: `${prefix}${index}` }))
  return {
    ...document,
    here: walkIns.map((person) => person.id),
    walkIns,
    groupSize: 'pairs',
    wishes: { levels: 'mix', sharedLoads: true, newPartners: 0, together: [], apart: [] },
  }
}

/** All that the library knows, and the demo's gear with so many of each size. */
export const libraryWith = (owned: (had: number) => number): HallLibrary => ({
  people: [],
  exercises: libraryExercises,
  gear: demoGear.map((kind) => ({ ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned: owned(size.owned) })) })),
})

export const circuitOf = (document: ClassDocument) => document.plan.parts[0]!.pieces[1] as Circuit

function arrangedAll(document: ClassDocument): void {
  const steps = arrangeAll({ document, library: { people: [], exercises: libraryExercises, gear: demoGear }, room: undefined, past: [] })
  while (!steps.next().done);
}

/** Median milliseconds of many runs, the first third left out: until then the engine is still at work on the code. */
function timed(runs: number, work: () => unknown): number {
  const times: number[] = []
  for (let run = 0; run < runs; run++) {
    const start = performance.now()
    work()
    times.push(performance.now() - start)
  }
  return median(times.slice(Math.floor(runs / 3)))
}

export const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

export function benchCore(): void {
  const document = longClass()
  const library = { people: [], exercises: libraryExercises, gear: demoGear }
  const computed = computeClass(document, library)
  if (!computed.timeline.ok) throw new Error(computed.timeline.problems[0]!.message)
  const { phases, total } = computed.timeline.value
  const figure = timed(300, () => computeClass(document, library))
  let made = 0
  const newId = () => `n${made++}`
  const findings = timed(300, () => judge({ document, computed: computeClass(document, library), library, room: undefined, newId }))
  const plan = starterPlan('Forty-five', 2700, 8, newId)
  const circuit = plan.parts.flatMap((part) => part.pieces).find((piece) => piece.type === 'circuit')!
  const fit = timed(60, () => fitToSlot(plan, circuit, { ratio: 2, locked: new Set() }))
  console.log('A class into timeline, rotation and gear')
  console.log(`  ${Math.round(total / 60)} minutes, ${phases.length} phases, 12 stations, 40 people`)
  const line = (what: string, milliseconds: number, aim: number) =>
    console.log(`  ${what}: median ${milliseconds.toFixed(2)} ms (aim under ${aim} ms: ratio ${(milliseconds / aim).toFixed(2)})`)
  line('compiled, rotated, counted', figure, 5)
  line('the same, and all findings', findings, 8)
  line('fit to slot, a full search', fit, 100)
  const big = largeClass(60, 20)
  const kinds = Array.from({ length: 40 }, (_, index) => ({
    ...demoGear[index % demoGear.length]!,
    id: index < demoGear.length ? demoGear[index]!.id : `more-${index}`,
  }))
  const rotated = computeClass(big, { ...library, gear: kinds })
  const rotations = new Map(
    rotated.rotations.flatMap(({ circuit, rotation, units }) =>
      rotation.ok ? [[circuit.id, { rotation: rotation.value, units }] as const] : [],
    ),
  )
  const counted = timed(120, () => countGear({ plan: big.plan, exercises: libraryExercises, kinds, groups: rotated.groups, rotations }))
  line('gear counted: 60 people, 20 stations, 40 kinds', counted, 10)
  const hall = { id: 'hall', name: 'Hall', lengthMetres: 200, widthMetres: 200, ceilingMetres: 8, features: [] }
  const floors = Array.from({ length: 40 }, (_, index) => ({ index, people: 2, lengthMetres: 3, widthMetres: 2, forms: [] }))
  line(
    'laid out: 40 stations in 200 × 200 m',
    timed(30, () => layOut(hall, floors)),
    1000,
  )
  const mixed = { ...big, groupSize: 'trios' as const, rotations: { [circuitOf(big).id]: { rule: 'mixedGroups' as const } } }
  computeClass(mixed, library)
  line(
    'computed again with mixed groups: 60 people, 20 stations',
    timed(60, () => computeClass({ ...mixed, name: 'Edited' }, library)),
    15,
  )
  const many = timed(6, () => arrangedAll(largeClass(60, 20)))
  line('arranged all in one: 60 people, 20 stations', many, 1000)
}
