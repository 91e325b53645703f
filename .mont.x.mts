import { chromium } from '@playwright/test'
import { readFileSync } from 'node:fs'
const [out, width, ...files] = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
const p = await browser.newPage({ viewport: { width: 2 * Number(width) + 30, height: 800 } })
await p.setContent(`<body style="margin:8px;display:grid;grid-template-columns:1fr 1fr;gap:8px;background:#888">${files.map((f) => `<img style="width:${width}px" src="data:image/png;base64,${readFileSync(f).toString('base64')}">`).join('')}</body>`)
await p.screenshot({ path: out!, fullPage: true })
await browser.close()
