import { read } from '../base/read'
import { GearForm, GearSize, gearFormNames, type GearKind } from '../library/gear-kind'
import type { Room } from '../library/room'
import { readTable, type ColumnMatch, type TableRow } from './table'
import { readWeight, showWeight, type WeightUnit } from '../library/weight'

/** The columns of a table of gear: a row for each size. */
export const gearColumns = ['kind', 'counted', 'size', 'weight', 'owned', 'broken', 'lent', 'room'] as const
export type GearColumn = (typeof gearColumns)[number]

export const likelyGearColumns: Record<GearColumn, RegExp> = {
  kind: /kind|gear|item|what|equipment|name/i,
  counted: /counted|form|unit/i,
  size: /size|label|strength/i,
  weight: /weight|kg|lb|load/i,
  owned: /owned|count|number|quantity|how many|pieces/i,
  broken: /broken|defect/i,
  lent: /lent|away|out/i,
  room: /room|place|where/i,
}

/** One size of one kind, as a row says it. */
export interface GearRow {
  kindName: string
  form: GearForm
  roomId?: string | undefined
  size: GearSize
}

interface GearTableHall {
  rooms: readonly Pick<Room, 'id' | 'name'>[]
  unit: WeightUnit
}

const formByWord = new Map(
  GearForm.options.flatMap((form): [string, GearForm][] => [
    [form, form],
    [gearFormNames[form], form],
  ]),
)

/** Reads rows as sizes of gear, each with what is wrong in words. A weight without a unit is in the hall's. */
export function readGear(
  rows: readonly (readonly string[])[],
  match: ColumnMatch<GearColumn>,
  newId: () => string,
  { rooms, unit }: GearTableHall,
): TableRow<GearRow>[] {
  const seen = new Set<string>()
  return readTable<GearColumn, GearRow>(rows, match, (cell) => {
    const kindName = cell('kind')
    if (kindName === '') return { wrong: 'kind must not be empty' }
    const form = cell('counted') === '' ? 'single' : formByWord.get(cell('counted').toLowerCase())
    if (!form) return { wrong: `"${cell('counted')}" must be ${GearForm.options.join(', ')}` }
    const weight = cell('weight')
    const kilograms = weight === '' ? undefined : readWeight(weight, unit)
    if (weight !== '' && kilograms === undefined) return { wrong: `weight "${weight}" must be a weight such as 4 kg or 10 lb, above zero` }
    const room = cell('room') === '' ? undefined : rooms.find((room) => room.name.toLowerCase() === cell('room').toLowerCase())
    if (cell('room') !== '' && !room) return { wrong: `"${cell('room')}" is no room of this hall` }
    const counts = ['owned', 'broken', 'lent'] as const
    const odd = counts.find((column) => !/^\d{0,4}$/.test(cell(column)))
    if (odd) return { wrong: `${odd} "${cell(odd)}" must be a whole number` }
    const [owned, broken, lent] = counts.map((column) => Number(cell(column) || 0)) as [number, number, number]
    const label = kilograms === undefined ? cell('size') : ''
    const key = `${kindName.toLowerCase()}/${label.toLowerCase()}/${kilograms ?? ''}`
    if (seen.has(key)) return { wrong: `this size of ${kindName} comes twice: put the number in one row` }
    const size = read(GearSize, {
      id: newId(),
      label,
      owned,
      ...(kilograms !== undefined && { kilograms }),
      ...(broken > 0 && { broken }),
      ...(lent > 0 && { lent }),
    })
    if (!size.ok) return { wrong: size.problems[0]!.message }
    seen.add(key)
    return { value: { kindName, form, roomId: room?.id, size: size.value } }
  })
}

const sameSize = (one: GearSize, other: GearSize) =>
  one.kilograms === undefined
    ? other.kilograms === undefined && one.label.toLowerCase() === other.label.toLowerCase()
    : one.kilograms === other.kilograms

/**
 * The kinds that the rows make or change. A kind of the same name is changed: sizes it has get the new numbers and keep their ids,
 * so that people's usual sizes still hold; sizes that the rows do not name stay.
 */
export function mergedKinds(rows: readonly GearRow[], kinds: readonly GearKind[], newId: () => string): GearKind[] {
  const changed = new Map<string, GearKind>()
  for (const { kindName, form, roomId, size } of rows) {
    const key = kindName.toLowerCase()
    const before = changed.get(key) ??
      kinds.find((kind) => kind.name.toLowerCase() === key) ?? { id: newId(), name: kindName, form, sizes: [] }
    const at = before.sizes.findIndex((known) => sameSize(known, size))
    const sizes =
      at < 0
        ? [...before.sizes, size]
        : before.sizes.map((known, index) => (index === at ? { ...size, id: known.id, label: known.label } : known))
    const { roomId: _, ...rest } = before
    changed.set(key, { ...rest, form, ...(roomId && { roomId }), sizes })
  }
  return [...changed.values()]
}

/** The inventory as rows under `gearColumns`, to be read again by `readGear`. */
export const gearRows = (kinds: readonly GearKind[], { rooms, unit }: GearTableHall): string[][] =>
  kinds.flatMap((kind) =>
    kind.sizes.map((size) => [
      kind.name,
      kind.form,
      size.kilograms === undefined ? size.label : '',
      size.kilograms === undefined ? '' : showWeight(size.kilograms, unit),
      String(size.owned),
      String(size.broken ?? 0),
      String(size.lent ?? 0),
      rooms.find((room) => room.id === kind.roomId)?.name ?? '',
    ]),
  )
