/**
 * What a migration is written by, after a change of the schema:
 *   npm install --no-save drizzle-kit@0.31.11 && node_modules/.bin/drizzle-kit generate
 * It is fetched for that alone, as nothing that runs or tests the app needs it.
 */
export default {
  dialect: 'postgresql',
  schema: ['./src/server/db/schema.ts', './src/server/db/accounts.ts'],
  out: './drizzle',
}
