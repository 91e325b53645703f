import { and, eq } from 'drizzle-orm'
import { shownNames } from '../../core/run/room/shown-names'
import type { InHall } from '../db/in-hall'
import { cardClaims } from '../db/schema'
import { notFound, refuse } from '../refused'
import { audit } from './audit'
import { linksTo, renewLinks } from './links'
import type { StoredRun } from './runs'

const ofRun = ({ hallId }: InHall, runId: string) => and(eq(cardClaims.hallId, hallId), eq(cardClaims.runId, runId))

/** Whose cards are open on a device that found them in the list of names, and on which. */
export async function claimsOf(hall: InHall, runId: string): Promise<Map<string, string>> {
  const rows = await hall.tx.select({ personId: cardClaims.personId, device: cardClaims.device }).from(cardClaims).where(ofRun(hall, runId))
  return new Map(rows.map(({ personId, device }) => [personId, device]))
}

/** One of the room's list of first names, as a device sees it that has pressed on one, or not yet. */
export interface ListedName {
  personId: string
  name: string
  open: 'nowhere' | 'here' | 'elsewhere'
}

/**
 * By the alphabet: who looks for a name finds it. As they wish to be called; whoever wants no name there opens the card by its own
 * link.
 */
export async function namesShown(hall: InHall, run: StoredRun, device: string | undefined): Promise<ListedName[]> {
  const claims = await claimsOf(hall, run.id)
  const openAt = (personId: string) => (!claims.has(personId) ? 'nowhere' : claims.get(personId) === device ? 'here' : 'elsewhere')
  const shown = shownNames(run.snapshot.people)
  const names = run.snapshot.people.flatMap(({ id, shownAs }, index): ListedName[] =>
    shownAs === null ? [] : [{ personId: id, name: shown[index]!, open: openAt(id) }],
  )
  return names.sort((a, b) => a.name.localeCompare(b.name))
}

/**
 * Opens somebody's card on a device, which from then on is the only one; answers with the card's token. One device holds one card:
 * what it held before is let go.
 */
export async function claimCard(hall: InHall, run: StoredRun, personId: string, device: string): Promise<string> {
  const { hallId, tx } = hall
  const person = run.snapshot.people.find(({ id }) => id === personId)
  if (!person || person.shownAs === null) throw notFound('person in this list')
  await tx.delete(cardClaims).where(and(ofRun(hall, run.id), eq(cardClaims.device, device)))
  await tx.insert(cardClaims).values({ hallId, runId: run.id, personId, device }).onConflictDoNothing()
  const holder = (await claimsOf(hall, run.id)).get(personId)
  if (holder !== device)
    throw refuse(
      'stale',
      'taken',
      `${person.shownAs ?? person.name}’s card is open on another phone. Is that not you? Your coach can let it go.`,
    )
  const [link] = await linksTo(hall, run, 'card', [personId])
  return link!.token
}

/** Frees somebody's card. The device that had it sees it no longer: the card gets a new link. */
export async function letGo(hall: InHall, run: StoredRun, personId: string): Promise<void> {
  const freed = await hall.tx
    .delete(cardClaims)
    .where(and(ofRun(hall, run.id), eq(cardClaims.personId, personId)))
    .returning({ personId: cardClaims.personId })
  if (freed.length === 0) return
  await renewLinks(hall, run, 'card', [personId])
  await audit(hall, 'cardFreed', { personId })
}
