import { z } from 'zod'
import { idField, kilogramsField, nameField, wholeNumber } from '../base/fields'
import { showWeight, type WeightUnit } from './weight'

export const GearSize = z
  .strictObject({
    id: idField,
    /** What a size is called that has no weight; empty for a kind that comes in one size only. */
    label: z.string().max(40, 'must be at most 40 characters'),
    kilograms: kilogramsField.optional(),
    owned: wholeNumber(0, 1000),
    broken: wholeNumber(0, 1000).optional(),
    lent: wholeNumber(0, 1000).optional(),
  })
  .refine((size) => (size.broken ?? 0) + (size.lent ?? 0) <= size.owned, {
    path: ['owned'],
    message: 'is less than what is broken or lent out',
  })
export type GearSize = z.infer<typeof GearSize>

/** A thing, a pair that is counted as one, or a place such as an anchor point. */
export const GearForm = z.enum(['single', 'pair', 'place'])
export type GearForm = z.infer<typeof GearForm>

export const gearFormNames: Record<GearForm, string> = { single: 'one by one', pair: 'in pairs', place: 'a place' }

/** A countable kind of gear with its sizes. */
export const GearKind = z.strictObject({
  id: idField,
  name: nameField(),
  form: GearForm.default('single'),
  /** The one room it stays in; absent, all rooms share it. */
  roomId: idField.optional(),
  /** Whether people can be asked to bring their own. */
  canBring: z.boolean().optional(),
  sizes: z.array(GearSize).min(1, 'needs at least one size').max(40),
})
export type GearKind = z.infer<typeof GearKind>

/** How many of a size can be used: what is there and whole. */
export const usableOf = ({ owned, broken = 0, lent = 0 }: GearSize): number => Math.max(0, owned - broken - lent)

/** The gear as it is called in the hall: a size with a weight by its weight, in the hall's unit. */
export const namedIn = (kinds: readonly GearKind[], unit: WeightUnit): GearKind[] =>
  kinds.map((kind) => ({
    ...kind,
    sizes: kind.sizes.map((size) => (size.kilograms === undefined ? size : { ...size, label: showWeight(size.kilograms, unit) })),
  }))

const usable = new WeakMap<readonly GearKind[], Map<string, GearKind[]>>()

/** As many as can ever be wanted of what everybody brings along. */
const enough = 1000

/**
 * The gear that can be used in a room: `owned` is what is whole, there, and not kept in another room. Without a room (`''`), all
 * that is whole and there. Of what people `bring` there is enough.
 */
export function usableIn(kinds: readonly GearKind[], roomId: string, bring: readonly string[] = []): GearKind[] {
  let byRoom = usable.get(kinds)
  if (!byRoom) usable.set(kinds, (byRoom = new Map()))
  const key = [roomId, ...bring].join('/')
  let found = byRoom.get(key)
  if (!found) {
    const here = (kind: GearKind) => kind.roomId === undefined || roomId === '' || kind.roomId === roomId
    found = kinds.map((kind) => ({
      ...kind,
      sizes: kind.sizes.map((size) => ({
        ...size,
        broken: 0,
        lent: 0,
        owned: bring.includes(kind.id) ? enough : here(kind) ? usableOf(size) : 0,
      })),
    }))
    byRoom.set(key, found)
  }
  return found
}
