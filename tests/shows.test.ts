import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../scripts/runServer'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import { chooseWord, openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let id: string

const lesson = async () => (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto
const shows = () => page.getByRole('region', { name: 'Shows' })
const hidden = async () => Number(/In (\d+) of 12/.exec(await shows().innerText())?.[1] ?? 0)

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  id = lessons.find((one) => one.title === 'Shadow length')!.id
  await page.goto(`${server.url}/lessons/${id}/plan`)
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('says of a plain effect that it will show', async () => {
  await shows().getByText('will show', { exact: true }).waitFor()
  await shows()
    .getByRole('img', {
      name: 'Twelve rehearsed classes: 12 saw it, 0 saw the wrong thing, 0 could not tell',
    })
    .waitFor()
})

it('keeps all five checks in sight on every planning screen', async () => {
  for (const stage of ['3', '4', '2']) {
    await page.keyboard.press(stage)
    const five = page.getByRole('list', { name: 'The five checks' }).getByRole('listitem')
    await expect
      .poll(() => five.allTextContents())
      .toEqual([
        'Fair: worth a thought',
        'Shows: content',
        'Fits: not looked at yet',
        'Kitted: to mend',
        'Safe: to be checked',
      ])
    for (const box of await Promise.all((await five.all()).map((one) => one.boundingBox())))
      expect(box!.y + box!.height).toBeLessThan(400)
  }
  await shows().getByText('will show', { exact: true }).waitFor()
})

it('says of a small effect in a wide scatter that it stays hidden, and offers what would help', async () => {
  await shows().getByRole('button', { name: 'Change' }).click()
  await page.getByLabel('At 120 cm').fill('14')
  await page.getByLabel('Same again: how far apart?').fill('5')
  await shows()
    .getByText(/In \d+ of 12 classes like yours the answer would stay hidden\./)
    .waitFor()
  await shows().getByRole('button', { name: '150 cm instead of 120 cm' }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('reacts to a change of tries, and a remedy keeps what it promised', async () => {
  const before = await hidden()
  await chooseWord(page, 'tries', '6 tries')
  await expect.poll(hidden, { timeout: 20_000 }).toBeLessThan(before)
  const withTries = await hidden()
  await shows().getByRole('button', { name: '150 cm instead of 120 cm' }).click()
  await expect.poll(async () => (await lesson()).plan.levels.at(-1)!.value).toBe(150)
  await expect.poll(hidden, { timeout: 20_000 }).toBeLessThanOrEqual(withTries)
  expect(watch).toEqual({ foreign: [], errors: [] })
})
