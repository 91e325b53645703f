import { signOutEverywhere } from '@server/access/sign-in'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

/** Signs out on every device. */
export const DELETE = endpoint(async ({ request }) => withCookies(json({ signedOut: true }), await signOutEverywhere(request.headers)))
