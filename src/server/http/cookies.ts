/** The answer, with what the browser is to keep or to forget beside it. */
export function withCookies(response: Response, cookies: readonly string[]): Response {
  for (const cookie of cookies) response.headers.append('set-cookie', cookie)
  return response
}
