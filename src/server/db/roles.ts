/**
 * As whom the app works on the database: neither owns a table, and neither can pass by its rules (`scripts/give-rights.ts`).
 * `app` sees the rows of the hall that its transaction is bound to; `signIn` sees who has an account, and nothing of any hall.
 */
export const roles = { app: 'vicinor_app', signIn: 'vicinor_sign_in' } as const
export type DatabaseRole = keyof typeof roles
