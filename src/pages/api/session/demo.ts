import { demoIsOpen, strangerCookie } from '@server/access/who'
import { endpoint, json } from '@server/http/respond'
import { notFound } from '@server/refused'

/** Back into the demo, as its made-up owner. */
export const POST = endpoint(async ({ cookies }) => {
  if (!demoIsOpen()) throw notFound('demo')
  cookies.delete(strangerCookie, { path: '/' })
  return json({ demo: true })
})
