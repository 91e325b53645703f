import { snapshotNow } from '@server/actions/open-room'
import { endpoint, jsonText } from '@server/http/respond'

/** The class as its run would begin now, to be played without one. */
export const GET = endpoint(async ({ params }) => jsonText(await snapshotNow(params.id!)))
