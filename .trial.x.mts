import { chromium } from '@playwright/test'
const [link] = process.argv.slice(2)
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] })
const base = 'http://127.0.0.1:4500'
const fresh = async () => { const c = await b.newContext({ viewport: { width: 1280, height: 800 } }); await c.addCookies([{ name: 'vicinor.stranger', value: '1', url: base }]); return c.newPage() }
const p = await fresh()
await p.goto(base + link); await p.waitForSelector('input')
await p.getByLabel('Name of the hall').focus(); await p.keyboard.type('Weir House')
for (let i = 0; i < 30; i++) { await p.keyboard.press('Tab'); const l = await p.evaluate(() => (document.activeElement as HTMLInputElement)?.getAttribute('data-path')); if (l === 'name') break }
await p.keyboard.type('Ottilie'); await p.keyboard.press('Tab'); await p.keyboard.type('ottilie@weir.example'); await p.keyboard.press('Tab'); await p.keyboard.type('river stones in a row'); await p.keyboard.press('Enter')
await p.waitForURL(base + '/'); await p.waitForTimeout(1500); await p.screenshot({ path: '/tmp/t1.png' })
console.log('begun', await p.title())
await p.goto(base + '/team'); await p.getByLabel('Name').fill('Coach Two'); await p.getByRole('button', { name: 'Make a link' }).click()
const join = await p.getByText(/\/join\//).textContent(); console.log(join)
const q = await fresh(); await q.goto(join!); await q.getByLabel('E-mail address').fill('two@weir.example'); await q.getByLabel('Password', { exact: true }).fill('password1234'); await q.getByRole('button', { name: 'Join' }).click(); await q.waitForTimeout(800); await q.screenshot({ path: '/tmp/t2.png' })
await q.getByLabel('Password', { exact: true }).fill('stones in a river row'); await q.keyboard.press('Enter'); await q.waitForURL(base + '/'); 
await q.goto(base + '/team'); console.log('coach at team', await q.textContent('body')); await q.goto(base + '/people'); await q.waitForTimeout(800); await q.screenshot({ path: '/tmp/t3.png' })
const r = await q.goto(base + '/classes/demo-lunch/shape'); console.log('other hall', r!.status())
await b.close()
