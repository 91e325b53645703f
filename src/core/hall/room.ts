import { z } from 'zod'
import { idField, nameField } from '../plan/fields'

const metres = (most: number) =>
  z.number({ error: 'must be a number of metres' }).positive('must be more than 0 m').max(most, `must be at most ${most} m`)

export const Room = z.strictObject({
  id: idField,
  name: nameField(),
  lengthMetres: metres(200),
  widthMetres: metres(200),
  ceilingMetres: metres(50),
})
export type Room = z.infer<typeof Room>
