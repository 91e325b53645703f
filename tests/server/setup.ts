import { withFreshDatabase } from '../fixtures/database'

/** A database with the demo, from which every file of server tests takes a copy for itself. */
export default async function setup(): Promise<() => Promise<void>> {
  const { url, drop } = await withFreshDatabase('template')
  process.env.TEMPLATE_DATABASE = url
  return drop
}
