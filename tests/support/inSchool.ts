import type { Page } from 'playwright-core'
import { expect, test } from 'vitest'
import { startServer } from '../../scripts/runServer'
import { openBrowser, openPage, type Screen, type Watch } from './browser'
import { dataFolder } from './dataFolder'
import { schoolAt } from './school'

/** Opens a page of the school; it is closed after the test, and must not have complained or asked elsewhere. */
export type Open = (path: string, screen?: Screen) => Promise<Page>

/**
 * Tests in the real interface. A file shares a school and a browser; each test makes its own lessons, and opens
 * screens that nobody else has. A school of no data at all is what a new teacher begins with.
 */
export const inSchool = (data: 'none' | 'empty' | 'demo', environment: NodeJS.ProcessEnv = {}) =>
  test
    .extend('school', { scope: 'file' }, async ({}, { onCleanup }) => {
      const server = await startServer(dataFolder(data), { environment })
      onCleanup(async () => {
        await server.stop()
        server.forget()
      })
      return schoolAt(server)
    })
    .extend('browser', { scope: 'file' }, async ({}, { onCleanup }) => {
      const browser = await openBrowser()
      onCleanup(() => browser.close())
      return browser
    })
    .extend('open', async ({ school, browser }, { onCleanup }): Promise<Open> => {
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
