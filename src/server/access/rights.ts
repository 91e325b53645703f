import { mayAs, type Role } from '../../core/access/role'

/**
 * Who may ask for an address: a member of the hall, who is at least that; `controls`, an assistant, or who holds the link to a
 * run's controls; `link`, who holds the link that the address names; `anyone`.
 */
export type Right = Role | 'controls' | 'link' | 'anyone'

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE'

/**
 * Every page and endpoint, by its route: what is not here is answered to nobody. docs/access.md shows it, and each cell of it is
 * tried (`tests/server/access.test.ts`).
 */
export const rights: Record<string, Partial<Record<Method, Right>>> = {
  // Pages
  '/': { GET: 'assistant' },
  '/account': { GET: 'assistant' },
  '/audit': { GET: 'owner' },
  '/begin': { GET: 'anyone' },
  '/begin/[token]': { GET: 'link' },
  '/card/[token]': { GET: 'link' },
  '/classes/[id]': { GET: 'assistant' },
  '/classes/[id]/[tab]': { GET: 'coach' },
  '/classes/[id]/attendance': { GET: 'assistant' },
  '/classes/[id]/rehearsal': { GET: 'coach' },
  '/coach/[token]': { GET: 'controls' },
  '/exercises': { GET: 'coach' },
  '/gear': { GET: 'coach' },
  '/here/[token]': { GET: 'link' },
  '/incidents': { GET: 'owner' },
  '/incidents/new': { GET: 'assistant' },
  '/join/[token]': { GET: 'link' },
  '/log': { GET: 'coach' },
  '/mail': { GET: 'anyone' },
  '/notation': { GET: 'coach' },
  '/pair': { GET: 'assistant' },
  '/people': { GET: 'coach' },
  '/people/[id]': { GET: 'coach' },
  '/plans': { GET: 'coach' },
  '/privacy': { GET: 'anyone' },
  '/put-away': { GET: 'coach' },
  '/reset': { GET: 'anyone' },
  '/reset/[token]': { GET: 'link' },
  '/rooms': { GET: 'coach' },
  '/runs/[id]': { GET: 'assistant' },
  '/runs/[id]/record': { GET: 'coach' },
  '/runs/[id]/screens': { GET: 'assistant' },
  '/screen': { GET: 'anyone' },
  '/sign-in': { GET: 'anyone' },
  '/station/[token]': { GET: 'link' },
  '/team': { GET: 'owner' },
  '/type': { GET: 'coach' },
  '/wall/[token]': { GET: 'link' },
  '/403': { GET: 'anyone' },
  '/404': { GET: 'anyone' },
  '/500': { GET: 'anyone' },
  // Who somebody is
  '/api/session': { POST: 'anyone', DELETE: 'anyone', PUT: 'assistant' },
  '/api/session/passkey': { POST: 'anyone' },
  '/api/session/passkey/options': { POST: 'anyone' },
  '/api/session/demo': { POST: 'anyone' },
  '/api/sessions': { DELETE: 'assistant' },
  '/api/account/password': { PUT: 'assistant' },
  '/api/passkeys': { POST: 'assistant' },
  '/api/passkeys/options': { POST: 'assistant' },
  '/api/passkeys/[id]': { DELETE: 'assistant' },
  '/api/password-resets': { POST: 'anyone' },
  '/api/password-resets/[token]': { POST: 'link' },
  '/api/join/[token]': { POST: 'link' },
  '/api/incidents': { POST: 'assistant' },
  '/api/invitations': { POST: 'owner' },
  '/api/invitations/[id]': { DELETE: 'owner' },
  '/api/members/[id]': { PUT: 'owner', DELETE: 'owner' },
  // A hall and what it has
  '/api/begin/[token]': { POST: 'link' },
  '/api/hall/figures': { GET: 'coach', PUT: 'coach' },
  '/api/library/[key]': { GET: 'coach' },
  '/api/people': { GET: 'coach', POST: 'coach' },
  '/api/people/[id]': { PUT: 'coach', DELETE: 'coach' },
  '/api/people/[id]/data': { GET: 'coach' },
  '/api/people/[id]/record': { GET: 'coach' },
  '/api/exercises': { GET: 'coach', POST: 'coach' },
  '/api/exercises/[id]': { PUT: 'coach', DELETE: 'coach' },
  '/api/gear': { GET: 'coach', POST: 'coach' },
  '/api/gear/[id]': { PUT: 'coach', DELETE: 'coach' },
  '/api/rooms': { GET: 'coach', POST: 'coach' },
  '/api/rooms/[id]': { PUT: 'coach', DELETE: 'coach' },
  '/api/plans': { POST: 'coach' },
  '/api/plans/import': { POST: 'coach' },
  '/api/plans/[id]': { PUT: 'coach', DELETE: 'coach' },
  '/api/plans/[id]/file': { GET: 'coach' },
  '/api/plans/[id]/restore': { POST: 'coach' },
  '/api/unreadable/[of]/[id]': { GET: 'coach' },
  // Classes
  '/api/classes': { POST: 'coach' },
  '/api/classes/[id]': { GET: 'coach', PUT: 'coach', DELETE: 'coach' },
  '/api/classes/[id]/again': { POST: 'coach' },
  '/api/classes/[id]/around': { GET: 'coach' },
  '/api/classes/[id]/attendance': { PUT: 'assistant' },
  '/api/classes/[id]/log': { GET: 'coach' },
  '/api/classes/[id]/past-partners': { GET: 'coach' },
  '/api/classes/[id]/plan-file': { GET: 'coach' },
  '/api/classes/[id]/rehearsal': { GET: 'coach' },
  '/api/classes/[id]/restore': { POST: 'coach' },
  '/api/classes/[id]/revisions': { GET: 'coach' },
  '/api/classes/[id]/revisions/[version]': { GET: 'coach' },
  '/api/classes/[id]/runs': { POST: 'assistant' },
  '/api/classes/[id]/series': { GET: 'coach', PUT: 'coach' },
  // What is worked out for whoever plans
  '/api/findings': { POST: 'coach' },
  '/api/gear-count': { POST: 'coach' },
  '/api/rotation': { POST: 'coach' },
  '/api/timeline': { POST: 'coach' },
  // A running class
  '/api/runs/[id]': { DELETE: 'coach' },
  '/api/runs/[id]/changes': { POST: 'controls' },
  '/api/runs/[id]/changes/undo': { POST: 'controls' },
  '/api/runs/[id]/claims/[person]': { DELETE: 'controls' },
  '/api/runs/[id]/commands': { POST: 'controls' },
  '/api/runs/[id]/events': { GET: 'controls' },
  '/api/runs/[id]/links/[screen]': { POST: 'controls', DELETE: 'controls' },
  '/api/runs/[id]/notes': { POST: 'coach' },
  '/api/runs/[id]/notes/[note]': { DELETE: 'coach' },
  '/api/runs/[id]/pairings': { POST: 'controls' },
  '/api/runs/[id]/record': { GET: 'coach' },
  '/api/runs/[id]/results': { GET: 'controls', PUT: 'controls' },
  '/api/runs/[id]/restore': { POST: 'coach' },
  '/api/runs/[id]/snapshot': { GET: 'controls' },
  '/api/screens/[token]/asks': { POST: 'link' },
  '/api/screens/[token]/claims': { GET: 'link', POST: 'link' },
  '/api/screens/[token]/events': { GET: 'link' },
  '/api/screens/[token]/results': { GET: 'link', PUT: 'link' },
  '/api/screens/[token]/snapshot': { GET: 'link' },
  '/api/screens/[token]/taps': { POST: 'link' },
  // Screens that wait, the room's time, and whether the app is well
  '/api/pairings': { POST: 'anyone' },
  '/api/pairings/[device]': { GET: 'link' },
  '/api/time': { GET: 'anyone' },
  '/api/health': { GET: 'anyone' },
  '/api/[...unknown]': { GET: 'anyone', POST: 'anyone', PUT: 'anyone', DELETE: 'anyone' },
}

const all: Method[] = ['GET', 'POST', 'PUT', 'DELETE']

/** What it takes to ask for a route by a method; nothing where it has no such method, or is none. */
export function rightTo(route: string, method: string): Right | undefined {
  const wanted = method === 'HEAD' ? 'GET' : method
  return all.find((known) => known === wanted) && rights[route]?.[wanted as Method]
}

/** Whether a right asks who somebody is: an unguessable link is a right by itself. */
export const asksWho = (right: Right): boolean => right !== 'link' && right !== 'anyone'

/** Whether somebody may: of a role, or of none, who is signed in nowhere. Links are looked at where they are used. */
export const may = (role: Role | undefined, right: Right): boolean =>
  right === 'anyone' || right === 'link' || right === 'controls' || (role !== undefined && mayAs(role, right))
