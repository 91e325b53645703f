import { z } from 'zod'

/** What somebody is in a hall: each may do all that the next may. */
export const Role = z.enum(['owner', 'coach', 'assistant'], { error: 'must be owner, coach or assistant' })
export type Role = z.infer<typeof Role>

const order: readonly Role[] = Role.options

/** Whether `role` may do what `least` may: a coach what an assistant may, and not the other way. */
export const mayAs = (role: Role, least: Role): boolean => order.indexOf(role) <= order.indexOf(least)

export const roleWords: Record<Role, { name: string; may: string }> = {
  owner: { name: 'Owner', may: 'Everything, and who belongs to the hall' },
  coach: { name: 'Coach', may: 'Plans and runs classes, and knows what people go easy on' },
  assistant: { name: 'Assistant', may: 'Takes attendance and runs classes, without what people go easy on' },
}
