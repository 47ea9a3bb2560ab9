// Long: one lesson of each kind, from the Sheet to the poster.
import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { Plan } from '#core/plan'
import { startServer, type RunningServer } from '../scripts/runServer'
import { openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'
import { lessonAt, send, smallLesson } from './support/lessons'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let race: string
let pairs: string
let looked: string
let daily: string
let built: string

const phone = { width: 390, height: 844 }
const lesson = (id: string) => lessonAt(server.url, id)
const kinds = (plan: Plan, names: readonly string[]): Plan['levels'] =>
  names.map((name, index) => ({
    id: `k${index}`,
    name,
    value: null,
    baseline: false,
    picture: plan.levels[0]!.picture,
  }))
const choice = { format: 'choice', because: true, who: 'group' } as const

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  const small = (starter: string, changes: (plan: Plan) => Partial<Plan>) =>
    smallLesson(server.url, starter, '2031-05-05', (plan) => ({ prediction: choice, ...changes(plan) }))
  const threePapers = (plan: Plan) => ({
    levels: kinds(plan, ['kitchen paper', 'filter paper', 'newspaper']),
    materials: [],
    tries: 3,
  })
  race = await small('wicking-race', threePapers)
  pairs = await small('rock-scratch', (plan) => ({ levels: kinds(plan, ['chalk', 'slate', 'granite']) }))
  const words = {
    kind: 'word-scale',
    words: ['shiny (like new)', 'spotted', 'rusty'],
    minutes: [0, 5],
    days: 4,
    score: 'reached',
    awaited: 'spotted',
  } as const
  looked = await small('rusting-clips', () => ({
    recording: { ...words, words: [...words.words], minutes: [0, 5], seen: 'once' },
  }))
  daily = await small('rusting-clips', () => ({
    recording: { ...words, words: [...words.words], minutes: [0, 5], seen: 'days' },
  }))
  built = await small('paper-bridge', (plan) => ({
    levels: kinds(plan, ['round 1', 'round 2', 'round 3', 'round 4']),
  }))
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

async function openSheet(id: string, place: number, touch = true): Promise<Page> {
  const { class: own } = await lesson(id)
  const context = await browser.newContext({ viewport: phone, hasTouch: touch, isMobile: touch })
  const sheet = await context.newPage()
  sheet.setDefaultTimeout(30_000)
  await sheet.goto(`${server.url}/sheet/${id}/${own.groups[place]!.id}`)
  const ready = sheet.getByRole('button', { name: 'We are ready' })
  const first = sheet.locator('form.step')
  await ready.or(first).waitFor()
  if ((await ready.count()) > 0) await ready.click()
  return sheet
}

async function openGrid(id: string, cell: string) {
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByRole('textbox', { name: cell, exact: true }).focus()
}

/** Types cell by cell; what is asked about is kept with a second Enter. */
async function typeCells(...texts: string[]) {
  for (const text of texts) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    if ((await page.getByRole('button', { name: `Keep ${text}` }).count()) > 0)
      await page.keyboard.press('Enter')
  }
}

const counted = async (id: string) => {
  const { entries } = await lesson(id)
  const gone = new Set(entries.map((one) => one.supersedes))
  return entries.filter((one) => one.status === 'counted' && !gone.has(one.id)).length
}

/** What Compare, the poster and the file say alike. */
async function saysEverywhere(id: string, ...parts: string[]) {
  for (const path of [`/lessons/${id}/compare`, `/print/${id}/poster`]) {
    await page.goto(server.url + path)
    for (const part of parts) await page.getByText(part).first().waitFor()
    expect(await page.locator('body').innerText()).not.toMatch(/NaN|undefined|Infinity/)
  }
  await page.goto(`${server.url}/lessons/${id}/compare`)
  await page.locator('figure.chart svg').first().waitFor()
  expect(await seriousFindings(page)).toEqual([])
}

/** Takes the CSV out, and in again: nothing is new. */
async function fileOf(id: string): Promise<string> {
  const csv = await (await fetch(`${server.url}/api/lessons/${id}/readings.csv`)).text()
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByRole('button', { name: 'From a file' }).click()
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'readings.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await page.getByText(/^0 new, \d+ there already\.$/).waitFor()
  await page.keyboard.press('Escape')
  return csv
}

it('a race is tapped in as they come, on a phone, and typed in by letters', async () => {
  const sheet = await openSheet(race, 0)
  const tap = (name: string | RegExp) => sheet.getByRole('button', { name }).tap()
  await sheet.getByRole('heading', { name: 'Heat 1 of 3' }).waitFor()
  for (const paper of [/kitchen paper/, /filter paper/, /newspaper/]) await tap(paper)
  await sheet.getByText('Is this how they came in?').waitFor()
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'Heat 2 of 3' }).waitFor()
  // One tap too early is taken back.
  for (const paper of [/kitchen paper/, /filter paper/]) await tap(paper)
  await tap('One back')
  for (const paper of [/newspaper/, /filter paper/]) await tap(paper)
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'Heat 3 of 3' }).waitFor()
  await tap(/kitchen paper/)
  await tap('The next came in with it')
  await tap(/filter paper/)
  expect(await seriousFindings(sheet)).toEqual([])
  await tap(/newspaper/)
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await sheet.getByText('place 1').first().waitFor()
  await sheet.context().close()
  await expect.poll(() => counted(race)).toBe(3)
  await saysEverywhere(
    race,
    'kitchen paper 1.17, filter paper 2.17 and newspaper 2.67',
    'The heats agree in part: 0.64',
  )

  await openGrid(race, 'Bell, heat 1')
  await typeCells('a b')
  await page.getByText('Where is newspaper?').waitFor()
  await page.keyboard.press('Escape')
  await typeCells('acb', 'a b c!', 'b=a c')
  await expect.poll(() => counted(race)).toBe(6)
  await page.goto(`${server.url}/lessons/${race}/compare`)
  await page.getByText('Not finished, which counts as last: newspaper once.').waitFor()
  expect(await fileOf(race)).toContain('kitchen paper = filter paper > newspaper')
  await page.goto(`${server.url}/print/${race}/sheets`)
  await page.getByRole('columnheader', { name: 'not finished' }).first().waitFor()
})

it('pairs are asked one after the other, by keys alone, and what cannot be is asked about', async () => {
  const sheet = await openSheet(pairs, 0, false)
  const press = async (name: string) => {
    const button = sheet.getByRole('button', { name })
    await button.focus()
    await sheet.keyboard.press('Enter')
  }
  await press('slate')
  await press('Write it down')
  await sheet.getByRole('button', { name: 'granite' }).waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  // Below the lower one of the two: the third pair follows.
  await press('chalk')
  await press('Write it down')
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await sheet.context().close()
  await expect.poll(() => counted(pairs)).toBe(2)
  await saysEverywhere(
    pairs,
    'from most hardness: slate, chalk and granite.',
    '2 comparisons were made; one other was never needed',
  )

  // Bell finds slate over chalk and chalk over granite; then, against both, granite over slate.
  await openGrid(pairs, 'Bell, chalk or slate')
  await typeCells('b')
  // Enter goes on to the pair that is asked next.
  await page.keyboard.type('a')
  await page.keyboard.press('Enter')
  await expect.poll(() => counted(pairs)).toBe(4)
  await page.getByRole('textbox', { name: 'Bell, slate or granite', exact: true }).focus()
  await page.keyboard.type('c')
  await page.keyboard.press('Enter')
  await page.getByText('With those this cannot be.').waitFor()
  await page.keyboard.press('Enter')
  await expect.poll(() => counted(pairs)).toBe(5)
  await page.goto(`${server.url}/lessons/${pairs}/compare`)
  await page.getByText('These cannot all be:').waitFor()
  await page.getByRole('button', { name: 'Repeat slate or granite' }).click()
  await page.getByRole('button', { name: 'read wrongly' }).click()
  await page.getByText('These cannot all be:').waitFor({ state: 'detached' })
  expect(await counted(pairs)).toBe(4)
  expect(await fileOf(pairs)).toContain('chalk')
  await page.goto(`${server.url}/print/${pairs}/sheets`)
  await page.getByText('most boxes stay empty').first().waitFor()
})

it('words are chosen on a Sheet, and the day on which each was first seen is told', async () => {
  const sheet = await openSheet(looked, 0)
  await sheet.getByRole('button', { name: /spotted/ }).tap()
  expect(await seriousFindings(sheet)).toEqual([])
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  await sheet.getByRole('button', { name: /shiny like new/ }).tap()
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await sheet.context().close()
  await expect.poll(() => counted(looked)).toBe(2)

  await openGrid(daily, 'Leaf, vegetable oil, try 1, day 1')
  const rows = [
    ['1', '2', '2', '2'],
    ['sh', 'sh', 'sp', 'sp'],
    ['shiny', 'spotted', 'spotted', 'rusty'],
    ['1', '1', '1', '1'],
  ]
  await typeCells(...rows.flat())
  await expect.poll(() => counted(daily)).toBe(16)
  await page.keyboard.type('mouldy')
  await page.keyboard.press('Enter')
  await page.getByText('“mouldy” is not one of the words. They are 1 shiny, 2 spotted and 3 rusty.').waitFor()
  await page.keyboard.press('Escape')
  // Vegetable oil: day 2 and day 2; tap water: day 3 and never, between which there is no middle.
  await saysEverywhere(daily, 'vegetable oil day 2 and tap water never')
  const csv = await fileOf(daily)
  expect(csv.split('\r\n')[1]).toContain('Leaf,vegetable oil,1,day 1,shiny,1,typed')
  await page.goto(`${server.url}/print/${daily}/sheets`)
  await page.getByText('2 spotted').first().waitFor()
})

it('rounds say what was altered, which was best and what each gained', async () => {
  const sheet = await openSheet(built, 0)
  const write = async (round: string, number: string, altered: string) => {
    await sheet.getByRole('heading', { name: round }).waitFor()
    await sheet.getByRole('textbox').first().fill(number)
    if (altered) await sheet.getByLabel('What did you alter before this round?').fill(altered)
    await sheet.getByRole('button', { name: 'Write it down' }).tap()
  }
  await write('round 1', '6', '')
  await write('round 2', '9', 'folded the sides up')
  await sheet.getByRole('heading', { name: 'round 3' }).waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await sheet.context().close()
  await openGrid(built, 'Leaf, round 3, try 1')
  await typeCells('8: rolled the edges', '12: a zigzag')
  await expect.poll(() => counted(built)).toBe(4)
  await saysEverywhere(built, 'best so far 12 in round 4', '+3 in round 2, −1 in round 3 and +4 in round 4')
  await page.getByText('folded the sides up').waitFor()
  expect(await fileOf(built)).toContain('a zigzag')
})

it('no page broke on the way', () => {
  expect(watch).toEqual({ foreign: [], errors: [] })
})

it('numbers that were predicted lie on one number line with what was read', async () => {
  const id = await smallLesson(server.url, 'paper-bridge', '2031-05-05', (plan) => ({
    levels: kinds(plan, ['round 1', 'round 2']),
    prediction: { format: 'number', because: true, who: 'group' },
  }))
  const { class: own } = await lesson(id)
  for (const [place, value] of [12, 7].entries())
    await send(server.url, 'PUT', `/api/lessons/${id}/predictions/${own.groups[place]!.id}`, {
      seat: 0,
      answer: { format: 'number', levelId: 'k1', value },
      because: 'so',
    })
  await page.goto(`${server.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByLabel('Leaf, round 1').fill('6')
  await page.getByLabel('Leaf, round 1').press('Enter')
  await page.getByLabel('Leaf, round 2').fill('9')
  await page.getByLabel('Leaf, round 2').press('Enter')
  await expect.poll(async () => (await lesson(id)).entries.length).toBe(2)
  await page.goto(`${server.url}/lessons/${id}/compare`)
  await page.getByRole('button', { name: 'Predicted and found' }).click()
  await page.getByRole('row', { name: 'Leaf 12 9 9 3 less' }).waitFor()
  await page.getByRole('row', { name: 'Bell 7 – – –' }).waitFor()
  await page
    .getByRole('img', { name: /Leaf predicted 12, found 9; Bell predicted 7, nothing read yet/ })
    .first()
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
})
