import { z } from 'zod'
import { idField, nameField } from '../base/fields'

const metres = (most: number) =>
  z.number({ error: 'must be a number of metres' }).positive('must be more than 0 m').max(most, `must be at most ${most} m`)

const offset = z.number({ error: 'must be a number of metres' }).min(0, 'must not be outside the room').max(200, 'must be at most 200 m')

/** A pillar or an inner wall stands in the way; an exit and a strip are kept free; an anchor point and a door are where something is. */
export const FeatureKind = z.enum(['pillar', 'wall', 'exit', 'keepFree', 'door', 'anchor', 'store'])
export type FeatureKind = z.infer<typeof FeatureKind>

export const featureNames: Record<FeatureKind, string> = {
  pillar: 'pillar',
  wall: 'inner wall',
  exit: 'exit, kept free',
  keepFree: 'strip kept free',
  door: 'door',
  anchor: 'anchor point',
  store: 'gear store',
}

/**
 * Something of the room that counts: a rectangle by its corner, in metres from the top left. An anchor point says which kind of
 * gear it is a place of.
 */
export const Feature = z.strictObject({
  id: idField,
  kind: FeatureKind,
  x: offset,
  y: offset,
  lengthMetres: metres(200),
  widthMetres: metres(200),
  kindId: idField.optional(),
})
export type Feature = z.infer<typeof Feature>

export const Room = z
  .strictObject({
    id: idField,
    name: nameField(),
    lengthMetres: metres(200),
    widthMetres: metres(200),
    ceilingMetres: metres(50),
    /** How wide the picture is on which the wall is shown. */
    pictureMetres: metres(20).optional(),
    features: z.array(Feature).max(100, 'has at most 100 features').optional(),
  })
  .superRefine((room, context) =>
    room.features?.forEach((feature, index) => {
      if (feature.x + feature.lengthMetres > room.lengthMetres + 1e-6 || feature.y + feature.widthMetres > room.widthMetres + 1e-6)
        context.addIssue({
          code: 'custom',
          path: ['features', index, 'x'],
          message: `puts the ${featureNames[feature.kind]} outside the room`,
        })
    }),
  )
export type Room = z.infer<typeof Room>

/** What stands in the way of people. */
export const obstaclesOf = (room: Pick<Room, 'features'>): Feature[] =>
  (room.features ?? []).filter(({ kind }) => kind === 'pillar' || kind === 'wall')

/** What no station may stand on. */
export const noGoOf = (room: Pick<Room, 'features'>): Feature[] =>
  (room.features ?? []).filter(({ kind }) => kind !== 'anchor' && kind !== 'store')
