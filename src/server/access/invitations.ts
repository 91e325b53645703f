import { randomBytes } from 'node:crypto'
import { and, desc, eq, gt, isNull, ne, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { z } from 'zod'
import type { Joining, NewInvitation } from '../../core/access/credentials'
import type { Role } from '../../core/access/role'
import { inHall, inHallOfInvitation, type InHall } from '../db/in-hall'
import { invitations, memberships } from '../db/accounts'
import { notFound, refuse } from '../refused'
import { audit } from '../services/audit'
import { ownHall, type Hall } from '../services/halls'
import { firstOwner, invitationDays } from './first-owner'
import { makeAccount, removeAccount } from './sign-in'
import { hashOf } from './token-hash'

/** A hall has so many links open at most. */
const mostOpen = 50

export interface Invitation {
  id: string
  name: string
  role: Role
  until: Date
}

const open = ({ hallId }: InHall) => and(eq(invitations.hallId, hallId), isNull(invitations.usedAt), gt(invitations.until, sql`now()`))

export const openInvitations = (hall: InHall): Promise<Invitation[]> =>
  hall.tx
    .select({ id: invitations.id, name: invitations.name, role: invitations.role, until: invitations.until })
    .from(invitations)
    .where(and(open(hall), ne(invitations.id, firstOwner)))
    .orderBy(desc(invitations.until))

/** A link by which somebody joins, once. Only who asks for it ever sees its token. */
export async function invite(
  hall: InHall,
  { name, role }: z.infer<typeof NewInvitation>,
): Promise<{ token: string; invitation: Invitation }> {
  const { hallId, tx } = hall
  if ((await openInvitations(hall)).length >= mostOpen)
    throw refuse('stale', 'tooManyInvitations', `There are ${mostOpen} open invitations. Withdraw some first.`)
  const token = randomBytes(24).toString('base64url')
  const until = new Date(Date.now() + invitationDays * 86_400_000)
  const invitation = { id: nanoid(12), name, role, until }
  await tx.insert(invitations).values({ hallId, ...invitation, tokenHash: hashOf(token) })
  await audit(hall, 'invited', { about: `${name}, ${role}` })
  return { token, invitation }
}

export async function withdraw(hall: InHall, id: string): Promise<void> {
  const closed = await hall.tx
    .update(invitations)
    .set({ until: sql`now()` })
    .where(and(open(hall), eq(invitations.id, id)))
    .returning({ name: invitations.name })
  if (!closed[0]) throw notFound('invitation')
  await audit(hall, 'invitationWithdrawn', { about: closed[0].name })
}

export interface OpenedInvitation extends Invitation {
  hall: Hall
}

/** What a link invites to. Refused with 410 once it was used, withdrawn or is too old. */
export const opened = (token: string): Promise<OpenedInvitation> =>
  inHallOfInvitation(hashOf(token), async (hall) => {
    const [row] = await hall.tx
      .select()
      .from(invitations)
      .where(and(open(hall), eq(invitations.tokenHash, hashOf(token))))
    if (!row) throw over()
    return { id: row.id, name: row.name, role: row.role, until: row.until, hall: await ownHall(hall) }
  })

const over = () => refuse('over', 'invitationOver', 'This invitation has been used, or is no longer good. Ask for a new one.')

/** Uses the link up: within the work that makes somebody a member, so that two who use it at once do not both get in. */
export async function useUp(hall: InHall, token: string): Promise<Role> {
  const [used] = await hall.tx
    .update(invitations)
    .set({ usedAt: sql`now()` })
    .where(and(open(hall), eq(invitations.tokenHash, hashOf(token))))
    .returning({ role: invitations.role })
  if (!used) throw over()
  return used.role
}

/** As who joins: nobody of the hall has asked for it. Refused where they belong to it already; the link stays good. */
export async function addMember(
  hall: InHall,
  user: { id: string; name: string },
  role: Role,
  act: 'joined' | 'hallBegun' = 'joined',
): Promise<void> {
  const [added] = await hall.tx
    .insert(memberships)
    .values({ hallId: hall.hallId, userId: user.id, role })
    .onConflictDoNothing()
    .returning({ role: memberships.role })
  if (!added) throw refuse('stale', 'isMember', 'You belong to this hall already. Its owner changes your role under Team.')
  await audit({ ...hall, by: user }, act, { about: role })
}

/** Makes somebody a member by a link: with the account they are signed in with, or a new one. */
export async function join(token: string, joining: Joining, signedIn: { id: string; name: string } | undefined): Promise<void> {
  const { hall } = await opened(token)
  const isNew = 'email' in joining
  if (!isNew && !signedIn) throw refuse('signedOut', 'signedOut', 'Sign in first.')
  const user = isNew ? { id: await makeAccount(joining), name: joining.name } : signedIn!
  await inHall(hall.id, async (inHall) => addMember(inHall, user, await useUp(inHall, token))).catch(async (error: unknown) => {
    if (isNew) await removeAccount(user.id)
    throw error
  })
}
