import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { anywhere, choose, chooseWord, isSaved } from '../support/browser'
import { inOwnSchool } from '../support/inSchool'
import type { School } from '../support/school'

const it = inOwnSchool('none')

it('a new teacher goes from no class to the logbook with one lesson, by the interface alone', async ({
  school,
  open,
}) => {
  const page = await open('/')
  const hands = handsOn(page, school)
  await startsAlone(page, hands)
  await makesAClass(page, hands)
  await wonders(page, hands)
  await plans(page, hands)
  await packs(page, hands)
  await tests(page, hands)
  await corrects(page, hands)
  await compares(page, hands)
  await concludes(page, hands)
  await takesAwayFiles(page, hands)
  await keepsTheLogbook(page, hands)
})

/** What a teacher's hands do on the screen. */
function handsOn(page: Page, school: School) {
  const lessonId = () => /lessons\/([\w-]+)/.exec(page.url())![1]!
  return {
    press: (name: string) => page.getByRole('button', { name, exact: true }).click(),
    field: (label: string) => page.getByLabel(label, { exact: true }),
    lesson: () => school.lesson(lessonId()),
    numbers: () => school.numbers(lessonId()),
    /** The sheet of paper that a link opens beside the page. */
    printed: async (link: string) => {
      const coming = page.context().waitForEvent('page')
      await page.getByRole('link', { name: link }).click()
      return coming
    },
    /** Opens a stage by its digit, which acts only outside of fields. */
    stage: async (digit: string) => {
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
      await page.keyboard.press(digit)
    },
  }
}
type Hands = ReturnType<typeof handsOn>

/** Says at the first start that nobody else will use it. */
async function startsAlone(page: Page, { press, field }: Hands) {
  await page.getByRole('button', { name: /^Only me, on this computer/ }).click()
  await field('What is your school called?').fill('Tidewick School')
  await press('Start')
}

/** Makes a class with groups, and reads in a list of first names. */
async function makesAClass(page: Page, { press, field }: Hands) {
  await page.getByRole('link', { name: 'Make a class' }).click()
  await field('Name of the class').fill('Heron class')
  for (const group of ['Moon', 'Anchor']) await press(`Take out ${group}`)
  await press('Make this class')
  await page.getByRole('heading', { name: 'Heron class' }).waitFor()
  await press('Import a list')
  await field('Names').fill('name,group\nAda,Leaf\nBruno Brown,Bell')
  await page.getByText('1 of 2 lines need a look').waitFor()
  expect(await page.getByRole('button', { name: 'Add them all' }).isDisabled()).toBe(true)
  await field('Names').fill('name,group\nAda,Leaf\nBruno,Bell\nChidi,Key\nDalia,Fish')
  await page.getByText('4 children will be added').waitFor()
  await press('Add them all')
  await page.getByRole('button', { name: 'Chidi, Key. Move' }).waitFor()
}

/** Wonders: starts from a question of its own and makes it one that can be tested. */
async function wonders(page: Page, { press, field }: Hands) {
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
}

/** Plans: the Fair check finds what is wrong and mends it in one press, which can be undone. */
async function plans(page: Page, { lesson }: Hands) {
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
  await isSaved(page)
  const { plan } = await lesson()
  expect(plan).toMatchObject({
    changed: { name: 'lamp distance', unit: 'cm' },
    measured: { name: 'shadow length', instrument: { name: 'tape measure', greatest: 300 } },
    levelOrder: 'own',
  })
  expect(plan.levels.map((level) => level.value)).toEqual([10, 20, 30])
  expect(plan.keptSame).toMatchObject([{ name: 'post', how: 'the same one every time' }])
}

/** Packs: amounts are worked out and tray cards can be printed. */
async function packs(page: Page, { press, field, printed, stage }: Hands) {
  await stage('3')
  await page.getByRole('heading', { name: 'Kit for 4 groups, 4 children' }).waitFor()
  await field('Add, like “2 sheets of card per level”').fill('2 wooden posts per group + 2 spare')
  await page.keyboard.press('Enter')
  await page
    .getByRole('row', { name: /^wooden posts/ })
    .getByText('10', { exact: true })
    .waitFor()
  await isSaved(page)
  await press('Print')
  const cards = await printed('Tray cards')
  await anywhere(cards.getByText('wooden posts'))
  expect(await cards.locator('article').count()).toBe(4)
  await cards.close()
}

/** Tests: predictions first, then 36 numbers typed without the mouse, as people type them. */
async function tests(page: Page, { press, field, numbers, stage }: Hands) {
  await stage('4')
  for (const group of ['Leaf', 'Bell', 'Key', 'Fish']) {
    const line = page.locator('form.line', { hasText: group })
    await line.locator('.v-select').click()
    await page.getByRole('option', { name: 'the longer the shadow' }).click()
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
  await expect.poll(async () => (await numbers()).length).toBe(36)
  const readings = await numbers()
  expect(readings.slice(0, 3).map((reading) => [reading.value, reading.typed])).toEqual([
    [40, '40'],
    [41, '0.41 m'],
    [42, '42,0'],
  ])
}

/** Corrects, sets aside, repeats and undoes; the journal shows it all. */
async function corrects(page: Page, { press, numbers }: Hands) {
  const cell = page.getByLabel('Bell, 20 cm, try 2')
  await cell.fill('820')
  await cell.press('Enter')
  await page.getByText('Is it 82 cm (a nought too many)?').waitFor()
  expect(await numbers()).toHaveLength(36)
  await press('Look again')
  await page.keyboard.type('830')
  await page.keyboard.press('Enter')
  await press('Make it 83 cm')
  await expect
    .poll(async () => (await numbers()).at(-1))
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
  await anywhere(page.getByText('corrected to 82'))
  await anywhere(page.getByText('set aside: pushed or bumped'))
  await expect.poll(numbers).toHaveLength(40)
}

/** Compares: one honest sentence with its reason, the chart and the table. */
async function compares(page: Page, { stage }: Hands) {
  await stage('5')
  await page
    .getByRole('heading', {
      name: 'The greater the lamp distance, the longer the shadow: about 40 cm more for every extra 10 cm.',
    })
    .waitFor()
  await page.getByText('All 4 groups found the same.').waitFor()
  expect(
    await page.getByRole('img', { name: /shadow length by lamp distance: 10 cm, / }).count(),
  ).toBeGreaterThan(0)
  expect(await page.locator('.canvas svg path').count()).toBeGreaterThan(36)
}

/** Concludes: a claim that says too much is noticed, a fitting one is printed. */
async function concludes(page: Page, { press, field, printed, stage }: Hands) {
  await stage('6')
  await press('Build it from parts')
  await page.getByText('fits the data').waitFor()
  await choose(page, 'How far it reaches', 'for any lamp distance at all')
  await page.getByText('says more than the data').waitFor()
  await choose(page, 'How far it reaches', 'from 10 cm to 30 cm')
  await page.getByText('fits the data').waitFor()
  await field('Our next question').fill('Does it matter on carpet?')
  await isSaved(page)
  expect(await page.getByText('as predicted').count()).toBe(4)
  const poster = await printed('Print the poster')
  await poster
    .getByText('Every time, the greater the lamp distance, the longer the shadow, from 10 cm to 30 cm.')
    .waitFor()
  await poster.getByText('Does it matter on carpet?').waitFor()
  await poster.close()
}

/** Takes readings and investigation away as files, and opens the investigation again. */
async function takesAwayFiles(page: Page, { lesson }: Hands) {
  const save = async (name: string) => {
    await page.getByRole('button', { name: 'Save as a file' }).click()
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
    .getByLabel('Investigation or lesson file')
    .setInputFiles({ name: file.name, mimeType: 'application/json', buffer: readFileSync(file.file) })
  await page.getByText('The investigation is in the list').waitFor()
  await page.locator('li button', { hasText: 'Shadows' }).click()
  await page.getByRole('heading', { name: before.question }).waitFor()
  expect((await lesson()).plan).toEqual(before)
}

/** Keeps the logbook: question and answer, and the same investigation with another class. */
async function keepsTheLogbook(page: Page, { lesson }: Hands) {
  await page.getByRole('link', { name: 'Logbook', exact: true }).click()
  const row = page.getByRole('row', { name: /Every time, the greater the lamp distance/ })
  await row.waitFor()
  await row.getByText('Does it matter on carpet?').waitFor()
  await row.getByRole('button', { name: 'Run again' }).click()
  await page.getByRole('dialog').getByText('Heron class').click()
  await page.getByRole('group', { name: 'The plan in sentences' }).waitFor()
  expect(await lesson()).toMatchObject({ plan: { title: 'Shadows' }, entries: [], predictions: [] })
  const lastTime = page.getByRole('region', { name: 'Last time' })
  await lastTime.getByText('Levels, instrument, tries and what is kept the same are as they were.').waitFor()
  await chooseWord(page, 'instrument', 'metre stick')
  await lastTime.getByText('It was read with: tape measure; now with: metre stick.').waitFor()
}
