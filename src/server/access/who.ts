import { mayAs, type Role } from '../../core/access/role'
import { demoMembership, membershipsOf, type Membership } from '../db/membership'
import { isLoopback, listensBeyond, publicUrl } from '../http/addresses'
import { accounts, storeAway } from './accounts'
import { sendsMail } from './mail'

/** Somebody who is signed in, and in which of their halls they are at work. */
export interface Who {
  userId: string
  name: string
  hallId: string
  role: Role
  /** Whether the hall is the made-up one, whose pages say so. */
  inDemo: boolean
  /** All halls that they belong to. */
  halls: Membership[]
  /** The demo's made-up owner, whom nobody has to sign in as. */
  demo?: true
}

/** Whether somebody may know what people of a hall go easy on: its coaches and owner, nobody else. */
export const knowsLimits = (who: Who | undefined, hallId: string): boolean =>
  who !== undefined && who.hallId === hallId && mayAs(who.role, 'coach')

/** Which of several halls somebody is at work in, on this device. */
export const hallCookie = 'vicinor.hall'
/** Set on a device that has signed out of the demo, so that it can be seen as a stranger does. */
export const strangerCookie = 'vicinor.stranger'

interface Asked {
  headers: Headers
  cookie: (name: string) => string | undefined
}

/** Who asks; nothing when nobody is signed in, or who is belongs to no hall any more. */
export async function whoAsks({ headers, cookie }: Asked): Promise<Who | undefined> {
  const signedIn = await signedInAs(headers)
  // Whose session has ended was somebody else than the demo's owner, and signs in anew.
  if (!signedIn) return cookie(strangerCookie) || bringsSession(headers) ? undefined : demoOwner()
  const halls = await membershipsOf(signedIn.id)
  const hall = halls.find(({ id }) => id === cookie(hallCookie)) ?? halls[0]
  return hall && { userId: signedIn.id, name: signedIn.name, hallId: hall.id, role: hall.role, inDemo: hall.demo, halls }
}

const bringsSession = (headers: Headers): boolean => headers.get('cookie')?.includes('vicinor.session_token') ?? false

/** Whose account a request is made from, whatever hall they belong to, or none. */
export async function signedInAs(headers: Headers): Promise<{ id: string; name: string; email: string } | undefined> {
  // Most requests come without: they need no question.
  if (!bringsSession(headers)) return undefined
  const session = await (await accounts()).api.getSession({ headers }).catch((error: unknown) => {
    throw storeAway(error)
  })
  return session?.user
}

/** Whether the demo opens for whoever comes: only on the machine itself, where nobody else comes from. */
export const demoIsOpen = (): boolean => !listensBeyond() && (publicUrl() === undefined || isLoopback(publicUrl()!.hostname))

async function demoOwner(): Promise<Who | undefined> {
  const demo = demoIsOpen() ? await demoMembership() : undefined
  if (!demo) return undefined
  const { hall, userId, name } = demo
  return { userId, name, hallId: hall.id, role: hall.role, inDemo: true, halls: [hall], demo: true }
}

/** The name of the demo, where it opens for whoever comes. */
export const demoName = async (): Promise<string | undefined> => (await demoOwner())?.halls[0]?.name

/** Whom mail reaches: those it is for, the demo's box, or nobody, where no server for it is set up. */
export async function mailsReach(): Promise<'people' | 'box' | 'nobody'> {
  if (sendsMail()) return 'people'
  return (await demoName()) === undefined ? 'nobody' : 'box'
}
