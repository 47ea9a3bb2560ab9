import { chromium, type Browser, type BrowserContext } from 'playwright-core'
import { expect } from 'vitest'
import type { LessonDto } from '#shared/types/api'
import { chromiumArguments, chromiumPath } from '../../scripts/chromium'
import { anywhere, desk } from '../support/browser'
import { inOwnSchool } from '../support/inSchool'
import type { School } from '../support/school'

// Tablets reach the school's machine by plain http under a name: there a browser has fewer features than at home.
const name = 'school-machine.test'
const tabs = 8

const it = inOwnSchool('demo', { JOLLY_NAMES: name })
  .extend('away', { scope: 'file' }, async ({ school }, { onCleanup }) => {
    const browser = await chromium.launch({
      executablePath: chromiumPath,
      args: [...chromiumArguments, `--host-resolver-rules=MAP ${name} 127.0.0.1`],
    })
    onCleanup(() => browser.close())
    // What others reach by a name of the machine is reached by nobody who has not signed in.
    const cookie = await school.letTeachersSignIn()
    return { browser, cookie, own: `http://${name}:${new URL(school.url).port}` }
  })
  .extend('boards', ({ away }, { onCleanup }) => {
    onCleanup(async () => {
      for (const context of away.browser.contexts()) await context.close()
    })
    return (of: LessonDto[], count: number, prepare?: (context: BrowserContext) => Promise<unknown>) =>
      boardsIn(away, of, count, prepare)
  })

async function lessonOf(school: School): Promise<LessonDto> {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  return school.lesson(id)
}

/** Boards of the lessons in as many tabs of one browser. */
async function boardsIn(
  { browser, own, cookie }: { browser: Browser; own: string; cookie: { name: string; value: string } },
  of: LessonDto[],
  count: number,
  prepare?: (context: BrowserContext) => Promise<unknown>,
) {
  const context = await browser.newContext(desk)
  await context.addCookies([{ ...cookie, url: own }])
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

it('more tabs than a browser has connections all hear their lessons, and more can be opened', async ({
  school,
  boards,
}) => {
  const both = [await lessonOf(school), await lessonOf(school)]
  const pages = await boards(both, tabs)
  expect(await pages[0]!.evaluate(() => window.isSecureContext)).toBe(false)
  for (const lesson of both) await school.read(lesson.id, 0, 0, 13)
  for (const page of pages) await page.getByText('1 of 72 tries are in.').waitFor()
  // The first that was opened may be closed: it is nobody's stream but that of all.
  await pages[0]!.close()
  for (const lesson of both) await school.read(lesson.id, 0, 1, 13)
  for (const page of pages.slice(1)) await page.getByText('2 of 72 tries are in.').waitFor()
})

it('where tabs share nothing, a page hears by itself', async ({ school, boards }) => {
  const lesson = await lessonOf(school)
  const [page] = await boards([lesson], 1, (context) =>
    context.addInitScript(() => Reflect.deleteProperty(window, 'SharedWorker')),
  )
  await school.read(lesson.id, 0, 0, 13)
  await page!.getByText('1 of 72 tries are in.').waitFor()
})

it('a lesson that is taken off says so on every screen, and the Desk puts it back', async ({
  school,
  boards,
  away: { own },
}) => {
  const lesson = await lessonOf(school)
  const [board] = await boards([lesson], 1)
  const teacher = await board!.context().newPage()
  await teacher.goto(`${own}/lessons/${lesson.id}/test`)
  const sheet = await board!.context().newPage()
  await sheet.goto(`${own}/sheet/${lesson.id}/${lesson.class.groups[0]!.id}`)
  await anywhere(sheet.getByLabel('Our prediction'))
  await school.send('DELETE', `/api/lessons/${lesson.id}`, {})
  await sheet.getByText('Your teacher has put this lesson away.').waitFor()
  await board!.getByText('This lesson was removed from the logbook.').waitFor()
  await teacher.getByRole('button', { name: 'Put it back' }).click()
  await anywhere(sheet.getByLabel('Our prediction'))
  await board!.getByText('This lesson was removed from the logbook.').waitFor({ state: 'detached' })
})
