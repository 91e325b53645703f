import { withFreshDatabase } from '../fixtures/database'
import { startServer } from '../fixtures/server'

/** A database with the demo, and the built app on it. Tests find both in the environment. */
export default async function setup(): Promise<() => Promise<void>> {
  const { url, drop } = await withFreshDatabase('browser')
  const server = await startServer(url)
  process.env.APP_DATABASE = url
  process.env.APP = server.base
  return async () => {
    await server.kill()
    await drop()
  }
}
