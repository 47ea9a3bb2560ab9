import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { LessonSummaryDto } from '#shared/types/api'
import { openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { startServer, type RunningServer } from '../scripts/runServer'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let ids: Record<string, string>
/** A teacher's screen and a tablet, which go from one page to the next. */
let desk: { page: Page; watch: Watch }
let tablet: typeof desk

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  desk = await openPage(browser, server.url)
  tablet = await openPage(browser, server.url, { width: 390, height: 844 })
  const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  const [own] = (await (await fetch(`${server.url}/api/classes`)).json()) as {
    id: string
    groups: { id: string }[]
  }[]
  const titled = (title: string) => lessons.find((lesson) => lesson.title === title)!.id
  ids = {
    bounce: titled('Ball bounce'),
    grip: titled('Which sole grips'),
    shadow: titled('Shadow length'),
    towels: titled('Paper towels'),
    class: own!.id,
    leaf: own!.groups[0]!.id,
    anchor: own!.groups[5]!.id,
  }
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

describe('every main screen', () => {
  it.each([
    ['the logbook', '/', 'Start a lesson'],
    ['the classes', '/classes', 'Kestrel class'],
    ['a class', '/classes/:class', 'Read in a list'],
    ['the school', '/school', 'Cupboard of instruments'],
    ['Wonder with notes', '/lessons/:towels/wonder', 'The bumps hold the drops'],
    ['the variables board', '/lessons/:towels/plan', 'We could change'],
    ['the Board, wondering', '/board/:towels', 'Which paper is best?'],
    ['Wonder', '/lessons/:shadow/wonder', 'What do we wonder?'],
    ['Plan', '/lessons/:shadow/plan', 'We change the'],
    ['Pack', '/lessons/:bounce/pack', 'On each tray'],
    ['several lessons', '/week', 'To fetch'],
    ['packing by phone', '/packing/:shadow', 'Tray by tray'],
    ['Test', '/lessons/:grip/test', 'Journal'],
    ['Compare', '/lessons/:bounce/compare', 'Worth a look'],
    ['Conclude', '/lessons/:bounce/conclude', 'Print the poster'],
    ['the Board', '/board/:grip', 'tries are in'],
    ['the choice of group', '/sheet/:grip', 'Which group are you?'],
    ['a Sheet that predicts', '/sheet/:grip/:anchor', 'This is our prediction'],
    ['a Sheet that reads', '/sheet/:grip/:leaf', 'Write it down'],
    ['tray cards', '/print/:bounce/trays', 'On this tray'],
    ['recording sheets', '/print/:bounce/sheets', 'We found out that'],
    ['labels', '/print/:bounce/labels', '25 cm'],
    ['getting ready', '/print/:towels/ready', 'On which day'],
    ['the poster', '/print/:bounce/poster', 'Our answer'],
  ])(
    '%s has no serious accessibility issue, no error and asks nothing of other machines',
    async (_, path, words) => {
      const { page, watch } = path.startsWith('/sheet') ? tablet : desk
      watch.errors = []
      watch.foreign = []
      await page.goto(server.url + path.replace(/:(\w+)/g, (_whole, name: string) => ids[name]!))
      await page.getByText(words).first().waitFor()
      // Charts and fonts arrive a moment after the words.
      await page.waitForTimeout(500)
      expect(await seriousFindings(page)).toEqual([])
      expect(watch).toEqual({ foreign: [], errors: [] })
    },
  )
})
