import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, beforeEach, expect, it } from 'vitest'
import type { ClassDto, LessonDto } from '#shared/types/api'
import {
  openBrowser,
  openPage,
  openWord,
  seriousFindings,
  type Watch,
  confirmCautions,
  lessonFrom,
  numbersOf,
} from './support/browser'
import { startServer, type RunningServer } from '../scripts/runServer'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let own: ClassDto
let id: string

const lesson = async (which = id) =>
  (await (await fetch(`${server.url}/api/lessons/${which}`)).json()) as LessonDto
async function send(method: string, path: string, body: unknown) {
  const answer = await fetch(server.url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(await answer.text())
  return answer.json() as Promise<{ id: string }>
}

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  own = ((await (await fetch(`${server.url}/api/classes`)).json()) as ClassDto[])[0]!
})
beforeEach(async () => {
  id = await lessonFrom(server.url, 'ball-bounce', '2026-03-09')
  await confirmCautions(server.url, id)
  ;({ page, watch } = await openPage(browser, server.url))
  return async () => {
    expect(watch).toEqual({ foreign: [], errors: [] })
    await page.context().close()
  }
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('predictions take numbers as people write them', async () => {
  const { plan, planVersion } = await lesson()
  await send('PUT', `/api/lessons/${id}/plan`, {
    plan: { ...plan, prediction: { ...plan.prediction, format: 'number', because: false } },
    version: planVersion,
  })
  await page.goto(`${server.url}/lessons/${id}/test`)
  for (const [group, typed, kept] of [
    ['Leaf', '12,5', 12.5],
    ['Bell', '0.5', 0.5],
    ['Key', '3 1/2', 3.5],
    ['Fish', '1 m 20', 120],
  ] as const) {
    const line = page.locator('form.line', { hasText: group })
    const field = line.getByRole('textbox')
    // Letter by letter, as it is typed: the text must stay what it is all the way.
    await field.pressSequentially(typed)
    expect(await field.inputValue()).toBe(typed)
    await line.getByRole('button', { name: 'Keep' }).click()
    await expect
      .poll(async () => {
        const groupId = own.groups.find((one) => one.name === group)!.id
        return (await lesson()).predictions.find((one) => one.groupId === groupId)?.answer
      })
      .toMatchObject({ format: 'number', value: kept })
  }
})

it('a level that reads two ways is asked about, and the plan keeps its old one until somebody says', async () => {
  await page.goto(`${server.url}/lessons/${id}/plan`)
  await openWord(page, 'levels')
  const level = page.getByLabel('Level 2', { exact: true })
  await level.fill('1,200')
  await page.getByRole('button', { name: '1.2 cm' }).waitFor()
  await page.getByRole('button', { name: '1200 cm' }).waitFor()
  expect((await lesson()).plan.levels[1]!.value).toBe(50)
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: '1.2 cm' }).click()
  await expect.poll(async () => (await lesson()).plan.levels.map((one) => one.value)).toContain(1.2)
  await page.getByLabel('Level 3', { exact: true }).fill('eighty')
  await page.getByText('“eighty” is not a number. Type it like 12.5 cm or 3 1/2.').waitFor()
  await page.getByLabel('Level 3', { exact: true }).fill('2 ft')
  await page.getByLabel('Level 3', { exact: true }).press('Tab')
  await expect.poll(async () => (await lesson()).plan.levels.map((one) => one.value)).toContain(60.96)
})

it('letters typed into a cell are a text there; x and u act on a cell that is only looked at', async () => {
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings', exact: true }).click()
  const cell = page.getByLabel('Leaf, 25 cm, try 1')
  await cell.click()
  await page.keyboard.type('six inches exactly')
  expect(await cell.inputValue()).toBe('six inches exactly')
  await page.keyboard.press('Control+A')
  await page.keyboard.type('13 cm')
  await page.keyboard.press('Enter')
  await expect.poll(async () => numbersOf(await lesson())).toMatchObject([{ value: 13, typed: '13 cm' }])
  await cell.click()
  await page.keyboard.press('x')
  await page.getByRole('button', { name: 'pushed or bumped' }).click()
  await expect.poll(() => cell.inputValue()).toBe('')
  await page.keyboard.press('u')
  await expect.poll(() => cell.inputValue()).toBe('13')
})

it('a Sheet asks as the Desk does: look again first, then keep; and which of two was meant', async () => {
  const { page: sheet } = await openPage(browser, server.url, { width: 390, height: 844 })
  const [leaf] = own.groups
  await send('PUT', `/api/lessons/${id}/predictions/${leaf!.id}`, {
    answer: { format: 'direction', direction: 'more' },
    because: '',
  })
  await sheet.goto(`${server.url}/sheet/${id}/${leaf!.id}`)
  await sheet.getByRole('button', { name: 'We have practised' }).click()
  const box = sheet.getByLabel('bounce height')
  await box.fill('1,200')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByRole('button', { name: '1.2 cm' }).waitFor()
  expect(numbersOf(await lesson())).toEqual([])
  await box.fill('130')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('The metre stick ends at 100 cm.').waitFor()
  await sheet.getByRole('button', { name: 'Look again' }).click()
  expect(numbersOf(await lesson())).toEqual([])
  await box.fill('13,5')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByRole('button', { name: 'It is 14 cm' }).click()
  await expect
    .poll(async () => numbersOf(await lesson()))
    .toMatchObject([{ value: 14, typed: '13,5', given: 'suggested' }])
  await sheet.getByRole('heading', { name: /try 2 of 3/ }).waitFor()
  await box.fill('14')
  await sheet.getByRole('button', { name: 'Something went wrong' }).click()
  await sheet.getByRole('button', { name: 'pushed or bumped' }).click()
  // A spoilt try with a number is one row that never counted.
  await expect
    .poll(async () => numbersOf(await lesson()).slice(1))
    .toMatchObject([{ value: 14, status: 'set-aside', reason: 'pushed or bumped', supersedes: null }])
  await sheet.context().close()
})

it('Delete puts a picked card back into its tray with its levels, and undo brings it back', async () => {
  await page.goto(`${server.url}/lessons/${id}/plan`)
  await page.getByRole('button', { name: 'Cards' }).click()
  const before = (await lesson()).plan
  await page.getByRole('listitem', { name: /^drop height,/ }).press('Delete')
  await expect
    .poll(async () => (await lesson()).plan.ideas.change)
    .toMatchObject([{ name: 'drop height', was: { levels: before.levels } }])
  await page.getByRole('listitem', { name: /^drop height,/ }).press('Enter')
  await expect.poll(async () => (await lesson()).plan.levels).toEqual(before.levels)
  await page.getByTitle('Undo (u)').click()
  await page.getByTitle('Undo (u)').click()
  await expect.poll(async () => (await lesson()).plan).toEqual(before)
})

it('beats counted in a set time: the Sheet runs the time down, and all speak of a minute', async () => {
  const beats = await lessonFrom(server.url, 'magnet-layers', '2031-05-06')
  const { plan, planVersion, class: those } = await lesson(beats)
  const changed = { ...plan, recording: { kind: 'count', seconds: 5 }, practiceTries: 0 }
  await send('PUT', `/api/lessons/${beats}/plan`, { plan: changed, version: planVersion })
  await confirmCautions(server.url, beats)
  await page.goto(`${server.url}/lessons/${beats}/plan`)
  await openWord(page, 'option-seconds')
  expect(await page.getByRole('textbox', { name: 'In a set time' }).inputValue()).toBe('5')
  const { page: sheet } = await openPage(browser, server.url, { width: 390, height: 844 })
  const [leaf] = those.groups
  await send('PUT', `/api/lessons/${beats}/predictions/${leaf!.id}`, {
    answer: { format: 'direction', direction: 'less' },
    because: 'so',
  })
  await sheet.goto(`${server.url}/sheet/${beats}/${leaf!.id}`)
  const ready = sheet.getByRole('button', { name: 'We are ready' })
  await ready.click()
  await sheet.getByRole('button', { name: 'Start the 5 s' }).click()
  await sheet.getByText('Count …').waitFor()
  await sheet.getByText('Stop. How many?').waitFor({ timeout: 10_000 })
  const box = sheet.getByLabel(/how many in 5 s/)
  await box.fill('2,5')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('A count is a whole number.').waitFor()
  // A spoilt try whose number cannot be taken is kept without it.
  await sheet.getByRole('button', { name: 'Something went wrong' }).click()
  await sheet.getByRole('button', { name: 'pushed or bumped' }).click()
  await expect
    .poll(async () => (await lesson(beats)).entries)
    .toMatchObject([{ status: 'set-aside', reason: 'pushed or bumped', fields: {} }])
  await box.fill('12')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('12 × 12 = 144').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).click()
  await sheet.getByRole('heading', { name: /try 2 of/ }).waitFor()
  await sheet.context().close()
  await page.goto(`${server.url}/lessons/${beats}/test`)
  await page.getByRole('button', { name: 'Journal' }).click()
  await page.getByText('12 in 5 s, 144 a minute').waitFor()
  await page.goto(`${server.url}/lessons/${beats}/compare`)
  await page
    .getByText(/number of clips held a minute/)
    .first()
    .waitFor()
})

it('every way is offered, and rounds where a design is improved in them', async () => {
  const made = await lessonFrom(server.url, 'paper-bridge', '2026-03-09')
  const bounce = await lessonFrom(server.url, 'ball-bounce', '2026-03-09')
  const offered = async (id: string) => {
    await page.goto(`${server.url}/lessons/${id}/plan`)
    await openWord(page, 'way')
    await page.getByRole('option').first().waitFor()
    return (await page.getByRole('option').allInnerTexts()).map((text) => text.trim().split('\n')[0])
  }
  const all = [
    'measure once',
    'count',
    'before and after',
    'parts and the whole',
    'every few minutes',
    'every school day',
    'words in order',
    'a race, side by side',
    'in pairs, one against the other',
  ]
  expect(await offered(bounce)).toEqual(all)
  expect(await offered(made)).toEqual([...all, 'rounds of redesign'])
})
