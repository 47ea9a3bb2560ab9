import { readFileSync } from 'node:fs'
import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { LessonDto } from '#shared/types/api'
import { choose, chooseWord, numbersOf, openBrowser, openPage, type Watch } from './support/browser'
import { makeDataFolder, startServer, type RunningServer } from '../scripts/runServer'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch

beforeAll(async () => {
  server = await startServer(await makeDataFolder('none'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

const press = (name: string) => page.getByRole('button', { name, exact: true }).click()
const open = (name: string) => page.getByRole('link', { name, exact: true }).click()
const field = (label: string) => page.getByLabel(label, { exact: true })
const lessonId = () => /lessons\/([\w-]+)/.exec(page.url())![1]!
const lesson = async () =>
  (await (await fetch(`${server.url}/api/lessons/${lessonId()}`)).json()) as LessonDto

/** Opens a stage by its digit, which acts only outside of fields. */
async function stage(digit: string) {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await page.keyboard.press(digit)
}

it('makes a class with groups, and reads in a list of first names', async () => {
  await page.goto(server.url)
  await page.getByRole('link', { name: 'Make a class' }).click()
  await field('Name of the class').fill('Heron class')
  for (const group of ['Moon', 'Anchor']) await press(`Take out ${group}`)
  await press('Make this class')
  await page.getByRole('heading', { name: 'Heron class' }).waitFor()
  await press('Read in a list')
  await field('Names').fill('name,group\nAda,Leaf\nBruno Brown,Bell')
  await page.getByText('1 of 2 lines need a look').waitFor()
  expect(await page.getByRole('button', { name: 'Add them all' }).isDisabled()).toBe(true)
  await field('Names').fill('name,group\nAda,Leaf\nBruno,Bell\nChidi,Key\nDalia,Fish')
  await page.getByText('4 children will be added').waitFor()
  await press('Add them all')
  await page.getByLabel('Group of Chidi').waitFor()
  expect(await page.getByLabel('Group of Chidi').inputValue()).not.toBe('')
})

it('wonders: starts from a question of its own and makes it one that can be tested', async () => {
  await page.getByRole('link', { name: 'Logbook' }).click()
  await field('From a question of your own').fill('Which lamp distance is best?')
  await press('Start from this question')
  await page.getByRole('heading', { name: 'What do we wonder?' }).waitFor()
  await page.getByText('What does “best” mean here').waitFor()
  await field('One thing we change').fill('lamp distance and post')
  await field('One thing we measure').fill('shadow length')
  await press('The most wins')
  await press('Ask it like this')
  await field('Short name for the logbook').fill('Shadows')
  await press('Plan the test')
  await page.getByRole('group', { name: 'The plan in sentences' }).waitFor()
})

it('plans: the Fair check finds what is wrong and mends it in one press, which can be undone', async () => {
  const finding = (code: string) => page.locator(`[data-finding^="${code}"]`)
  await finding('two-things-changed').getByRole('button', { name: 'Change only lamp distance' }).click()
  await finding('two-things-changed').waitFor({ state: 'detached' })
  await page.getByTitle('Undo (u)').click()
  await finding('two-things-changed').waitFor()
  await finding('two-things-changed').getByRole('button', { name: 'Change only lamp distance' }).click()
  await page.locator('[data-word="levels"]').focus()
  await page.keyboard.type('10, 2')
  await page.locator('[role="dialog"] input:focus').waitFor()
  await page.keyboard.type('0, 30 cm')
  await page.keyboard.press('Enter')
  await finding('unequal-start').getByRole('button').click()
  await finding('same-order').getByRole('button').click()
  await page
    .getByRole('complementary', { name: 'Checks of the plan' })
    .getByText('fair', { exact: true })
    .waitFor()
  await chooseWord(page, 'instrument', 'tape measure')
  await page.getByRole('status').filter({ hasText: 'saved' }).first().waitFor()
  const { plan } = await lesson()
  expect(plan).toMatchObject({
    changed: { name: 'lamp distance', unit: 'cm' },
    measured: { name: 'shadow length', instrument: { name: 'tape measure', greatest: 300 } },
    levelOrder: 'own',
  })
  expect(plan.levels.map((level) => level.value)).toEqual([10, 20, 30])
  expect(plan.keptSame).toMatchObject([{ name: 'post', how: 'the same one every time' }])
})

it('packs: amounts are worked out and tray cards can be printed', async () => {
  await stage('3')
  await page.getByRole('heading', { name: 'Kit for 4 groups, 4 children' }).waitFor()
  await field('Add, like “2 sheets of card per level”').fill('2 wooden posts per group + 2 spare')
  await page.keyboard.press('Enter')
  await page
    .getByRole('row', { name: /^wooden posts/ })
    .getByText('10', { exact: true })
    .waitFor()
  await page.getByRole('status').filter({ hasText: 'saved' }).first().waitFor()
  const [cards] = await Promise.all([
    page.context().waitForEvent('page'),
    press('Print').then(() => page.getByRole('link', { name: 'Tray cards' }).click()),
  ])
  await cards.getByText('wooden posts').first().waitFor()
  expect(await cards.locator('article').count()).toBe(4)
  await cards.close()
})

it('tests: predictions first, then 36 numbers typed without the mouse, as people type them', async () => {
  await stage('4')
  for (const group of ['Leaf', 'Bell', 'Key', 'Fish']) {
    const line = page.locator('form.line', { hasText: group })
    await line.locator('.v-select').click()
    await page.getByRole('option', { name: 'larger shadow length' }).click()
    await line.getByLabel('because').fill('the light comes in lower')
    await line.getByRole('button', { name: 'Keep' }).click()
    await line.getByText('before testing').waitFor()
  }
  await field('Your initials').fill('AB')
  await press('Yes, checked')
  await page.getByText(/AB has checked/).waitFor()
  await press('Readings')
  await page.getByLabel('Leaf, 10 cm, try 1').click()
  const forms = [
    (value: number) => String(value),
    (value: number) => `${value / 100} m`,
    (value: number) => `${value},0`,
  ]
  for (let group = 0; group < 4; group++)
    for (const height of [10, 20, 30])
      for (let one = 0; one < 3; one++) {
        await page.keyboard.type(forms[one]!(height * 4 + group + one))
        await page.keyboard.press('Enter')
      }
  await expect.poll(async () => numbersOf(await lesson()).length).toBe(36)
  const readings = numbersOf(await lesson())
  expect(readings.slice(0, 3).map((reading) => [reading.value, reading.typed])).toEqual([
    [40, '40'],
    [41, '0.41 m'],
    [42, '42,0'],
  ])
})

it('corrects, sets aside, repeats and undoes; the journal shows it all', async () => {
  const cell = page.getByLabel('Bell, 20 cm, try 2')
  await cell.fill('820')
  await cell.press('Enter')
  await page.getByText('Is it 82 cm (a nought too many)?').waitFor()
  expect(numbersOf(await lesson())).toHaveLength(36)
  await press('Look again')
  await page.keyboard.type('830')
  await page.keyboard.press('Enter')
  await press('Make it 83 cm')
  await expect
    .poll(async () => numbersOf(await lesson()).at(-1))
    .toMatchObject({ value: 83, typed: '830', given: 'suggested' })
  await cell.fill('82')
  await cell.press('Enter')
  await cell.click()
  await page.keyboard.press('x')
  await press('pushed or bumped')
  await expect.poll(() => cell.inputValue()).toBe('')
  await page.keyboard.press('u')
  await expect.poll(() => cell.inputValue()).toBe('82')
  await press('Journal')
  await page.getByText('corrected to 82').first().waitFor()
  await page.getByText('set aside: pushed or bumped').first().waitFor()
  await expect.poll(async () => numbersOf(await lesson())).toHaveLength(40)
})

it('compares: one honest sentence with its reason, the chart and the table', async () => {
  await stage('5')
  await page
    .getByRole('heading', {
      name: 'A larger lamp distance gave a larger shadow length: each extra 10 cm added about 40 cm.',
    })
    .waitFor()
  await page.getByText('All 4 groups found the same.').waitFor()
  expect(
    await page.getByRole('img', { name: /shadow length by lamp distance: 10 cm, / }).count(),
  ).toBeGreaterThan(0)
  expect(await page.locator('.canvas svg path').count()).toBeGreaterThan(36)
})

it('concludes: a claim that says too much is noticed, a fitting one is printed', async () => {
  await stage('6')
  await press('Begin with what the data say')
  await page.getByText('fits the data').waitFor()
  await choose(page, 'How far it reaches', 'for any lamp distance at all')
  await page.getByText('says more than the data').waitFor()
  await choose(page, 'How far it reaches', 'from 10 cm to 30 cm')
  await page.getByText('fits the data').waitFor()
  await field('Our next question').fill('Does it matter on carpet?')
  await page.getByRole('status').filter({ hasText: 'saved' }).first().waitFor()
  expect(await page.getByText('as predicted').count()).toBe(4)
  const [poster] = await Promise.all([
    page.context().waitForEvent('page'),
    page.getByRole('link', { name: 'Print the poster' }).click(),
  ])
  await poster
    .getByText('Every time a larger lamp distance gave a larger shadow length, from 10 cm to 30 cm.')
    .waitFor()
  await poster.getByText('Does it matter on carpet?').waitFor()
  await poster.close()
})

it('takes readings and investigation away as files, and opens the investigation again', async () => {
  const save = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name }).click(),
    ])
    return { file: await download.path(), name: download.suggestedFilename() }
  }
  const csv = await save('Readings as CSV')
  expect(csv.name).toMatch(/^Shadows .*readings\.csv$/)
  expect(readFileSync(csv.file, 'utf8').trim().split('\r\n')).toHaveLength(41)
  const file = await save('Investigation file')
  const before = (await lesson()).plan
  await page.getByRole('link', { name: 'Logbook' }).click()
  await page
    .getByLabel('Investigation file')
    .setInputFiles({ name: file.name, mimeType: 'application/json', buffer: readFileSync(file.file) })
  await page.getByText('The investigation is in the list').waitFor()
  await page.locator('li button', { hasText: 'Shadows' }).first().click()
  await page.getByRole('heading', { name: before.question }).waitFor()
  expect((await lesson()).plan).toEqual(before)
})

it('keeps the logbook: question and answer, and the same investigation with another class', async () => {
  await open('Logbook')
  const row = page.getByRole('row', { name: /Every time a larger lamp distance/ })
  await row.waitFor()
  await row.getByText('Does it matter on carpet?').waitFor()
  await row.getByRole('button', { name: 'Run again' }).click()
  await page.getByRole('dialog').getByText('Heron class').click()
  await page.getByRole('group', { name: 'The plan in sentences' }).waitFor()
  expect(await lesson()).toMatchObject({ plan: { title: 'Shadows' }, entries: [], predictions: [] })
  expect(watch).toEqual({ foreign: [], errors: [] })
})
