import type { z } from 'zod'
import type { FirstOwner } from '../../core/access/credentials'
import type { NewHall } from '../../core/library/new-hall'
import { addMember, opened, useUp } from '../access/invitations'
import { makeAccount, removeAccount } from '../access/sign-in'
import { inHall } from '../db/in-hall'
import { beginHall } from '../services/begin-hall'

/** Somebody's own hall, and its first owner, by a link that is good for that once. */
export async function beginByLink(token: string, newHall: NewHall, owner: z.infer<typeof FirstOwner>): Promise<void> {
  const { hall } = await opened(token)
  const userId = await makeAccount(owner)
  await inHall(hall.id, async (inHall) => {
    await useUp(inHall, token)
    await beginHall(inHall, newHall)
    await addMember(inHall, { id: userId, name: owner.name }, 'owner', 'hallBegun')
  }).catch(async (error: unknown) => {
    await removeAccount(userId)
    throw error
  })
}
