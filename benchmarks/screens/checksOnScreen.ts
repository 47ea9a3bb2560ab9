import { type Page, chromium } from 'playwright-core'
import { median } from 'simple-statistics'
import type { Figure } from '../figure'
import type { LessonSummaryDto } from '../../shared/types/api'
import { chromiumArguments, chromiumPath } from '../../scripts/chromium'
import { makeDataFolder } from '../../scripts/makeDataFolder'
import { startServer } from '../../scripts/runServer'

const rounds = 15
const frame = 16
const patience = 300
/** Where the open word of the plan is typed. */
const word = '.v-overlay--active [role="dialog"] input'

/** From the key to what the checks say of it, in the real interface: Fair against one frame, the first Shows figure against 300 ms. */
export async function checksOnScreen(): Promise<Figure[]> {
  const server = await startServer(await makeDataFolder('demo'))
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  const shadow = lessons.find((lesson) => lesson.title === 'Shadow length')!
  await page.goto(`${server.url}/lessons/${shadow.id}/plan`)
  await page.getByRole('img', { name: /^Twelve rehearsed classes/ }).waitFor()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.locator('[data-word="changed"]').click()
  await page.locator(word).waitFor()
  const fair: number[] = []
  const shows: number[] = []
  for (let round = 0; round < rounds; round++) {
    fair.push(await typed(page, word, round % 2 ? 'lamp' : 'lamp and post', '.checks'))
    shows.push(
      await typed(
        page,
        '.fields .wide input',
        round % 2 ? '2' : '40',
        '[aria-label="Shows"] [role="status"]',
      ),
    )
    // The rest of the rehearsal, so that each round begins in quiet.
    await page.waitForTimeout(900)
  }
  await browser.close()
  await server.stop()
  server.forget()
  const figure = (name: string, times: number[], most: number): Figure => ({
    name: `${name} / ${most} ms`,
    value: median(times) / most,
    unit: '',
    goal: { most: 1 },
    note: `median ${median(times).toFixed(1)} ms of ${times.length}`,
  })
  return [
    figure('from a key to what Fair says', fair, frame),
    figure('from a key to the first Shows figure', shows, patience),
  ]
}

/** Types into a field and waits in the page itself until the words at another place have changed. */
function typed(page: Page, field: string, text: string, place: string): Promise<number> {
  return page.evaluate(
    ({ field, text, place }) =>
      new Promise<number>((done, fail) => {
        const input = document.querySelector<HTMLInputElement>(field)!
        // No named functions in here: their names would be looked up in the wrong world.
        const before = document.querySelector(place)?.textContent
        const start = performance.now()
        const watch = new MutationObserver(() => {
          if (document.querySelector(place)?.textContent === before) return
          watch.disconnect()
          done(performance.now() - start)
        })
        watch.observe(document.body, { subtree: true, childList: true, characterData: true })
        setTimeout(() => fail(new Error(`nothing changed at ${place}`)), 8000)
        input.value = text
        input.dispatchEvent(new Event('input', { bubbles: true }))
      }),
    { field, text, place },
  )
}
