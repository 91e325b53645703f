import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import { inTurn } from '../../../../tests/fixtures/turns'
import { planOf, presets } from '../../plan/edit/presets'
import { tidyPlan } from '../../plan/edit/tidy'
import { partChanged, pieceChanged } from '../../plan/pieces-changed'
import { Plan, type Circuit, type Part, type Piece, type Station, type Use } from '../../plan/plan'
import { circuitClauses } from './circuit-clauses'
import { circuitOffers, partOffers, pauseOffers, type Offer } from './offers'
import { partClauses } from './part-clauses'
import { pauseClauses } from './pause-clauses'
import { stationClauses, stationOffers } from './station-clauses'
import { useClauses, useOffers, type UsePlace } from './use-clauses'
import { clausesText, type AnySlot, type Clause } from './said'

let counter = 0
const newId = () => `n${counter++}`
const makings = { newId, main: ['goblet-squat', 'push-up', 'plank'], suggested: { warmUp: [], coolDown: [] } }
const plans = [
  ...shapes.map(({ plan }) => Plan.parse(plan)),
  ...presets.map((preset) => planOf(preset, preset.name, preset.slotSeconds, makings)),
]

/** A sentence of a plan, with the plan that each change of it makes. */
interface Sentence {
  where: string
  clauses: readonly Clause<unknown>[]
  offers: readonly Offer<unknown>[]
  now: unknown
  put: (next: unknown) => Plan
  again: (plan: Plan) => { clauses: readonly Clause<unknown>[]; offers: readonly Offer<unknown>[] }
}

const sayPiece = (piece: Piece) =>
  (piece.type === 'pause'
    ? { clauses: pauseClauses(piece), offers: pauseOffers(piece) }
    : { clauses: circuitClauses(piece), offers: circuitOffers(piece, 300) }) as ReturnType<Sentence['again']>
const sayPart = (part: Part) => ({ clauses: partClauses(part), offers: partOffers(part) }) as ReturnType<Sentence['again']>

const place: UsePlace = {
  forms: [
    { value: '', words: 'Squat' },
    { value: 'slow', words: 'easier: Slow squat' },
  ],
  oneSided: true,
  kind: 'task',
}

/** The sentences of a circuit's stations and their uses. */
function placesOf(plan: Plan, circuit: Circuit): Sentence[] {
  const put = (station: Station) =>
    tidyPlan(
      pieceChanged(plan, circuit.id, () => ({
        ...circuit,
        stations: circuit.stations.map((known) => (known.id === station.id ? station : known)),
      })),
    )
  const found = (changed: Plan, id: string) =>
    changed.parts
      .flatMap(({ pieces }) => pieces)
      .flatMap((piece) => (piece.type === 'circuit' ? piece.stations : []))
      .find((station) => station.id === id)!
  return circuit.stations.flatMap((station, index): Sentence[] => {
    const say = (of: Station) =>
      ({ clauses: stationClauses(of, index + 1), offers: stationOffers(of, circuit) }) as unknown as ReturnType<Sentence['again']>
    const sayUse = (use: Use) =>
      ({ clauses: useClauses(use, place), offers: useOffers(use, place) }) as unknown as ReturnType<Sentence['again']>
    return [
      {
        where: `station ${station.id}`,
        ...say(station),
        now: station,
        put: (next) => put(next as Station),
        again: (plan) => say(found(plan, station.id)),
      },
      ...station.uses.map((use): Sentence => ({
        where: `use ${use.id}`,
        ...sayUse(use),
        now: use,
        put: (next) => put({ ...station, uses: station.uses.map((known) => (known === use ? (next as Use) : known)) }),
        again: (plan) => sayUse(found(plan, station.id).uses.find(({ id }) => id === use.id)!),
      })),
    ]
  })
}

const sentencesOf = (plan: Plan): Sentence[] =>
  plan.parts.flatMap((part): Sentence[] => [
    ...part.pieces.map((piece): Sentence => ({
      where: `${plan.name} ${piece.id}`,
      ...sayPiece(piece),
      now: piece,
      put: (next) => tidyPlan(pieceChanged(plan, piece.id, () => next as Piece)),
      again: (changed) => sayPiece(changed.parts.flatMap(({ pieces }) => pieces).find(({ id }) => id === piece.id)!),
    })),
    ...part.pieces.flatMap((piece) => (piece.type === 'circuit' ? placesOf(plan, piece) : [])),
    {
      where: `${plan.name} part ${part.id}`,
      ...sayPart(part),
      now: part,
      put: (next) => tidyPlan(partChanged(plan, part.id, next as Part)),
      again: (changed) => sayPart(changed.parts.find(({ id }) => id === part.id)!),
    },
  ])

const sentences = plans.flatMap(sentencesOf)
/** Each in one of two runs of ./test. */
const someSentences = inTurn(sentences, 2)
const slotsOf = (clauses: readonly Clause<unknown>[]) =>
  clauses.flatMap(({ said }) => said.filter((word): word is AnySlot<unknown> => typeof word !== 'string'))
const setTo = (slot: AnySlot<unknown>, of: unknown, value: unknown) =>
  (slot as { set: (of: unknown, value: unknown, id: typeof newId) => unknown }).set(of, value, newId)
const valid = (plan: Plan) => Plan.safeParse(plan).error?.issues

describe('a sentence is edited where it stands', () => {
  it('a slot set to what it is changes nothing', () => {
    for (const { clauses, now, put, again } of sentences)
      for (const slot of slotsOf(clauses))
        if ('value' in slot) expect(clausesText(again(put(setTo(slot, now, slot.value))).clauses)).toBe(clausesText(clauses))
  })

  it('every figure takes its least and most, and every choice each of its words, into a sound plan that says so', () => {
    let tried = 0
    for (const { where, clauses, now, put, again } of someSentences)
      for (const slot of slotsOf(clauses)) {
        const values =
          slot.kind === 'choice'
            ? slot.choices.map(({ value }) => value)
            : slot.kind === 'time' || slot.kind === 'count'
              ? [slot.least, slot.least + 1]
              : []
        for (const value of values) {
          const plan = put(setTo(slot, now, value))
          expect(valid(plan), `${where} ${slot.slot} ${value}`).toBeUndefined()
          const same = slotsOf(again(plan).clauses).find((known) => known.slot === slot.slot)
          if (same && 'value' in same) expect(same.value, `${where} ${slot.slot}`).toBe(value)
          tried++
        }
      }
    expect(tried).toBeGreaterThan(300)
  })

  it('what may be left out can be, and what is offered is said then, in the slot that is named', () => {
    for (const { where, clauses, offers, now, put, again } of someSentences) {
      for (const clause of clauses) {
        if (!clause.without) continue
        const plan = put(clause.without(now))
        expect(valid(plan), `${where} without ${clause.id}`).toBeUndefined()
        expect(
          again(plan).clauses.filter(({ id }) => id === clause.id && !id.startsWith('work.')),
          `${where} without ${clause.id}`,
        ).toEqual([])
      }
      for (const offer of offers) {
        const plan = put(offer.add(now, newId))
        expect(valid(plan), `${where} with ${offer.id}`).toBeUndefined()
        const after = again(plan)
        expect(clausesText(after.clauses) + JSON.stringify(after.clauses), `${where} with ${offer.id}`).not.toBe(
          clausesText(clauses) + JSON.stringify(clauses),
        )
        if (offer.slot)
          expect(
            slotsOf(after.clauses).map(({ slot }) => slot),
            `${where} with ${offer.id}`,
          ).toContain(offer.slot)
      }
    }
  })

  it('each slot has a key of its own and a label, and no sentence has words that nobody would say', () => {
    for (const { where, clauses } of sentences) {
      const keys = slotsOf(clauses).map(({ slot }) => slot)
      expect(new Set(keys).size, where).toBe(keys.length)
      expect(slotsOf(clauses).every(({ label }) => label !== '')).toBe(true)
      expect(clausesText(clauses)).not.toMatch(/undefined|\[object| {2}|,,|: ,/)
    }
  })
})
