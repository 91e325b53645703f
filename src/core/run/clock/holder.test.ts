import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../../tests/fixtures/demo-run'
import { apply, applicable, foldEvents } from './apply'
import type { Command } from './events'
import { mayCommand } from './holder'
import { stateAt } from './state'

const { timeline } = snapshotOf('demo-lunch')

const tablet = { type: 'takeOver', device: 'one', name: 'a tablet' } as const
const phone = { type: 'takeOver', device: 'two', name: 'a phone' } as const

/** One a second. */
const happened = (...commands: Press[1][]) =>
  foldEvents(timeline, pressed(...commands.map((command, index): Press => [index + 1, command])))

describe('who holds the controls', () => {
  it('is the device that took over last; the one before is named', () => {
    expect(happened('start').holder).toBeUndefined()
    expect(happened(tablet, 'start').holder).toEqual({ device: 'one', name: 'a tablet', since: 1000 })
    expect(stateAt(happened(tablet, 'start', phone), 5000).holder).toEqual({
      device: 'two',
      name: 'a phone',
      since: 3000,
      from: 'a tablet',
    })
  })

  it('taking over moves no clock, and leaves what can be taken back', () => {
    const before = happened(tablet, 'start', 'hold')
    const after = apply(before, { sequence: 4, id: 'e4', at: before.at, who: 'Coach', command: phone })
    expect({ ...after, sequence: before.sequence, holder: before.holder }).toEqual(before)
    expect(after.undoable?.type).toBe('hold')
  })

  it('taking over what one holds, or what has ended, means nothing', () => {
    expect(applicable(happened(tablet), tablet)).toBe(false)
    expect(applicable(happened(tablet), phone)).toBe(true)
    expect(applicable(happened(tablet, 'start', 'finish'), phone)).toBe(false)
  })

  it('another device may stop the room, tap and take over, and nothing else', () => {
    const holder = { device: 'one' }
    const types: Command['type'][] = [
      'start',
      'pause',
      'resume',
      'skip',
      'back',
      'repeat',
      'undo',
      'hold',
      'release',
      'stop',
      'finish',
      'extend',
      'goto',
      'amend',
      'tap',
      'untap',
      'takeOver',
    ]
    expect(types.filter((type) => mayCommand(holder, 'two', { type }))).toEqual(['stop', 'tap', 'untap', 'takeOver'])
    expect(
      types.every(
        (type) => mayCommand(holder, 'one', { type }) && mayCommand(undefined, 'two', { type }) && mayCommand(holder, undefined, { type }),
      ),
    ).toBe(true)
  })
})
