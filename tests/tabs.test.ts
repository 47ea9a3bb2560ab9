import { chromium, type Browser, type BrowserContext } from 'playwright-core'
import { afterAll, afterEach, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import { chromiumArguments, chromiumPath } from '../scripts/chromium'
import { startServer, type RunningServer } from '../scripts/runServer'
import { confirmCautions, lessonFrom } from './support/browser'
import { dataFolder } from './support/dataFolder'
import { lessonAt, send } from './support/lessons'

// Tablets reach the school's machine by plain http under a name: there a browser has fewer features than at home.
const name = 'school-machine.test'
const tabs = 8
let server: RunningServer
let browser: Browser
let own: string
const contexts: BrowserContext[] = []

beforeAll(async () => {
  server = await startServer(dataFolder('demo'), { environment: { JOLLY_NAMES: name } })
  own = `http://${name}:${new URL(server.url).port}`
  browser = await chromium.launch({
    executablePath: chromiumPath,
    args: [...chromiumArguments, `--host-resolver-rules=MAP ${name} 127.0.0.1`],
  })
})
afterEach(async () => {
  for (const context of contexts.splice(0)) await context.close()
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

async function lessons(): Promise<LessonDto[]> {
  const ids = [1, 2].map(() => lessonFrom(server.url, 'ball-bounce', '2026-03-09'))
  const all = await Promise.all(ids)
  for (const id of all) await confirmCautions(server.url, id)
  return Promise.all(all.map((id) => lessonAt(server.url, id)))
}

const read = ({ id, class: { groups }, plan }: LessonDto, tryNumber: number) =>
  send(server.url, 'POST', `/api/lessons/${id}/entries`, {
    entries: [
      {
        ...{ id: newId(), groupId: groups[0]!.id, levelId: plan.levels[0]!.id, tryNumber, moment: '' },
        ...{ fields: { value: { typed: '13', given: 'typed', value: 13 } }, note: '', readWith: null },
        ...{ status: 'counted', reason: '', source: 'sheet', supersedes: null },
        takenAt: new Date().toISOString(),
      },
    ],
  })

/** Boards of the lessons in as many tabs of one browser. */
async function boards(
  of: LessonDto[],
  count: number,
  prepare?: (context: BrowserContext) => Promise<unknown>,
) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  contexts.push(context)
  await prepare?.(context)
  const pages = []
  for (let tab = 0; tab < count; tab++) {
    const page = await context.newPage()
    page.setDefaultTimeout(30_000)
    await page.goto(`${own}/board/${of[tab % of.length]!.id}`)
    await page.getByRole('button', { name: 'Results' }).click()
    await page.getByText('0 of 72 tries are in.').waitFor()
    pages.push(page)
  }
  return pages
}

it('more tabs than a browser has connections all hear their lessons, and more can be opened', async () => {
  const both = await lessons()
  const pages = await boards(both, tabs)
  expect(await pages[0]!.evaluate(() => window.isSecureContext)).toBe(false)
  for (const lesson of both) await read(lesson, 1)
  for (const page of pages) await page.getByText('1 of 72 tries are in.').waitFor()
  // The first that was opened may be closed: it is nobody's stream but that of all.
  await pages[0]!.close()
  for (const lesson of both) await read(lesson, 2)
  for (const page of pages.slice(1)) await page.getByText('2 of 72 tries are in.').waitFor()
})

it('where tabs share nothing, a page hears by itself', async () => {
  const [lesson] = await lessons()
  const [page] = await boards([lesson!], 1, (context) =>
    context.addInitScript(() => Reflect.deleteProperty(window, 'SharedWorker')),
  )
  await read(lesson!, 1)
  await page!.getByText('1 of 72 tries are in.').waitFor()
})

it('a lesson that is taken off says so on every screen, and the Desk puts it back', async () => {
  const [lesson] = await lessons()
  const [board] = await boards([lesson!], 1)
  const desk = await board!.context().newPage()
  await desk.goto(`${own}/lessons/${lesson!.id}/test`)
  const sheet = await board!.context().newPage()
  await sheet.goto(`${own}/sheet/${lesson!.id}/${lesson!.class.groups[0]!.id}`)
  await sheet.getByLabel('Our prediction').first().waitFor()
  await send(server.url, 'DELETE', `/api/lessons/${lesson!.id}`, {})
  await sheet.getByText('Your teacher has put this lesson away.').waitFor()
  await board!.getByText('This lesson was taken off the logbook.').waitFor()
  await desk.getByRole('button', { name: 'Put it back' }).click()
  await sheet.getByLabel('Our prediction').first().waitFor()
  await board!.getByText('This lesson was taken off the logbook.').waitFor({ state: 'detached' })
})
