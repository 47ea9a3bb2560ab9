import { chromium } from 'playwright-core'
import { dataFolder, startServer } from './runServer'
import { buildWhenNeeded } from './build'
import { chromiumArguments, chromiumPath } from './chromium'
buildWhenNeeded()
const server = await startServer(await dataFolder(true))
console.log('URL', server.url)
const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as any[]
const own = ((await (await fetch(`${server.url}/api/classes`)).json()) as any[])[0]!
const titled = (title: string) => lessons.find((lesson) => lesson.title === title)!.id
const ids: Record<string, string> = {
  class: own.id,
  leaf: own.groups[0]!.id,
  bounce: titled('Ball bounce'),
  grip: titled('Which sole grips'),
  shadow: titled('Shadow length'),
  towels: titled('Paper towels'),
}
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })
const shots = process.argv.slice(2)
for (const shot of shots) {
  const [name, path, size = '1280x800', click] = shot.split('|')
  const [width, height] = size!.split('x').map(Number)
  const page = await browser.newPage({ viewport: { width: width!, height: height! } })
  page.on('pageerror', (e) => console.log(name, 'ERR', e.message))
  page.on('console', (m) => {
    if (m.type() === 'error') console.log(name, 'CONSOLE', m.text())
  })
  await page.goto(server.url + path!.replace(/:(\w+)/g, (_w, key: string) => ids[key]!))
  await page.waitForTimeout(1800)
  for (const c of (click ?? '').split('>').filter(Boolean)) {
    await page.getByRole('button', { name: c, exact: true }).first().click()
    await page.waitForTimeout(700)
  }
  await page.screenshot({ path: `/tmp/${name}.png` })
  await page.close()
}
await browser.close()
if (process.env.KEEP) await new Promise(() => undefined)
await server.stop()
server.forget()
