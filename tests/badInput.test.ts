import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import { confirmCautions, openBrowser, openPage, openWord, type Watch } from './support/browser'
import { startServer, type RunningServer } from '../scripts/runServer'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let id: string

const lesson = async () => (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  id = lessons.find((one) => one.title === 'Shadow length')!.id
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('a level that is no number stays as typed with a word why, and the plan keeps its old one', async () => {
  await page.goto(`${server.url}/lessons/${id}/plan`)
  await openWord(page, 'levels')
  const level = page.getByLabel('Level 1', { exact: true })
  await level.fill('far away')
  await page.getByText('“far away” is not a number.').waitFor()
  await level.fill('12 kg')
  await page.getByText('Kilograms do not fit here. This is measured in centimetres (cm).').waitFor()
  await level.fill('0.3 m')
  await page.getByText('do not fit here').waitFor({ state: 'detached' })
  await level.blur()
  expect(await level.inputValue()).toBe('30')
})

it('no levels at all, twice the same, and an instrument without a scale are told at the right place', async () => {
  await page.getByLabel('Level 2', { exact: true }).fill('30')
  await page.keyboard.press('Escape')
  await page.locator('[data-finding="level-twice"]').getByRole('button', { name: 'Keep it once' }).click()
  await openWord(page, 'levels')
  for (let left = 3; left > 0; left--)
    await page
      .getByRole('button', { name: /Take out \d+ cm/ })
      .first()
      .click()
  await page.locator('[data-finding="too-few-levels"]').waitFor()
  await page.keyboard.press('Escape')
  await openWord(page, 'instrument')
  await page.getByRole('button', { name: 'Change its marks' }).click()
  await page.getByLabel('To', { exact: true }).fill('-5')
  await page.getByText('The scale must end above where it starts.').first().waitFor()
  await page.getByText('not saved').waitFor()
  await page.getByLabel('To', { exact: true }).fill('200')
  await page
    .getByRole('status')
    .filter({ hasText: /^saved$/ })
    .waitFor()
  await page.keyboard.press('Escape')
  for (let steps = 0; steps < 12 && (await lesson()).plan.levels.length < 4; steps++) {
    await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
    await page.waitForTimeout(500)
  }
  expect((await lesson()).plan.levels.length).toBe(4)
})

it('text in the grid stays where it was typed; a pasted block is taken as far as it can be', async () => {
  await confirmCautions(server.url, id)
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  const first = page.getByLabel(/^Leaf, .*, try 1$/).first()
  await first.fill('ten')
  await first.press('Enter')
  await page.getByText('“ten” is not a number. Type it like 12.5 cm or 3 1/2.').waitFor()
  expect(await first.inputValue()).toBe('ten')
  await first.focus()
  await page.evaluate(() => navigator.clipboard.writeText('10\t11\t12\n10\tn/a\t12,5\n'))
  await page.keyboard.press('Control+V')
  await page.getByText('4 numbers pasted; 2 could not be taken and need a look.').waitFor()
  await expect
    .poll(async () => (await lesson()).entries.map((one) => one.fields.value!.value))
    .toEqual([10, 11, 12, 10])
})

it('addresses that lead nowhere say so and lead back', async () => {
  for (const [path, words] of [
    ['/lessons/00000000-0000-4000-8000-000000000000/plan', 'This lesson is not here.'],
    ['/lessons/nonsense/plan', 'This lesson is not here.'],
    ['/classes/nonsense', 'This class is not here.'],
    ['/board/nonsense', 'This lesson is not here.'],
    ['/sheet/nonsense/nobody', 'This lesson is not here.'],
    ['/nowhere', 'There is no page here'],
  ] as const) {
    await page.goto(server.url + path)
    await page.getByText(words).waitFor()
    expect(await page.getByRole('link', { name: 'Open the logbook' }).count()).toBe(1)
  }
})

it('a wrong file is refused with words and nothing is added', async () => {
  await page.goto(server.url)
  const add = (name: string, text: string) =>
    page
      .getByLabel('Investigation file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByRole('heading', { name: 'Start a lesson' }).waitFor()
  await add('broken.json', '{"format": "jolly-bea')
  await page.getByText('This file is damaged').waitFor()
  await add('newer.json', JSON.stringify({ format: 'jolly-beaker-investigation', version: 9, plan: {} }))
  await page.getByText('written by a newer Jolly Beaker').waitFor()
  expect(watch.errors).toEqual([])
})
