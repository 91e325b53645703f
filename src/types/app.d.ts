/** The app as the build makes it: a handler of plain requests. */
declare module '#app' {
  import type { IncomingMessage, ServerResponse } from 'node:http'
  export const handler: (request: IncomingMessage, response: ServerResponse, next?: (error?: unknown) => void) => void
}
