import type { Refused } from '../refused'
import { statusOf } from './respond'

/** A page of words, for a link that opens nothing any more: light, with nothing that asks for anything; `on` is a way on, if there is one. */
export function closedPage({ why, message }: Refused, on?: { to: string; words: string }): Response {
  const way = on ? `<p><a href="${on.to}">${on.words}</a></p>` : ''
  const page = `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>Vicinor</title>
    <style>
      body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: #f6f1e7; color: #22262e; font: 1.25rem/1.5 "Atkinson Hyperlegible Next", sans-serif; }
      p { max-width: 28em; padding: 1.5em; text-align: center; }
      a { color: inherit; }
    </style>
  </head>
  <body><main><p>${message}</p>${way}</main></body>
</html>
`
  return new Response(page, {
    status: statusOf[why],
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
    },
  })
}
