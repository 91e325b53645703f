/** What is kept of who did what, for people, links, roles and what leaves the hall. */
export const acts = {
  limitsSeen: 'looked at what people go easy on',
  personAdded: 'added',
  personChanged: 'changed',
  personErased: 'erased somebody',
  limitsCleared: 'forgot what somebody went easy on, long after their last class',
  dataExported: 'saved all data of',
  linksMade: 'made links',
  linksRenewed: 'made new links',
  screenPaired: 'paired a screen',
  cardFreed: 'let go the card of',
  invited: 'invited',
  invitationWithdrawn: 'withdrew an invitation',
  joined: 'joined',
  roleChanged: 'changed a role',
  memberRemoved: 'removed from the team',
  hallBegun: 'began the hall',
  incidentTold: 'reported an incident',
} as const
export type Act = keyof typeof acts

/** One line of the audit. */
export interface AuditEntry {
  id: number
  at: string
  /** Who it was: a member's name, or what did it without one. */
  by: string
  act: Act
  /** Of whom, as long as the hall knows them. */
  person?: string
  about?: string
}
