import { chromium } from 'playwright-core'
import { readFileSync } from 'node:fs'
import { chromiumArguments, chromiumPath } from './chromium'
const names = process.argv.slice(3)
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })
const page = await browser.newPage({ viewport: { width: 1700, height: 1100 } })
await page.setContent(
  `<body style="margin:0;display:flex;flex-wrap:wrap;gap:6px;background:#888">${names.map((n) => `<img style="height:540px" src="data:image/png;base64,${readFileSync(`/tmp/${n}.png`).toString('base64')}">`).join('')}</body>`,
)
await page.screenshot({ path: process.argv[2] })
await browser.close()
