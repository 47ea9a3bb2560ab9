import type { LessonDto } from '../../shared/types/api'
import { chromium, type Browser, type Locator, type Page } from 'playwright-core'
import axe from 'axe-core'
import { chromiumArguments, chromiumPath } from '../../scripts/chromium'

export const openBrowser = (): Promise<Browser> =>
  chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })

/** What a page asked of other machines and what it complained of; both must stay empty. */
export interface Watch {
  foreign: string[]
  errors: string[]
}

/** A page of the given size that notes every request to another machine and every error. */
export async function openPage(
  browser: Browser,
  url: string,
  size = { width: 1280, height: 800 },
): Promise<{ page: Page; watch: Watch }> {
  const context = await browser.newContext({
    viewport: size,
    reducedMotion: 'reduce',
    acceptDownloads: true,
    permissions: ['clipboard-read', 'clipboard-write'],
  })
  const page = await context.newPage()
  // Long enough for a machine that is busy with something else.
  page.setDefaultTimeout(30_000)
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
  await page
    .locator('.v-select', { has: page.getByText(label, { exact: true }) })
    .first()
    .click()
  await page.getByRole('option', { name: option, exact: true }).click()
}

/** Opens a word of the plan's sentences. */
export async function openWord(page: Page, id: string): Promise<void> {
  await page.locator(`[data-word="${id}"]`).click()
  await page.locator('.v-overlay--active [role="dialog"]').waitFor()
}

/** Chooses what a word of the plan's sentences becomes. */
export async function chooseWord(page: Page, id: string, text: string): Promise<void> {
  await openWord(page, id)
  await page
    .getByRole('option', { name: new RegExp(`^${text}`) })
    .first()
    .click()
  await page.locator('.v-overlay--active [role="dialog"]').waitFor({ state: 'detached' })
}

const send = async <T>(url: string, body: object): Promise<T> =>
  (await (
    await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json()) as T

/** A new lesson of the demo school's class, begun from a starter. */
export async function lessonFrom(url: string, starter: string, date: string): Promise<string> {
  const [own] = (await (await fetch(`${url}/api/classes`)).json()) as { id: string }[]
  return (
    await send<{ id: string }>(`${url}/api/lessons`, {
      classId: own!.id,
      date,
      from: { kind: 'starter', id: starter },
    })
  ).id
}

/** Says that the cautions of a lesson have been checked, as a teacher does before the first reading. */
export async function confirmCautions(url: string, id: string): Promise<void> {
  const { planVersion } = (await (await fetch(`${url}/api/lessons/${id}`)).json()) as { planVersion: number }
  await send(`${url}/api/lessons/${id}/safety`, { initials: 'AB', version: planVersion })
}

/** The entries of a lesson with their one number in sight. */
export const numbersOf = ({ entries }: LessonDto) =>
  entries.map(({ fields, ...entry }) => ({ ...entry, ...fields.value }))

/** Takes the connection away from a page that has everything which it will need without one. */
export async function goOffline(page: Page): Promise<void> {
  await page.locator('[data-parts="all"]').waitFor({ state: 'attached' })
  await page.context().setOffline(true)
}
