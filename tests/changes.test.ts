// Long: one lesson of each kind, from the Sheet to the poster.
import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { ChangeRecording, Plan } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import { startServer, type RunningServer } from '../scripts/runServer'
import {
  confirmCautions,
  lessonFrom,
  openBrowser,
  openPage,
  seriousFindings,
  type Watch,
} from './support/browser'
import { dataFolder } from './support/dataFolder'
import { lessonAt, smallLesson } from './support/lessons'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let soaked: string
let poured: string

const changing = { change: 'lost', compare: 'starts', container: 'none' } as const
const lesson = (id: string) => lessonAt(server.url, id)
const phone = { width: 390, height: 844 }

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  const dried: ChangeRecording = {
    kind: 'before-after',
    moments: ['wet', 'after a night'],
    stand: 'in-turn',
    ...changing,
    container: 'weighed',
  }
  soaked = await smallLesson(server.url, 'paper-towels', '2031-05-05', () => ({
    recording: dried,
    workOut: 'children',
    question: 'Which paper dries most?',
  }))
  poured = await smallLesson(server.url, 'poured-together', '2031-05-05', ({ levels }) => ({
    recording: { kind: 'parts-whole', parts: ['rice', 'peas'], ...changing },
    levels: levels.map((level, index) => ({ ...level, name: ['rice and peas', 'peas and peas'][index]! })),
  }))
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

/** Writes one reading down on a Sheet. */
async function write(sheet: Page, heading: string | RegExp, text: string) {
  await sheet.getByRole('heading', { name: heading }).waitFor()
  await sheet.locator('input').fill(text)
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
}

async function openSheet(id: string, place: number): Promise<Page> {
  const { class: own } = await lesson(id)
  const context = await browser.newContext({ viewport: phone, hasTouch: true, isMobile: true })
  const sheet = await context.newPage()
  sheet.setDefaultTimeout(30_000)
  await sheet.goto(`${server.url}/sheet/${id}/${own.groups[place]!.id}`)
  await sheet.getByRole('button', { name: 'We are ready' }).tap()
  return sheet
}

/** Types numbers cell by cell; what is asked about is kept with a second Enter. */
async function typeRow(...texts: string[]): Promise<string[]> {
  const asked: string[] = []
  for (const text of texts) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    if ((await page.getByRole('button', { name: `Keep ${text}` }).count()) === 0) continue
    asked.push(await page.getByRole('status').filter({ hasText: 'Look again' }).innerText())
    await page.keyboard.press('Enter')
  }
  return asked
}

it('a Sheet weighs the container once, asks what does not fit it, and the children take it off', async () => {
  const sheet = await openSheet(soaked, 0)
  await write(sheet, 'thin napkin, container, empty', '40')
  await write(sheet, 'thin napkin, wet', '30')
  await sheet.getByText('Its container alone reads 40 g.').waitFor()
  await sheet.getByRole('button', { name: 'Look again' }).tap()
  await write(sheet, 'thin napkin, wet', '200')
  await sheet.getByRole('heading', { name: 'thin napkin, after a night' }).waitFor()
  // What broke is begun anew; its container is not weighed again.
  await sheet.getByRole('button', { name: 'Something went wrong' }).tap()
  await sheet.getByRole('button', { name: 'equipment slipped or broke' }).tap()
  await write(sheet, 'thin napkin, once more, wet', '200')
  await write(sheet, /thin napkin, .*after a night/, '188')
  await sheet.getByRole('heading', { name: 'thin napkin, wet, without its container' }).waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  const answer = async (text: string) => {
    await sheet.locator('input').fill(text)
    await sheet.getByRole('button', { name: 'Is it right?' }).tap()
  }
  await answer('170')
  await sheet.getByText('Not yet. Work out 200 g − 40 g once more.').waitFor()
  // What waits to be worked out is not lost with the page.
  await sheet.reload()
  await answer('160 g')
  await sheet.getByText('188 g − 40 g =').waitFor()
  await answer('1')
  await answer('2')
  await sheet.getByText('It is 188 g − 40 g = 148 g.').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await answer('12')
  await sheet.getByText('148 g of 160 g left: lost 7.5%').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByRole('heading', { name: 'plain kitchen paper, container, empty' }).waitFor()
  await expect.poll(async () => (await lesson(soaked)).entries.length).toBe(6)
  await sheet.context().close()
})

it('the grid takes rows in the order of the paper and shows what each comes to', async () => {
  await page.goto(`${server.url}/lessons/${soaked}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  const cell = (group: string, level: string, moment: string) =>
    page.getByLabel(`${group}, ${level}, try 1, ${moment}`, { exact: true })
  await cell('Leaf', 'plain kitchen paper', 'container, empty').click()
  // The cup starts with half as much as the jar: noticed at once, and kept with a second Enter.
  await typeRow('25', '105', '97')
  for (const _group of ['Bell', 'Key', 'Fish', 'Moon', 'Anchor'])
    await typeRow('40', '200', '188', '25', '105', '97')
  await expect.poll(async () => (await lesson(soaked)).entries.length).toBe(39)
  await page.getByRole('cell', { name: 'lost 12 g, 7.5%' }).first().waitFor()
  expect(await page.getByRole('cell', { name: 'lost 8 g, 10%' }).count()).toBe(6)
  expect(await seriousFindings(page)).toEqual([])
})

it('Compare, CSV, poster and paper agree: by the share of the start, since the starts differ', async () => {
  await page.goto(`${server.url}/lessons/${soaked}/compare`)
  await page
    .getByRole('heading', {
      name: 'Plain kitchen paper lost the largest share of its mass, about 3% more than thin napkin.',
    })
    .waitFor()
  await page
    .getByText('The starts differ, from 80 g to 160 g, so the changes are compared as shares of the start.')
    .waitFor()
  const row = page.getByRole('row', { name: /^plain kitchen paper/ })
  expect((await row.getByRole('cell').allTextContents()).map((text) => text.trim())).toEqual([
    '80',
    '72',
    '10',
  ])
  await page
    .getByRole('img', { name: /thin napkin, wet 160 g, after a night 148 g/ })
    .first()
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'share of mass lost' }).click()
  await page.getByRole('row', { name: /^All groups.*7\.5.*10/ }).waitFor()
  const csv = await (await fetch(`${server.url}/api/lessons/${soaked}/readings.csv`)).text()
  expect(csv).toMatch(/Bell,plain kitchen paper,1,"container, empty",25,25,typed,g,balance/)
  await page.goto(`${server.url}/print/${soaked}/poster`)
  await page.getByText('thin napkin lost 7.5% of its start').waitFor()
  await page.getByText('less its empty container, and look at how much less it got').waitFor()
  await page.goto(`${server.url}/print/${soaked}/sheets`)
  for (const head of ['container, empty', 'wet', 'after a night', 'lost'])
    await page.getByRole('columnheader', { name: head, exact: true }).first().waitFor()
})

it('what is saved as a file comes back: nothing new here, all of it in another lesson, and mistakes are told', async () => {
  const csv = await (await fetch(`${server.url}/api/lessons/${soaked}/readings.csv`)).text()
  const { plan } = await lesson(soaked)
  const copy = await smallLesson(server.url, 'paper-towels', '2031-05-06', () => plan)
  const openFile = async (id: string, text: string) => {
    await page.goto(`${server.url}/lessons/${id}/test`)
    await page.getByRole('button', { name: 'Readings' }).click()
    await page.getByRole('button', { name: 'From a file' }).click()
    await page.getByLabel('File of readings').setInputFiles({
      name: 'readings.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(text),
    })
  }
  await openFile(soaked, csv)
  await page.getByText('0 new, 39 there already.').waitFor()
  expect(await page.getByRole('button', { name: 'Take them in' }).isDisabled()).toBe(true)
  await openFile(copy, csv.replace('Bell,', 'Rain,'))
  await page.getByText('There is no group called “Rain”.').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await openFile(copy, csv)
  await page.getByText('39 new, 0 there already.').waitFor()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await page.getByText('39 readings are in.').waitFor()
  const [one, other] = await Promise.all([lesson(soaked), lesson(copy)])
  const essence = ({ entries }: LessonDto) =>
    // Two of one millisecond may have changed places.
    entries.map(({ id: _id, supersedes: _before, ...entry }) => JSON.stringify(entry)).sort()
  expect(essence(other)).toEqual(essence(one))
})

it('a Board holds results back until everybody has predicted', async () => {
  const id = await lessonFrom(server.url, 'poured-together', '2031-05-07')
  await confirmCautions(server.url, id)
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByLabel('Leaf, rice and rice, try 1, first cup', { exact: true }).click()
  await typeRow('40', '33', '40', '33', '80', '66')
  await expect.poll(async () => (await lesson(id)).entries.length).toBe(6)
  await page.goto(`${server.url}/board/${id}`)
  await page
    .getByRole('img', { name: /all together 80 mL/ })
    .first()
    .waitFor()
  await page.getByRole('button', { name: 'Hold results back' }).click()
  await page.getByText('Results come when everybody has predicted: 0 of 6 so far.').waitFor()
  expect(await page.getByRole('img', { name: /all together 80 mL/ }).count()).toBe(0)
  await page.reload()
  await page.getByText('Results come when everybody has predicted').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Show results' }).click()
  await page
    .getByRole('img', { name: /all together 80 mL/ })
    .first()
    .waitFor()
})

it('parts and the whole, from the Sheet to the poster: 28 mL less than 180', async () => {
  const sheet = await openSheet(poured, 0)
  await write(sheet, 'rice and peas, rice', '100')
  await write(sheet, 'rice and peas, peas', '80')
  await write(sheet, 'rice and peas, all together', '70')
  await sheet.getByText('rice alone read 100 mL. Can all together be less?').waitFor()
  await sheet.getByRole('button', { name: 'Look again' }).tap()
  await sheet.locator('input').fill('152')
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  // The cylinder of 100 mL does not reach that far: kept all the same.
  await sheet.getByRole('button', { name: 'Keep 152' }).tap()
  for (const line of [
    '100 mL + 80 mL = 180 mL',
    '180 mL − 152 mL = 28 mL',
    '152 mL together, 180 mL apart: 15.6% less',
  ])
    await sheet.getByText(line).waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByRole('heading', { name: 'peas and peas, rice' }).waitFor()
  await sheet.context().close()
  await page.goto(`${server.url}/lessons/${poured}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByLabel('Leaf, peas and peas, try 1, rice', { exact: true }).click()
  const rows = [
    ['40', '40', '80'],
    ...Array.from({ length: 5 }, () => [
      ['50', '40', '76'],
      ['40', '40', '80'],
    ]).flat(),
  ]
  await typeRow(...rows.flat())
  await expect.poll(async () => (await lesson(poured)).entries.length).toBe(36)
  await page.goto(`${server.url}/lessons/${poured}/compare`)
  await page
    .getByRole('heading', { name: /^Rice and peas lost the (most volume|largest share of its volume)/ })
    .waitFor()
  await page.getByText(/Peas and peas: no change we could measure/).waitFor()
  await page
    .getByRole('img', { name: /peas and peas, rice 40 mL, peas 40 mL, all together 80 mL/ })
    .first()
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.goto(`${server.url}/print/${poured}/poster`)
  await page.getByText('Peas and peas: no change we could measure').waitFor()
  await page.goto(`${server.url}/board/${poured}`)
  await page
    .getByRole('img', { name: /all together 80 mL/ })
    .first()
    .waitFor()
  expect(watch).toEqual({ foreign: [], errors: [] })
})

it('parts and the whole in volume and in mass: 28 mL less, and no gram', async () => {
  const both = await smallLesson(server.url, 'poured-together', '2031-05-06', ({ levels, recording }) => ({
    recording: { ...recording, parts: ['rice', 'peas'] } as Plan['recording'],
    levels: levels.map((level, index) => ({ ...level, name: ['rice and peas', 'peas and peas'][index]! })),
  }))
  const sheet = await openSheet(both, 0)
  await write(sheet, 'rice and peas, rice', '50')
  await write(sheet, 'rice and peas, rice, mass', '0,041 kg')
  await write(sheet, 'rice and peas, peas', '40')
  await write(sheet, 'rice and peas, peas, mass', '33')
  await write(sheet, 'rice and peas, all together', '62')
  await sheet.getByLabel('mass').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await write(sheet, 'rice and peas, all together, mass', '74')
  for (const line of [
    '50 mL + 40 mL = 90 mL',
    '90 mL − 62 mL = 28 mL',
    '41 g + 33 g = 74 g',
    '74 g − 74 g = 0 g',
  ])
    await sheet.getByText(line).waitFor()
  await sheet.context().close()
  await page.goto(`${server.url}/lessons/${both}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByLabel('Leaf, peas and peas, try 1, rice', { exact: true }).click()
  const rows = [
    ['40', '33', '40', '33', '80', '66'],
    ...Array.from({ length: 5 }, () => [
      ['50', '41', '40', '33', '62', '74'],
      ['40', '33', '40', '33', '80', '66'],
    ]).flat(),
  ]
  await typeRow(...rows.flat())
  await expect.poll(async () => (await lesson(both)).entries.length).toBe(72)
  await page.goto(`${server.url}/lessons/${both}/compare`)
  await page.getByRole('heading', { name: /^Rice and peas lost the most volume, about 28 mL more/ }).waitFor()
  await page
    .getByText(/Mass, rice and peas, and peas and peas: no change|Mass, rice and peas and peas and peas: no/)
    .waitFor()
  await page.getByText('No reading and no group stands apart.').waitFor()
  await page.getByRole('button', { name: 'Parts and whole: mass' }).click()
  await page.getByRole('row', { name: 'rice and peas 41 33 74 0' }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const csv = await (await fetch(`${server.url}/api/lessons/${both}/readings.csv`)).text()
  expect(csv).toMatch(/\r\nLeaf,rice and peas,1,"rice, mass",41,"0,041 kg",typed,g,balance,1,counted/)
  await page.goto(`${server.url}/print/${both}/sheets`)
  await page.getByRole('columnheader', { name: 'rice (g)' }).first().waitFor()
})
