import type { Browser, Locator, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../scripts/runServer'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import { dragTo, openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let board: Page
let watch: Watch
let id: string

const lesson = async () => (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto
const column = (name: string, on: Page = page) => on.getByRole('region', { name, exact: true })
const note = (text: string, on: Page = page): Locator => on.getByRole('listitem', { name: text })
const kindOf = async (text: string) => (await lesson()).notes.find((one) => one.text === text)?.kind

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  board = (await openPage(browser, server.url)).page
  await page.goto(server.url)
  await page.getByLabel('From a question of your own').fill('Why do some things sink?')
  await page.getByRole('button', { name: 'Start from this question' }).click()
  await page.getByRole('heading', { name: 'What do we wonder?' }).waitFor()
  id = /lessons\/([\w-]+)/.exec(page.url())![1]!
  await board.goto(`${server.url}/board/${id}`)
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('takes notes typed live and a list copied from paper, and shows them on the Board', async () => {
  const noticed = column('Noticed').getByRole('textbox')
  await noticed.fill('The stone went straight down')
  await noticed.press('Enter')
  await note('Noticed: The stone went straight down', board).waitFor()
  await page.evaluate(() =>
    navigator.clipboard.writeText(
      '1. The cork came up again\n- It floats because it is light\n\n• The clay sank',
    ),
  )
  await noticed.focus()
  await page.keyboard.press('Control+V')
  await expect
    .poll(async () => (await lesson()).notes.map((one) => one.text))
    .toEqual([
      'The stone went straight down',
      'The cork came up again',
      'It floats because it is light',
      'The clay sank',
    ])
})

it('puts a guess among the noticed up for the class, which decides', async () => {
  await note('Noticed: It floats because it is light')
    .getByText('“because” gives a reason. Did we see the reason?')
    .waitFor()
  await note('Noticed: It floats because it is light', board)
    .getByRole('button', { name: 'We guess it' })
    .click()
  await note('Guessed: It floats because it is light').waitFor()
  expect((await lesson()).notes[2]).toMatchObject({ kind: 'guessed', settled: true })
})

it('moves notes by drag and by arrow keys, and keeps them so', async () => {
  await dragTo(page, note('Noticed: The clay sank'), column('Guessed').getByRole('list'))
  await expect.poll(() => kindOf('The clay sank')).toBe('guessed')
  await note('Guessed: The clay sank').press('ArrowLeft')
  await expect.poll(() => kindOf('The clay sank')).toBe('noticed')
  await expect
    .poll(() => note('Noticed: The clay sank').evaluate((card) => card === document.activeElement))
    .toBe(true)
  await dragTo(
    board,
    note('Noticed: The cork came up again', board),
    column('Asking', board).getByRole('list'),
  )
  await note('Asking: The cork came up again').waitFor()
  await note('Asking: The cork came up again').press('Delete')
  await note('Asking: The cork came up again').waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await note('Asking: The cork came up again').press('ArrowLeft')
  await note('Guessed: The cork came up again').waitFor()
})

it('sorts questions and helps to turn a “why” into one that can be tested', async () => {
  const asking = column('Asking').getByRole('textbox')
  for (const text of ['Why do some things sink?', 'What is clay made of?', 'Does the shape matter?']) {
    await asking.fill(text)
    await asking.press('Enter')
    await note(`Asking: ${text}`).waitFor()
  }
  await note('Asking: What is clay made of?').getByRole('button', { name: 'look it up?' }).click()
  await page.getByText('look it up', { exact: true }).last().click()
  await expect
    .poll(async () => (await lesson()).notes.find((one) => one.text.startsWith('What is clay'))?.sort)
    .toBe('look-up')
  await page.getByText('“Why” asks for a reason.').waitFor()
  await page.getByLabel('One thing we change').fill('shape of the clay')
  await page.getByLabel('One thing we measure').fill('number of washers held')
  await page.getByRole('button', { name: 'Ask it like this' }).click()
  await page.getByText('This is a question we can test.').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  expect(await seriousFindings(board)).toEqual([])
})

it('shows a photo or a sketch of what the class looks at', async () => {
  await page.getByLabel('Photo of what we look at').setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no picture'),
  })
  await page.getByText('This file is no picture that can be shown.').waitFor()
  await page.getByRole('button', { name: 'Add a photo or sketch' }).click()
  await page.getByText('Sketch it').click()
  const sheet = page.getByRole('img', { name: 'Sheet to draw on' })
  const box = (await sheet.boundingBox())!
  await page.mouse.move(box.x + 60, box.y + 60)
  await page.mouse.down()
  await page.mouse.move(box.x + 300, box.y + 200, { steps: 12 })
  await page.mouse.up()
  await page.getByRole('button', { name: 'Keep the sketch' }).click()
  await board.getByRole('img', { name: 'What we look at', exact: true }).waitFor()
  expect(
    await board
      .getByRole('img', { name: 'What we look at', exact: true })
      .evaluate((picture: HTMLImageElement) => picture.decode().then(() => picture.naturalWidth)),
  ).toBe(1280)
})

it('leaves the questions that nobody tested in the logbook, from where one starts the next lesson', async () => {
  const all = (await (await fetch(`${server.url}/api/lessons`)).json()) as LessonSummaryDto[]
  expect(all.find((one) => one.id === id)!.nextQuestions).toEqual([
    'Why do some things sink?',
    'Does the shape matter?',
  ])
  await page.goto(server.url)
  const row = page.getByRole('row', { name: /number of washers held/ })
  await row.getByText('2 next questions').click()
  await row.getByRole('button', { name: 'Ask next: Does the shape matter?' }).click()
  await page.getByRole('heading', { name: 'What do we wonder?' }).waitFor()
  expect(page.url()).not.toContain(id)
  expect(watch).toEqual({ foreign: [], errors: [] })
})
