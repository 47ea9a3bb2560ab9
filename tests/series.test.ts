import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { startServer, type RunningServer } from '../scripts/runServer'
import { goOffline, openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'
import { lessonAt, send, smallLesson } from './support/lessons'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let jackets: string

const lesson = (id: string) => lessonAt(server.url, id)
const today = () => new Date().toLocaleDateString('sv')

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  jackets = await smallLesson(server.url, 'bottle-jackets', '2031-05-05', () => ({
    recording: { kind: 'intervals', minutes: [0, 10], score: 'lost' },
  }))
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('a Sheet starts each container, says when the next reading is due, and keeps the time really taken', async () => {
  const { class: own, plan } = await lesson(jackets)
  const { page: sheet } = await openPage(browser, server.url, { width: 390, height: 844 })
  await sheet.goto(`${server.url}/sheet/${jackets}/${own.groups[0]!.id}`)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  for (const level of plan.levels) {
    await sheet.getByRole('button', { name: `Start ${level.name}` }).click()
    await sheet.getByRole('heading', { name: `${level.name}, 0 min` }).waitFor()
    expect(await seriousFindings(sheet)).toEqual([])
    await sheet.getByText('Read now').waitFor()
    await sheet.locator('input').fill('40')
    await sheet.getByRole('button', { name: 'Write it down' }).click()
  }
  await sheet.getByRole('heading', { name: `${plan.levels[0]!.name}, 10 min` }).waitFor()
  await sheet.getByText(/Read in (9:5\d|10:00)/).waitFor()
  // Whoever reads early is not stopped; the curve will show it at its own minute.
  await sheet.locator('input').fill('33')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await expect
    .poll(async () => (await lesson(jackets)).entries.filter((one) => one.moment === '10 min'))
    .toMatchObject([{ fields: { value: { value: 33 }, at: { value: expect.any(Number) } } }])
  const { entries } = await lesson(jackets)
  expect(entries.filter((one) => one.moment === 'start')).toHaveLength(2)
  expect(entries.find((one) => one.moment === '10 min')!.fields.at!.value).toBeLessThan(5)
  await sheet.context().close()
})

it('two devices press Start: the first counts, nobody is asked, and both go on', async () => {
  const { class: own, plan } = await lesson(jackets)
  const [level] = plan.levels
  const place = { groupId: own.groups[1]!.id, levelId: level!.id, tryNumber: 1, moment: 'start' }
  const { page: sheet } = await openPage(browser, server.url, { width: 390, height: 844 })
  await sheet.goto(`${server.url}/sheet/${jackets}/${place.groupId}`)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  await goOffline(sheet)
  await sheet.getByRole('button', { name: `Start ${level!.name}` }).click()
  await sheet.getByRole('heading', { name: `${level!.name}, 0 min` }).waitFor()
  const earlier = new Date(Date.now() - 60_000).toISOString()
  await send(server.url, 'POST', `/api/lessons/${jackets}/entries`, {
    entries: [
      {
        ...place,
        id: newId(),
        fields: { at: { typed: earlier, given: 'typed', value: earlier } },
        note: '',
        readWith: null,
        status: 'counted',
        reason: '',
        source: 'sheet',
        takenAt: earlier,
        supersedes: null,
      },
    ],
  })
  await sheet.context().setOffline(false)
  await sheet.getByText(/1:0\d late: read now/).waitFor({ timeout: 20_000 })
  await page.goto(`${server.url}/lessons/${jackets}/test`)
  await page.getByRole('button', { name: 'Readings' }).waitFor()
  expect(await page.getByText('Which one counts?').count()).toBe(0)
  // It was pressed too early: it may begin once more until something is read.
  await sheet.getByRole('button', { name: 'It began only now' }).click()
  await sheet.getByText('Read now', { exact: true }).waitFor()
  // Both presses are set aside, and the new one stands.
  await expect.poll(async () => (await lesson(jackets)).entries.length).toBe(2 + 3 + 2 + 2 + 1)
  await sheet.context().close()
})

it('the grid takes the rows of the paper from left to right, with the time of a late reading', async () => {
  await page.goto(`${server.url}/lessons/${jackets}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  const cell = (group: string, level: string, moment: string) =>
    page.getByLabel(`${group}, ${level}, try 1, ${moment}`)
  await cell('Leaf', 'newspaper', '10 min').fill('35')
  await cell('Leaf', 'newspaper', '10 min').press('Enter')
  for (const group of ['Bell', 'Key', 'Fish', 'Moon', 'Anchor']) {
    await cell(group, 'no jacket', '0 min').click()
    for (const text of ['40', group === 'Bell' ? '33 @ 11:30' : '33', '40', '35']) {
      await page.keyboard.type(text)
      await page.keyboard.press('Enter')
    }
  }
  await expect.poll(async () => (await lesson(jackets)).entries.length).toBe(2 + 3 + 5 + 1 + 20)
  const late = (await lesson(jackets)).entries.find((one) => one.fields.value?.typed === '33 @ 11:30')
  expect(late!.fields).toMatchObject({ value: { value: 33 }, at: { typed: '11:30', value: 11.5 } })
  await cell('Bell', 'no jacket', '10 min').fill('33 @ noon')
  await cell('Bell', 'no jacket', '10 min').press('Enter')
  await page.getByText('Type the minutes after the @').waitFor()
  await page.keyboard.press('Escape')
  expect(await seriousFindings(page)).toEqual([])
})

it('Compare, CSV and poster agree: newspaper lost 5 °C, nothing 7 °C', async () => {
  await page.goto(`${server.url}/lessons/${jackets}/compare`)

  await page
    .getByRole('heading', {
      name: 'Newspaper lost the least temperature, about 2.0 °C less than no jacket.',
    })
    .waitFor()
  await page.getByText('Temperature: no jacket lost 7 °C and newspaper lost 5 °C in 10 minutes.').waitFor()
  const row = page.getByRole('row', { name: /^newspaper/ })
  expect((await row.getByRole('cell').allTextContents()).map((text) => text.trim())).toEqual(['40', '35'])
  await page
    .getByRole('img', { name: /newspaper, from 40 °C to 35 °C/ })
    .first()
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'temperature lost' }).click()
  await page.getByRole('row', { name: /^All groups.*7.*5/ }).waitFor()
  const csv = await (await fetch(`${server.url}/api/lessons/${jackets}/readings.csv`)).text()
  expect(csv.split('\r\n')[0]).toContain('moment,value,typed,given,at,at_typed,at_given')
  expect(csv).toMatch(/Bell,no jacket,1,10 min,33,33 @ 11:30,typed,11\.5,11:30,typed/)
  await page.goto(`${server.url}/print/${jackets}/poster`)
  await page.getByText('no jacket lost 7 °C and newspaper lost 5 °C').waitFor()
  await page.getByText('at 0 and 10 minutes, and look at how much less it got').waitFor()
  await page.goto(`${server.url}/print/${jackets}/sheets`)
  await page.getByRole('columnheader', { name: '10 min' }).first().waitFor()
})

it('a daily lesson asks only for today, says what is due, and shows what grows', async () => {
  const sprouts = await smallLesson(server.url, 'bean-sprouts', today(), () => ({
    recording: { kind: 'daily', days: 3, score: 'end' },
  }))
  const { plan, class: own } = await lesson(sprouts)
  const weekend = [0, 6].includes(new Date().getDay())
  const { page: sheet } = await openPage(browser, server.url, { width: 390, height: 844 })
  await sheet.goto(`${server.url}/sheet/${sprouts}/${own.groups[0]!.id}`)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  if (weekend) {
    await sheet.getByText('The next readings are on').waitFor()
  } else {
    for (const level of plan.levels) {
      await sheet.getByRole('heading', { name: `${level.name}, day 1` }).waitFor()
      await sheet.locator('input').fill('12')
      await sheet.getByRole('button', { name: 'Write it down' }).click()
    }
    await sheet.getByText('That is all for today. The next readings are on').waitFor()
    await expect
      .poll(async () => (await lesson(sprouts)).entries.map((one) => one.fields.at?.value))
      .toEqual([today(), today()])
    await page.goto(server.url)
    await page.getByText('10 readings due today').first().waitFor()
    await page.goto(`${server.url}/lessons/${sprouts}/compare`)
    await page
      .getByRole('heading', { name: /^So far: window sill 12 mm and back of the room 12 mm/ })
      .waitFor()
  }
  await sheet.context().close()
  expect(watch).toEqual({ foreign: [], errors: [] })
})
