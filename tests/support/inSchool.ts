import type { Page } from 'playwright-core'
import { expect, test } from 'vitest'
import { openBrowser, openPage, type Screen, type Watch } from './browser'
import { dataFolder, type ReadySchools } from './dataFolder'
import { schoolAt, type School } from './school'
import { startServer } from './startServer'

/** Opens a page of the school; it is closed after the test, and must not have complained or asked elsewhere. */
export type Open = (path: string, screen?: Screen) => Promise<Page>

type Data = keyof ReadySchools | 'none'
type CleanUp = (clean: () => Promise<void>) => void

async function startSchool(data: Data, environment: NodeJS.ProcessEnv, onCleanup: CleanUp): Promise<School> {
  const server = await startServer(dataFolder(data), { environment })
  onCleanup(async () => {
    await server.stop()
    server.forget()
  })
  return schoolAt(server)
}

/** What all files share that one worker runs, since starting it takes longer than most tests. */
const shared = test
  .extend('browser', { scope: 'worker' }, async ({}, { onCleanup }) => {
    const browser = await openBrowser()
    onCleanup(() => browser.close())
    return browser
  })
  .extend('demoSchool', { scope: 'worker' }, ({}, { onCleanup }) => startSchool('demo', {}, onCleanup))

const inSharedSchool = shared.extend('school', { scope: 'file' }, ({ demoSchool }): School => demoSchool)

/**
 * Tests in the real interface, in the demo school. Each test makes its own lessons, on weeks of their own, and opens screens that
 * nobody else has. A file that changes what all lessons share has a school of its own.
 */
export const inDemoSchool = withPages(inSharedSchool)

/** Tests in a school of the file's own; one of no data at all is what a new teacher begins with. */
export const inOwnSchool = (data: Data, environment: NodeJS.ProcessEnv = {}) =>
  withPages(
    shared.extend('school', { scope: 'file' }, ({}, { onCleanup }) =>
      startSchool(data, environment, onCleanup),
    ),
  )

function withPages(it: typeof inSharedSchool) {
  return it.extend('open', async ({ school, browser }, { onCleanup }): Promise<Open> => {
    const opened: { page: Page; watch: Watch }[] = []
    onCleanup(async () => {
      for (const { page } of opened) await page.context().close()
      expect(opened.map(({ watch }) => watch)).toEqual(opened.map(() => ({ foreign: [], errors: [] })))
    })
    return async (path, screen) => {
      const one = await openPage(browser, school.url, screen)
      opened.push(one)
      await one.page.goto(school.url + path)
      return one.page
    }
  })
}
