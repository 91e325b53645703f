import { createServer, type Server } from 'node:net'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { openHall, type Hall } from '../fixtures/hall'
import { joinAs, stranger } from '../fixtures/members'

/** A server that takes every mail (RFC 5321, as much of it as is asked for here). */
function mailServer(): Promise<{ server: Server; port: number; mails: string[] }> {
  const mails: string[] = []
  const server = createServer((socket) => {
    let [text, isData] = ['', false]
    socket.write('220 here\r\n')
    socket.on('data', (chunk) => {
      text += chunk.toString()
      for (;;) {
        const end = isData ? text.indexOf('\r\n.\r\n') : text.indexOf('\r\n')
        if (end < 0) return
        const said = text.slice(0, end)
        text = text.slice(end + (isData ? 5 : 2))
        if (isData) mails.push(said)
        isData = !isData && said === 'DATA'
        socket.write(isData ? '354 go on\r\n' : said === 'QUIT' ? '221 bye\r\n' : '250 ok\r\n')
      }
    })
  })
  return new Promise((resolve) => {
    server.listen(0, '127.0.0.1', () => resolve({ server, port: (server.address() as { port: number }).port, mails }))
  })
}

let hall: Hall
let post: Awaited<ReturnType<typeof mailServer>>
beforeAll(async () => {
  post = await mailServer()
  hall = await openHall({ SMTP_URL: `smtp://127.0.0.1:${post.port}`, MAIL_FROM: 'hall@example.org' })
})
afterAll(async () => {
  post.server.close()
  await hall.close()
})

it('a link for a new password leaves by the server that is configured, and then there is no box to look into', async () => {
  const { base } = hall.server
  const ada = await joinAs('coach', base, hall)
  expect((await stranger(base).post('/api/password-resets', { email: ada.email })).status).toBe(200)
  await expect.poll(() => post.mails.length).toBe(1)
  const [mail] = post.mails
  expect(mail).toContain(`To: ${ada.email}`)
  expect(mail).toContain('From: hall@example.org')
  const token = /\/reset\/([\w-]+)/.exec(mail!.replace(/=\r\n/g, ''))![1]
  expect((await stranger(base).post(`/api/password-resets/${token}`, { password: 'a walk that is new' })).status).toBe(200)
  expect((await hall.get('/mail')).status).toBe(404)
  expect(await hall.sql('select 1 from account_mail')).toEqual([])
})
