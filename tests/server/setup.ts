import { withFreshDatabase } from '../fixtures/database'

/** One database for all server tests: made, migrated, filled with the demo, and dropped at the end. */
export default async function setup(): Promise<() => Promise<void>> {
  const { url, drop } = await withFreshDatabase('server')
  process.env.DATABASE_URL = url
  return drop
}
