import { chromium, type Browser, type BrowserContextOptions, type Locator, type Page } from 'playwright-core'
import axe from 'axe-core'
import { chromiumArguments, chromiumPath } from '../../scripts/chromium'

export const openBrowser = (): Promise<Browser> =>
  chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })

/** What a page asked of other machines and what it complained of; both must stay empty. */
export interface Watch {
  foreign: string[]
  errors: string[]
}

/** What a page is looked at on. */
export type Screen = Pick<BrowserContextOptions, 'viewport' | 'hasTouch' | 'isMobile'>

export const desk: Screen = { viewport: { width: 1280, height: 800 } }
export const phone: Screen = { viewport: { width: 390, height: 844 } }
/** A phone that only fingers touch. */
export const touched: Screen = { ...phone, hasTouch: true, isMobile: true }

/** A page on such a screen that notes every request to another machine and every error. */
export async function openPage(
  browser: Browser,
  url: string,
  screen: Screen = desk,
): Promise<{ page: Page; watch: Watch }> {
  const context = await browser.newContext({
    ...screen,
    reducedMotion: 'reduce',
    acceptDownloads: true,
    permissions: ['clipboard-read', 'clipboard-write'],
  })
  const page = await context.newPage()
  // Long enough for a machine that is busy with something else.
  page.setDefaultTimeout(90_000)
  const watch: Watch = { foreign: [], errors: [] }
  page.on('request', (request) => {
    const asked = new URL(request.url())
    if (!['data:', 'blob:'].includes(asked.protocol) && asked.origin !== new URL(url).origin)
      watch.foreign.push(request.url())
  })
  page.on('pageerror', (error) => watch.errors.push(error.message))
  page.on('console', (message) => {
    // A refused request is told to the user; the browser's own note of it is no error of the page.
    if (message.type() === 'error' && !message.text().startsWith('Failed to load resource'))
      watch.errors.push(message.text())
  })
  return { page, watch }
}

/** Serious and critical findings of axe on a page, each with the element it is about. */
export async function seriousFindings(page: Page): Promise<string[]> {
  await page.evaluate(axe.source)
  const { violations, passes } = await page.evaluate(async () =>
    (window as unknown as { axe: typeof axe }).axe.run(document, { resultTypes: ['violations'] }),
  )
  if (passes.length < 8) throw new Error(`axe looked at almost nothing: ${passes.length} rules`)
  return violations
    .filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')
    .flatMap((violation) =>
      violation.nodes.map((node) => `${violation.id}: ${node.target.join(' ')} ${node.html.slice(0, 120)}`),
    )
}

/** Waits until something is there at least once, like a heading on each page of a print. */
export const anywhere = (what: Locator): Promise<void> => what.nth(0).waitFor()

/** Pulls a thing onto another with the mouse, in steps, as a hand does. */
export async function dragTo(page: Page, what: Locator, onto: Locator): Promise<void> {
  const [from, to] = [await what.boundingBox(), await onto.boundingBox()]
  if (!from || !to) throw new Error('there is nothing to drag, or nowhere to drag it')
  await page.mouse.move(from.x + Math.min(40, from.width / 3), from.y + 14)
  await page.mouse.down()
  const [x, y] = [to.x + to.width / 2, to.y + Math.min(60, to.height / 2)]
  await page.mouse.move(x, y - 10, { steps: 12 })
  await page.mouse.move(x, y, { steps: 4 })
  await page.mouse.up()
}

/** Chooses from one of the lists that open over the page. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.locator('.v-select', { has: page.getByText(label, { exact: true }) }).click()
  const one = page.getByRole('option', { name: option, exact: true })
  await one.waitFor()
  // What is open scrolls to what is chosen in its next frames, and its rows are drawn anew: one pressed in that moment hears nothing.
  await nextFrames(page, 4)
  await one.click()
}

const nextFrames = (page: Page, count: number) =>
  page.evaluate(async (frames) => {
    for (let frame = 0; frame < frames; frame++) await new Promise(requestAnimationFrame)
  }, count)

/** Opens a word of the plan's sentences. */
export async function openWord(page: Page, id: string): Promise<void> {
  await page.locator(`[data-word="${id}"]`).click()
  await page.locator('.v-overlay--active [role="dialog"]').waitFor()
}

/** Chooses what a word of the plan's sentences becomes. */
export async function chooseWord(page: Page, id: string, text: string): Promise<void> {
  await openWord(page, id)
  await page.getByRole('option', { name: new RegExp(`^${text}`) }).click()
  await page.locator('.v-overlay--active [role="dialog"]').waitFor({ state: 'detached' })
}

/** Waits until all that was changed on a page is kept. */
export const isSaved = (page: Page): Promise<void> =>
  page
    .getByRole('status')
    .filter({ hasText: /^saved$/ })
    .waitFor()

/** Takes the connection away from a page that has everything which it will need without one. */
export async function goOffline(page: Page): Promise<void> {
  await page.locator('[data-parts="all"]').waitFor({ state: 'attached' })
  await page.context().setOffline(true)
}
