import { ownAt } from '../room/own-doings'
import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../../tests/fixtures/demo-run'
import type { Circuit } from '../../plan/plan'
import { cardView } from './card-view'
import type { RunEvent } from '../clock/events'
import { foldEvents } from '../clock/apply'
import { forOne, forTheWall } from '../room/public-snapshot'
import { roomView } from './room-view'
import type { RunSnapshot } from '../room/snapshot'
import { stateAt } from '../clock/state'

const start: RunEvent = { sequence: 1, id: 'a', at: 0, who: 'Coach', command: { type: 'start' } }
const at = (snapshot: RunSnapshot, second: number, personId: string) =>
  cardView(forOne(snapshot, personId), stateAt(foldEvents(snapshot.timeline, [start]), 10_000 + second * 1000), personId)

describe('my card', () => {
  const lunch = snapshotOf('demo-lunch')

  it('says where I am, what I do with what, with whom, and where I go next', () => {
    const card = at(lunch, 480 + 5, 'oren')!
    expect(card).toMatchObject({
      name: 'Oren',
      word: 'Work',
      coming: false,
      now: { station: 1, exercise: 'Goblet squat', others: ['Maribel'] },
      next: { station: 2, exercise: 'Band row' },
    })
    expect(card.now!.how).toMatch(/^kettlebell \d+ kg/)
    expect(card.stations.map((station) => station.station)).toEqual([1, 2, 3, 4])
  })

  it('on the way, the place is where I am going', () => {
    expect(at(lunch, 480 + 45, 'oren')).toMatchObject({ coming: true, now: { station: 2 } })
  })

  it('where a list has fewer machines than people, each card says with what one begins, and nobody else’s', () => {
    const rounds = snapshotOf('demo-lunch', (document) => {
      document.plan.parts = [
        {
          id: 'a',
          repeat: 1,
          restBetweenSeconds: 0,
          optional: false,
          vary: [],
          pieces: [
            {
              ...(document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit),
              id: 'rounds',
              travel: 'together',
              laps: 1,
              vary: [],
              stay: { kind: 'task', openerCount: 1, rungRestSeconds: 0, goal: 'cap', capSeconds: 900 },
              stations: [
                {
                  id: 's',
                  span: 1,
                  rest: false,
                  skipLaps: [],
                  uses: ['march', 'row-machine', 'push-up', 'plank'].map((exerciseId, index) => ({
                    id: `u${index}`,
                    exerciseId,
                    seconds: [60, 90, 60, 30][index]!,
                    sides: 'none' as const,
                  })),
                },
              ],
            },
          ],
        },
      ]
      document.here = document.here.slice(0, 8)
    })
    const begins = rounds.people.map(({ id }) => /^In the rounds begin with ([^;]+)/.exec(at(rounds, 5, id)!.now!.how)?.[1])
    expect(begins.every((name) => name !== undefined)).toBe(true)
    expect(begins.filter((name) => name === 'rowing').length).toBeLessThan(8)
    expect(new Set(begins).size).toBeGreaterThan(1)
    expect(begins).not.toContain('march on the spot')
    // An exercise that comes again is told by its place in the list.
    const again = structuredClone(rounds)
    const exercises = again.circuits['rounds']!.stations[0]!.exercises
    exercises[3] = { ...exercises[1]! }
    const told = again.people.map(({ id }) => at(again, 5, id)!.now!.how)
    expect(told.filter((how) => /^In the rounds begin with item [24], rowing/.test(how))).toHaveLength(
      begins.filter((name) => name === 'rowing' || name === 'plank').length,
    )
    expect(at(rounds, 5, rounds.people[0]!.id)!.now!.items).toHaveLength(5)
    expect(Object.keys(forOne(rounds, rounds.people[1]!.id).circuits['rounds']!.begins!['0']!)).toEqual([rounds.people[1]!.id])
    expect(forTheWall(rounds).circuits['rounds']!.begins).toBeUndefined()
  })

  it('the option that spares me is mine alone; nobody else’s limits leave the coach’s screens', () => {
    expect(at(lunch, 480 + 5, 'ilse')!.stations.length).toBe(4)
    const own = ownAt(lunch, 'ilse', { pieceId: 'll-stations', repeat: 0, station: 0, position: 0 })!
    expect(own.name).toBe('Sit to a high chair')
    const [other, wall] = [forOne(lunch, 'oren'), forTheWall(lunch)]
    for (const secret of ['no deep bend', 'right shoulder', 'easy on']) expect(JSON.stringify([other, wall])).not.toContain(secret)
    // The option is on everyone's ladder; that somebody takes it is told to nobody else.
    expect(JSON.stringify([other.own, wall.own, wall.people])).not.toContain('Sit to a high chair')
    expect(JSON.stringify(forOne(lunch, 'ilse'))).toContain('Sit to a high chair')
  })

  it('made easier on the card: the rung below, or slower where there is none or I have an option of my own; a break is seen by the coach alone', () => {
    const eased = (personId: string) => ({
      ...lunch,
      people: lunch.people.map((person) => (person.id === personId ? { ...person, ease: 'easier' as const, onBreak: true } : person)),
    })
    const [oren, ilse] = [eased('oren'), eased('ilse')]
    expect(at(oren, 480 + 5, 'oren')).toMatchObject({ easier: true, onBreak: true })
    const rung = lunch.circuits['ll-stations']!.stations[0]!.exercises[0]!.easier!.name
    expect(at(oren, 480 + 5, 'oren')!.now!.exercise).toBe(rung)
    const atSquat = lunch.timeline.phases.find(
      (phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && at(lunch, phase.start, 'ilse')!.now!.station === 1,
    )!
    expect(at(ilse, atSquat.start + 1, 'ilse')!.now).toMatchObject({
      exercise: 'Sit to a high chair',
      how: expect.stringContaining('slower, or fewer'),
    })
    const state = stateAt(foldEvents(lunch.timeline, [start]), 10_000 + 485_000)
    expect(roomView(oren, state).watch).toContainEqual({ name: 'Oren', station: 1, text: 'takes a break' })
    expect(JSON.stringify([forTheWall(oren), forOne(oren, 'tove')])).not.toMatch(/onBreak|"ease"/)
  })

  it('together, the exercise and its side; at the end, thanks; a stranger gets nothing', () => {
    const cool = lunch.timeline.phases.filter((phase) => phase.pieceId === 'll-cool')
    expect(at(lunch, cool[1]!.start + 1, 'oren')!.now).toMatchObject({ exercise: 'Calf stretch', side: 'second side', others: [] })
    expect(at(lunch, 4000, 'oren')).toMatchObject({ word: 'Done', headline: expect.stringContaining('Thank you') })
    expect(at(lunch, 100, 'nobody')).toBeUndefined()
  })

  it('agrees with the wall about everybody, at every turn, whatever the rule', () => {
    for (const rule of ['loop', 'twoFiles', 'fullMix'] as const) {
      const snapshot = snapshotOf('demo-lunch', (document) => (document.rotations = { 'll-stations': { rule } }))
      const circuit = snapshot.circuits['ll-stations']!
      for (const phase of snapshot.timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations')) {
        for (const person of snapshot.people) {
          const { now } = at(snapshot, phase.start, person.id)!
          const here = circuit.turns![phase.turn!]![now!.station! - 1]!.flatMap((unit) => (circuit.units ?? snapshot.groups)[unit]!)
          expect(here).toContain(person.id)
          expect(now!.others).toHaveLength(here.length - 1)
        }
      }
    }
  })

  it('between sets, whoever stays where they are is not on the way; the whole class through, on the way is who changes station', () => {
    const evening = snapshotOf('demo-evening')
    const works = evening.timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === 'eb-stations')
    let stayed = 0
    works.slice(1).forEach((work, index) => {
      const before = works[index]!
      if (work.index === before.index + 1) return
      for (const person of evening.people) {
        const [was, rest, comes] = [before.start, before.start + before.seconds, work.start].map((second) =>
          at(evening, second + 1, person.id)!,
        )
        expect(rest).toMatchObject({
          ahead: true,
          coming: was!.now!.station !== comes!.now!.station,
          now: { station: comes!.now!.station },
        })
        if (!rest!.coming) stayed++
      }
    })
    expect(stayed).toBe(5 * 2 * evening.people.length)
  })

  it('then is the next thing that differs: another exercise here, or another station', () => {
    const evening = snapshotOf('demo-evening')
    const first = evening.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'eb-stations')!
    const [one, two, three] = [0, 1, 2].map((position) => at(evening, first.start + position * first.seconds + 1, 'petra')!)
    expect(one!.next).toMatchObject({ station: 1, exercise: two!.now!.exercise })
    expect(three!.next).toMatchObject({ station: 1, exercise: one!.now!.exercise })
    expect(one!.stations.map(({ station }) => station)).toEqual([1, 2, 3, 4])
    expect(two!.stations[1]!.exercise).toBe(at(evening, first.start + 1, 'saoirse')!.now!.exercise)
  })

  it('the side is told with the seconds to its change, and after it', () => {
    const { start } = lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === 1)!
    const person = lunch.people.find((person) => at(lunch, start, person.id)!.now!.station === 8)!.id
    expect(at(lunch, start - 3, person)!.now).toMatchObject({ how: expect.stringContaining('change sides at the half') })
    expect(at(lunch, start + 5, person)!.now!.side).toBe('first side, change in 15')
    expect(at(lunch, start + 20, person)!.now).toMatchObject({ side: 'second side', how: expect.not.stringContaining('half') })
  })

  it('where partners take turns, whose turn it is', () => {
    const snapshot = snapshotOf('demo-lunch', (document) => {
      const circuit = document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations')!
      Object.assign(circuit, { pairs: 'inTurns' })
    })
    const turns = ['oren', 'maribel'].map((id) => at(snapshot, 480 + 5, id)!.now!.turn)
    expect([...turns].sort()).toEqual(['rests', 'works'])
  })

  it('whoever waits for the other wave is told the list, and then their station', () => {
    const snapshot = snapshotOf('demo-lunch', (document) => {
      const circuit = document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit
      circuit.waves = {
        meanwhile: {
          ...structuredClone(circuit),
          id: 'list',
          travel: 'together',
          laps: 1,
          stations: circuit.stations
            .slice(0, 2)
            .map((station, index) => ({ ...station, id: `m${index}`, uses: station.uses.map((use) => ({ ...use, id: `m${use.id}` })) })),
        },
      }
    })
    const [first, last] = [snapshot.groups[0]![0]!, snapshot.groups.at(-1)![0]!]
    expect(at(snapshot, 480 + 5, first)!.now!.station).toBe(1)
    const waiting = at(snapshot, 480 + 5, last)!
    expect(waiting.now!.station).toBeUndefined()
    expect(waiting.now!.exercise).not.toBe('')
    expect(waiting.next!.station).toBeGreaterThan(0)
  })
})
