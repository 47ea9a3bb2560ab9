import { spawn, spawnSync } from 'node:child_process'
import { chromium, type Browser } from 'playwright-core'
import { chromiumArguments, chromiumPath } from '../scripts/chromium'
import type { LessonDto, LessonSummaryDto } from '../shared/types/api'
import type { Figure } from './figure'
import { freePort } from '../scripts/freePort'
import { makeDataFolder } from '../scripts/makeDataFolder'
import { startServer } from '../scripts/runServer'

/** Bytes over the wire until the first screen of a Sheet and of a Desk stands, against the smallest page on the same libraries. */
export async function firstLoad(): Promise<Figure[]> {
  const built = spawnSync('npx', ['nuxt', 'build', 'benchmarks/bare'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (built.status !== 0) throw new Error('the bare page could not be built')
  const server = await startServer(await makeDataFolder('demo'))
  const port = await freePort()
  const bare = spawn(process.execPath, ['.bench/bare/server/index.mjs'], {
    env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: String(port) },
    stdio: 'ignore',
  })
  const { id, class: own, plan } = await lessonOf(server.url)
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })
  const smallest = await bytesOf(browser, `http://127.0.0.1:${port}`, 'A button')
  const sheet = await bytesOf(browser, `${server.url}/sheet/${id}/${own.groups[0]!.id}`, own.groups[0]!.name)
  const desk = await bytesOf(browser, `${server.url}/lessons/${id}/plan`, plan.changed.name)
  await browser.close()
  bare.kill()
  await server.stop()
  server.forget()
  const figure = (screen: string, bytes: number, most: number): Figure => ({
    name: `bytes until the first screen of a ${screen} / a bare Nuxt and Vuetify page`,
    value: bytes / smallest,
    unit: '',
    goal: { most },
    note: `${Math.round(bytes / 1000)} kB and ${Math.round(smallest / 1000)} kB compressed`,
  })
  return [figure('Sheet', sheet, 1.6), figure('Desk', desk, 2)]
}

/** A lesson of the demo school that is being tested. */
async function lessonOf(url: string): Promise<LessonDto> {
  const lessons = (await (await fetch(`${url}/api/lessons`)).json()) as LessonSummaryDto[]
  const { id } = lessons.find((one) => one.stage === 'test')!
  return (await (await fetch(`${url}/api/lessons/${id}`)).json()) as LessonDto
}

/** What had come by the moment at which the words stood on the screen; what comes after them nobody waits for. */
async function bytesOf(browser: Browser, url: string, words: string): Promise<number> {
  const page = await browser.newPage()
  await page.addInitScript(`(function look() {
    if (document.body?.textContent.includes(${JSON.stringify(words)})) performance.mark('first screen')
    else requestAnimationFrame(look)
  })()`)
  for (let tries = 0; ; tries++) {
    const answered = await page.goto(url).then(
      () => true,
      () => false,
    )
    if (answered) break
    if (tries > 100) throw new Error(`${url} does not answer`)
    await new Promise((next) => setTimeout(next, 100))
  }
  await page.getByText(words).first().waitFor()
  await page.waitForTimeout(1000)
  const bytes = await page.evaluate(() => {
    const stood = performance.getEntriesByName('first screen')[0]!.startTime
    const entries = [
      ...performance.getEntriesByType('navigation'),
      ...performance.getEntriesByType('resource'),
    ] as PerformanceResourceTiming[]
    const had = entries.filter(
      (entry) =>
        entry.responseEnd <= stood &&
        !entry.name.includes('/api/') &&
        // Our faces are optional: words never wait for them.
        !entry.name.endsWith('.woff2'),
    )
    // What is announced and then asked for stands there twice, and comes once.
    const sizes = new Map(had.map((entry) => [entry.name, entry.encodedBodySize]))
    return [...sizes.values()].reduce((sum, size) => sum + size, 0)
  })
  await page.close()
  return bytes
}
