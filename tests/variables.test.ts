import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../scripts/runServer'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import {
  chooseWord,
  dragTo,
  openBrowser,
  openPage,
  openWord,
  seriousFindings,
  type Watch,
} from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let id: string

const lesson = async (of = id) => (await (await fetch(`${server.url}/api/lessons/${of}`)).json()) as LessonDto
const plan = async () => (await lesson()).plan
const place = (name: string, on: Page = page) => on.getByRole('region', { name, exact: true })
const card = (name: string, on: Page = page) => on.getByRole('listitem', { name: new RegExp(`^${name},`) })
const kept = async () => (await plan()).keptSame.map((same) => same.name)
const checks = () => page.getByRole('complementary', { name: 'Checks of the plan' })

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  const lessons = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  id = lessons.find((one) => one.title === 'Paper towels')!.id
  await page.goto(`${server.url}/lessons/${id}/plan`)
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('picks what to change by drag: the other cards fall into keep the same', async () => {
  await checks().getByText('so this is a show, a model or a look-up, not a test').first().waitFor()
  await dragTo(page, card('kind of paper'), place('What we change').getByRole('list'))
  await place('What we change').getByText('kind of paper').waitFor()
  await expect.poll(kept).toEqual(['amount of water', 'size of the piece', 'time in the water'])
  expect((await plan()).changed).toMatchObject({ name: 'kind of paper', kind: 'kinds' })
})

it('picks and moves by keyboard, one card to measure', async () => {
  await card('water soaked up').press('Enter')
  await place('What we measure').getByText('water soaked up').waitFor()
  await card('size of the piece').press('ArrowLeft')
  await place('What we change').getByText('size of the piece').waitFor()
  await expect.poll(kept).toEqual(['amount of water', 'time in the water', 'kind of paper'])
  await page.getByTitle('Undo (u)').click()
  await expect.poll(kept).toEqual(['amount of water', 'size of the piece', 'time in the water'])
})

it('takes new cards in, and lets them be moved at the Board by touch', async () => {
  await page.getByRole('button', { name: 'More for time in the water' }).click()
  await page.getByText('Change the words').click()
  await page.getByLabel('Name of the card').fill('12,5 seconds in the water')
  await page.getByLabel('Name of the card').press('Enter')
  await expect.poll(kept).toContain('12,5 seconds in the water')
  // The field closes twice, by Enter and by leaving it; all must still be said to be saved.
  await page
    .getByRole('status')
    .filter({ hasText: /^saved$/ })
    .waitFor()
  await page.getByTitle('Undo (u)').click()
  await expect.poll(kept).toContain('time in the water')
  const more = place('We could change').getByRole('textbox')
  await more.fill('Kind of Paper')
  await more.press('Enter')
  await page
    .getByRole('status')
    .filter({ hasText: /^saved$/ })
    .waitFor()
  await more.fill('temperature of the water')
  await more.press('Enter')
  const { page: board } = await openPage(browser, server.url)
  await board.goto(`${server.url}/board/${id}`)
  await board.getByRole('button', { name: 'Cards' }).click()
  await dragTo(
    board,
    card('temperature of the water', board),
    place('What we keep the same', board).getByRole('list'),
  )
  await place('What we keep the same').getByText('temperature of the water').waitFor()
  expect(await seriousFindings(board)).toEqual([])
  await board.context().close()
})

it('goes from the children’s cards to a plan that is fair and will show', async () => {
  await page.getByLabel('How amount of water is kept the same').fill('200 mL in the tray')
  for (let left = await checks().locator('[data-finding^="unequal-start"]').count(); left > 0; left--)
    await checks().locator('[data-finding^="unequal-start"]').first().getByRole('button').click()
  await page.getByRole('button', { name: 'On to the plan' }).click()
  await openWord(page, 'levels')
  await page.getByLabel('Levels in one line').fill('napkin, kitchen paper, bumpy paper')
  await page.keyboard.press('Enter')
  await chooseWord(page, 'way', 'before and after')
  while ((await checks().locator('[data-finding] button').count()) > 0)
    await checks().locator('[data-finding] button').first().click()
  await checks().getByText('fair', { exact: true }).waitFor()
  await page.getByLabel('At napkin').fill('4')
  await page.getByLabel('At bumpy paper').fill('16')
  await page.getByLabel('Same again: how far apart?').fill('2')
  await checks().getByText('will show', { exact: true }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('finds a second property that changes with the level, and mends it', async () => {
  await openWord(page, 'levels')
  await page.getByRole('button', { name: 'Do they differ in anything else?' }).click()
  await page.getByLabel('What the levels may also differ in').fill('number of layers')
  for (const [kind, layers] of [
    ['napkin', '1'],
    ['kitchen paper', '2'],
    ['bumpy paper', '2'],
  ] as const)
    await page.getByRole('textbox', { name: `number of layers of ${kind}` }).fill(layers)
  await page.keyboard.press('Escape')
  await checks().getByText('The number of layers differs too').waitFor()
  await checks().getByRole('button', { name: 'Same number of layers for all: 2' }).click()
  await checks().getByText('fair', { exact: true }).waitFor()
  await expect
    .poll(async () => (await plan()).keptSame.at(-1))
    .toMatchObject({ name: 'number of layers', how: '2 for all' })
})

it('turns to rounds of improving, and back with undo', async () => {
  await chooseWord(page, 'aim', 'improve a design in rounds')
  await page.getByText('altering one thing each time').waitFor()
  await expect
    .poll(async () => (await plan()).levels.map((level) => level.name))
    .toEqual(['round 1', 'round 2', 'round 3'])
  await page.getByTitle('Undo (u)').click()
  await expect.poll(async () => (await plan()).recording.kind).not.toBe('rounds')
  expect((await plan()).levels.map((level) => level.name)).toContain('napkin')
})

it('gives some groups a test of their own under the same question', async () => {
  await page.getByRole('button', { name: 'Own test' }).click()
  for (const group of ['Leaf', 'Bell']) await page.getByLabel(group, { exact: true }).check()
  await page.getByRole('button', { name: 'Give them their own test' }).click()
  const parts = page.getByRole('navigation', { name: 'Tests under this question' })
  await expect.poll(() => page.url()).not.toContain(id)
  await parts.getByRole('link').nth(1).waitFor()
  const partId = /lessons\/([\w-]+)/.exec(page.url())![1]!
  await page.getByRole('button', { name: 'Cards' }).click()
  await card('amount of water').press('ArrowLeft')
  await parts.getByText('amount of water → water soaked up').waitFor()
  await expect.poll(async () => (await lesson(partId)).plan.changed.name).toBe('amount of water')
  expect((await plan()).changed.name).toBe('kind of paper')
  expect((await lesson(partId)).class.groups.map((group) => group.name)).toEqual(['Leaf', 'Bell'])
  expect((await lesson()).class.groups).toHaveLength(4)
  await parts.getByRole('button', { name: 'Back to the first test' }).click()
  await expect.poll(async () => (await lesson()).class.groups.length).toBe(6)
  expect(watch).toEqual({ foreign: [], errors: [] })
})
