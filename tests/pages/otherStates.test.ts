import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

const pages = [
  ...['/', '/week', '/year', '/classes', '/school'],
  ...[
    '/lessons/:bounce/plan',
    '/lessons/:bounce/test',
    '/lessons/:bounce/compare',
    '/lessons/:bounce/conclude',
  ],
  ...['/board/:bounce', '/sheet/:bounce/:group', '/print/:bounce/poster'],
]

const problem = (code: string, message: string) => ({ error: { code, message, fields: [] } })

/** What a page shows while nothing has come yet, and where the server refuses it or fails. */
const states: [name: string, answer: (page: Page) => Promise<unknown>][] = [
  ['waiting', (page) => page.route('**/api/**', () => {})],
  [
    'refused',
    (page) =>
      page.route('**/api/**', (route) =>
        route.fulfill({
          status: 403,
          json: problem('not-allowed', 'Only an admin of your school can do this.'),
        }),
      ),
  ],
  [
    'failing',
    (page) =>
      page.route('**/api/**', (route) =>
        route.fulfill({ status: 500, json: problem('failed', 'Something went wrong here. Try again.') }),
      ),
  ],
]

it.for(states)(
  'no page has a serious accessibility issue while it is %s',
  async ([, answer], { school, open }) => {
    const bounce = await school.titled('Ball bounce')
    const group = (await school.lesson(bounce)).class.groups[0]!.id
    // A page that asks for nothing, so that the answers are arranged before any other does.
    const page = await open('/favicon.svg')
    await answer(page)
    const found: Record<string, string[]> = {}
    for (const path of pages) {
      await page.goto(school.url + path.replace(':bounce', bounce).replace(':group', group))
      await page.locator('.v-application').waitFor()
      // What is asked for has been refused, or is waited for, once the page has drawn itself.
      await page.waitForTimeout(600)
      const findings = await seriousFindings(page)
      if (findings.length > 0) found[path] = findings
    }
    expect(found).toEqual({})
  },
)
