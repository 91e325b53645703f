import { inTheHall } from '@server/db/in-hall'
import { endpoint } from '@server/http/respond'
import { knownLibrary, libraryMark } from '@server/services/halls'

/** The hall's people, exercises, gear and figures: kept by the browser until the mark in its address is another. */
export const GET = endpoint(async ({ params }) => {
  const known = await inTheHall(knownLibrary)
  const current = params.key === libraryMark(known.key)
  // Whoever asks by an old mark gets what there is now, and keeps it under no name.
  return new Response(known.text, {
    headers: { 'content-type': 'application/json', 'cache-control': current ? 'private, max-age=86400, immutable' : 'no-store' },
  })
})
