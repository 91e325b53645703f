import { bigint, boolean, index, integer, jsonb, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core'
import type { Act } from '../../core/access/audit'
import type { Incident } from '../../core/access/incident'
import { hallId, moment } from './schema'

/**
 * Who signs in. The tables of accounts are those that better-auth asks for, under names of our own; only the role that signs
 * people in sees them (`scripts/give-rights.ts`).
 */

const times = () => ({ createdAt: moment('created_at').notNull().defaultNow(), updatedAt: moment('updated_at').notNull().defaultNow() })
const userId = () =>
  text('user_id')
    .notNull()
    .references(() => users.id, { onDelete: 'cascade' })

export const users = pgTable('account_user', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  email: text('email').notNull().unique(),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: text('image'),
  ...times(),
})

export const sessions = pgTable(
  'account_session',
  {
    id: text('id').primaryKey(),
    userId: userId(),
    token: text('token').notNull().unique(),
    expiresAt: moment('expires_at').notNull(),
    ipAddress: text('ip_address'),
    userAgent: text('user_agent'),
    ...times(),
  },
  (table) => [index('session_by_user').on(table.userId)],
)

/** How somebody signs in: by a password, kept as its hash. */
export const logins = pgTable(
  'account_login',
  {
    id: text('id').primaryKey(),
    userId: userId(),
    accountId: text('account_id').notNull(),
    providerId: text('provider_id').notNull(),
    password: text('password'),
    accessToken: text('access_token'),
    refreshToken: text('refresh_token'),
    idToken: text('id_token'),
    accessTokenExpiresAt: moment('access_token_expires_at'),
    refreshTokenExpiresAt: moment('refresh_token_expires_at'),
    scope: text('scope'),
    ...times(),
  },
  (table) => [index('login_by_user').on(table.userId)],
)

/** A key of somebody's device, by which they sign in without a password. */
export const passkeys = pgTable(
  'account_passkey',
  {
    id: text('id').primaryKey(),
    userId: userId(),
    name: text('name'),
    publicKey: text('public_key').notNull(),
    credentialID: text('credential_id').notNull(),
    counter: integer('counter').notNull(),
    deviceType: text('device_type').notNull(),
    backedUp: boolean('backed_up').notNull(),
    transports: text('transports'),
    aaguid: text('aaguid'),
    createdAt: moment('created_at'),
  },
  (table) => [index('passkey_by_user').on(table.userId), index('passkey_by_credential').on(table.credentialID)],
)

/** What proves who somebody is for once, as the link that sets a new password. */
export const proofs = pgTable(
  'account_proof',
  {
    id: text('id').primaryKey(),
    identifier: text('identifier').notNull(),
    value: text('value').notNull(),
    expiresAt: moment('expires_at').notNull(),
    ...times(),
  },
  (table) => [index('proof_by_identifier').on(table.identifier)],
)

/** What sessions are signed with: one row, made with the tables. */
export const secrets = pgTable('account_secret', { id: integer('id').primaryKey().default(1), secret: text('secret').notNull() })

/** Mail that was not sent, where there is no server for it: the demo's box, which can be opened. */
export const mails = pgTable('account_mail', {
  id: text('id').primaryKey(),
  to: text('to').notNull(),
  subject: text('subject').notNull(),
  text: text('text').notNull(),
  at: moment('at').notNull().defaultNow(),
})

/** Who belongs to a hall, and as what. */
export const memberships = pgTable(
  'membership',
  {
    hallId: hallId(),
    userId: userId(),
    role: text('role', { enum: ['owner', 'coach', 'assistant'] }).notNull(),
    since: moment('since').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.hallId, table.userId] }), index('membership_by_user').on(table.userId)],
)

/** A link by which somebody becomes a member, once: kept as its hash, so that who reads the table cannot use it. */
export const invitations = pgTable(
  'invitation',
  {
    hallId: hallId(),
    id: text('id').notNull(),
    tokenHash: text('token_hash').notNull(),
    role: text('role', { enum: ['owner', 'coach', 'assistant'] }).notNull(),
    /** For whom it was made, in the owner's words. */
    name: text('name').notNull(),
    until: moment('until').notNull(),
    usedAt: moment('used_at'),
  },
  (table) => [primaryKey({ columns: [table.hallId, table.id] }), uniqueIndex('invitation_by_token').on(table.tokenHash)],
)

/**
 * Who did what when. The app adds to it and reads it, and can do no more (`scripts/give-rights.ts`); whoever is erased is taken out of
 * it by a function of the database's own. Of people there is no name in it.
 */
export const audits = pgTable(
  'audit',
  {
    hallId: hallId(),
    id: bigint('id', { mode: 'number' }).notNull().generatedAlwaysAsIdentity(),
    at: moment('at').notNull().defaultNow(),
    /** Of a member; absent where a link or the app itself did it. */
    userId: text('user_id'),
    byName: text('by_name').notNull(),
    act: text('act').$type<Act>().notNull(),
    personId: text('person_id'),
    about: text('about'),
  },
  (table) => [primaryKey({ columns: [table.hallId, table.id] })],
)

/** What went wrong in a class: anybody of the team tells it, its owner reads it. */
export const incidents = pgTable(
  'incident',
  {
    hallId: hallId(),
    id: text('id').notNull(),
    at: moment('at').notNull().defaultNow(),
    byName: text('by_name').notNull(),
    document: jsonb('document').$type<Incident>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.hallId, table.id] }), index('incident_by_time').on(table.hallId, table.at)],
)
