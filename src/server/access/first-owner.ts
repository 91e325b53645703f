import { randomBytes } from 'node:crypto'
import { invitations } from '../db/accounts'
import type { InHall } from '../db/in-hall'
import { hashOf } from './token-hash'

/** So long a link can be used. */
export const invitationDays = 7

/** The link on the terminal is of nobody's making, and is not theirs to withdraw. */
export const firstOwner = 'first-owner'

/** The link by which the first owner of a hall that is nobody's yet begins it: a new one, in the place of the one before. */
export async function firstOwnerLink({ hallId, tx }: InHall): Promise<string> {
  const token = randomBytes(24).toString('base64url')
  const made = { tokenHash: hashOf(token), until: new Date(Date.now() + invitationDays * 86_400_000), usedAt: null }
  await tx
    .insert(invitations)
    .values({ hallId, id: firstOwner, name: 'First owner', role: 'owner', ...made })
    .onConflictDoUpdate({ target: [invitations.hallId, invitations.id], set: made })
  return token
}
