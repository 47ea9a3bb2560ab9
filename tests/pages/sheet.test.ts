import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { anywhere, phone, seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'
import type { School } from '../support/school'

const it = inDemoSchool.extend('openSheet', ({ school, open }) => async (id: string) => {
  const { class: own } = await school.lesson(id)
  return open(`/sheet/${id}/${own.groups[0]!.id}`, phone)
})

/** A bounce lesson in which the first group has predicted and read so many numbers, one try after the other. */
async function begun(school: School, ...values: number[]): Promise<string> {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  await school.predict(id, 0, { format: 'direction', direction: 'more' })
  for (const [index, value] of values.entries()) await school.read(id, 0, index, value)
  return id
}

const heading = (sheet: Page, name: string) => sheet.getByRole('heading', { name }).waitFor()
const height = (sheet: Page) => sheet.getByLabel('bounce height')
const press = (sheet: Page, name: string) => sheet.getByRole('button', { name }).click()

async function write(sheet: Page, text: string) {
  await height(sheet).fill(text)
  await press(sheet, 'Write it down')
}

it('asks as the Desk does: look again first, then keep; and which of two was meant', async ({
  school,
  openSheet,
}) => {
  const id = await begun(school)
  const sheet = await openSheet(id)
  await press(sheet, 'We have practised')
  await write(sheet, '1,200')
  await sheet.getByRole('button', { name: '1.2 cm' }).waitFor()
  await height(sheet).fill('5 in')
  await sheet.getByText('5 in is 12.7 cm').waitFor()
  await write(sheet, '130')
  await sheet.getByText('The metre stick ends at 100 cm.').waitFor()
  await press(sheet, 'Look again')
  expect(await school.numbers(id)).toEqual([])
  await write(sheet, '13,5')
  await press(sheet, 'It is 14 cm')
  await expect
    .poll(() => school.numbers(id))
    .toMatchObject([{ value: 14, typed: '13,5', given: 'suggested' }])
  await heading(sheet, '25 cm, try 2 of 3')
})

it('asks again about a likely slip and lets the group decide', async ({ school, openSheet }) => {
  const id = await begun(school, 13, 14, 15)
  const sheet = await openSheet(id)
  await write(sheet, '270')
  await sheet.getByText('The metre stick ends at 100 cm.').waitFor()
  await write(sheet, '27')
  await heading(sheet, '50 cm, try 2 of 3')
})

it('keeps a note with its try, which counts as before', async ({ school, openSheet }) => {
  const id = await begun(school, 13)
  const sheet = await openSheet(id)
  await height(sheet).fill('14')
  await press(sheet, 'Add a note')
  await sheet.getByLabel('What about this try? It counts all the same.').fill('let go a little early')
  await press(sheet, 'Write it down')
  await expect
    .poll(async () => (await school.numbers(id)).at(-1))
    .toMatchObject({ value: 14, note: 'let go a little early', status: 'counted' })
})

it('sets a try aside with its reason and note where something went wrong, and offers a repeat', async ({
  school,
  openSheet,
}) => {
  const id = await begun(school, 13, 14)
  const sheet = await openSheet(id)
  await height(sheet).fill('3')
  await press(sheet, 'Add a note')
  await sheet.getByLabel('What about this try?').fill('Ida sneezed')
  await press(sheet, 'Something went wrong')
  await press(sheet, 'pushed or bumped')
  await heading(sheet, '25 cm, once more, try 3 of 3')
  // The note was about the spoilt try: it is not asked for again and says nothing of the next.
  expect(await sheet.getByLabel('What about this try?').count()).toBe(0)
  await write(sheet, '15')
  await heading(sheet, '50 cm, try 1 of 3')
  // A spoilt try with a number is one row that never counted.
  await expect
    .poll(async () =>
      (await school.numbers(id))
        .slice(2)
        .map(({ value, status, reason, note, supersedes }) => [value, status, reason, note, supersedes]),
    )
    .toEqual([
      [3, 'set-aside', 'pushed or bumped', 'Ida sneezed', null],
      [15, 'counted', '', '', null],
    ])
})

it('tells of a reading that can never be taken, with what to do', async ({ school, openSheet }) => {
  const id = await begun(school, 13)
  const sheet = await openSheet(id)
  await heading(sheet, '25 cm, try 2 of 3')
  const error = { code: 'conflict', message: 'Another entry has the same number.', fields: [] }
  await sheet.route('**/entries', (route) => route.fulfill({ status: 409, json: { error } }))
  await write(sheet, '14')
  const told = sheet.getByRole('alert').filter({ hasText: 'Not saved: 14 for Leaf, 25 cm, try 2' })
  await told.waitFor()
  await sheet.unroute('**/entries')
  await told.getByRole('button', { name: 'Use 14' }).click()
  await heading(sheet, '25 cm, try 3 of 3')
  await told.waitFor({ state: 'detached' })
  await expect.poll(async () => (await school.numbers(id)).map(({ value }) => value)).toEqual([13, 14])
})

it('runs a set time down in which beats are counted, and all speak of a minute', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await school.begin('magnet-layers')
  await school.changePlan(id, () => ({ recording: { kind: 'count', seconds: 5 }, practiceTries: 0 }))
  await school.confirmCautions(id)
  await school.predict(id, 0, { format: 'direction', direction: 'less' })
  const sheet = await openSheet(id)
  await press(sheet, 'We are ready')
  await press(sheet, 'Start the 5 s')
  await sheet.getByText('Count …').waitFor()
  await sheet.getByText('Stop. How many?').waitFor()
  const box = sheet.getByLabel(/how many in 5 s/)
  await box.fill('2,5')
  await press(sheet, 'Write it down')
  await sheet.getByText('A count is a whole number.').waitFor()
  // A spoilt try whose number cannot be taken is kept without it.
  await press(sheet, 'Something went wrong')
  await press(sheet, 'pushed or bumped')
  await expect
    .poll(async () => (await school.lesson(id)).entries)
    .toMatchObject([{ status: 'set-aside', reason: 'pushed or bumped', fields: {} }])
  await box.fill('12')
  await press(sheet, 'Write it down')
  await sheet.getByText('12 × 12 = 144').waitFor()
  await press(sheet, 'Go on')
  await sheet.getByRole('heading', { name: /try 2 of/ }).waitFor()
  const page = await open(`/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Journal' }).click()
  await page.getByText('12 in 5 s, 144 a minute').waitFor()
  await page.goto(`${school.url}/lessons/${id}/compare`)
  await anywhere(page.getByText(/number of clips held a minute/i))
})

it('never shows allergies, nor does the Board or a tray card', async ({ school, open }) => {
  const id = await school.begin('bean-sprouts')
  const { class: own } = await school.lesson(id)
  for (const path of [`/sheet/${id}/${own.groups[0]!.id}`, `/board/${id}`, `/print/${id}/trays`]) {
    const page = await open(path)
    await anywhere(page.getByText(/bean sprouts|Sprouts in light/))
    expect(await page.locator('body').innerText()).not.toMatch(/reacts|lupin|allerg/i)
  }
})

it('lets no group begin before the teacher has checked, and goes on by itself then', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await school.begin('bean-sprouts')
  const sheet = await openSheet(id)
  await press(sheet, 'on the window sill')
  await press(sheet, 'This is our prediction')
  await sheet.getByText('your teacher is checking the cautions').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  const page = await open(`/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Yes, checked' }).click()
  await page.getByText('Type your initials, like AB.').waitFor()
  await page.getByLabel('Your initials').fill('AB')
  await page.getByRole('button', { name: 'Yes, checked' }).click()
  await page.getByText(/AB has checked the school’s own risk assessment, today at/).waitFor()
  await anywhere(sheet.getByText('seeds and plants'))
  await press(sheet, 'We are ready')
  // It is read by the day, and its first day is still to come.
  await sheet.getByText('The next readings are on').waitFor()
})

it('stops again when something that needs care joins; what is typed meanwhile waits and is let through then', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await school.begin('bean-sprouts')
  await school.confirmCautions(id)
  await school.predict(id, 0, { format: 'choice', levelId: (await school.lesson(id)).plan.levels[0]!.id })
  const sheet = await openSheet(id)
  await sheet.getByRole('button', { name: 'We are ready' }).waitFor()
  const page = await open(`/lessons/${id}/pack`)
  await page.getByLabel('Add, like “2 sheets of card per level”').fill('a glass jar per level')
  await page.keyboard.press('Enter')
  await page.getByText('Something that needs care has changed since AB checked it').waitFor()
  await page.locator('[data-caution="glass"]').waitFor()
  await sheet.getByText('your teacher is checking the cautions').waitFor()
  await page.goto(`${school.url}/lessons/${id}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByRole('textbox', { name: 'Leaf, on the window sill, try 1, day 1', exact: true }).fill('61')
  await page.keyboard.press('Enter')
  await page.getByText('1 waiting for Safe').waitFor()
  expect(await school.numbers(id)).toHaveLength(0)
  await page.getByLabel('Your initials').fill('CD')
  await page.getByRole('button', { name: 'Yes, checked' }).click()
  await expect.poll(async () => (await school.numbers(id)).length).toBe(1)
  await page.getByText(/CD has checked/).waitFor()
})

it('takes a number from large keys of its own, which the device remembers', async ({ school, openSheet }) => {
  const id = await begun(school)
  const sheet = await openSheet(id)
  await press(sheet, 'We have practised')
  await press(sheet, 'Number pad')
  const pad = sheet.getByRole('group', { name: 'Number pad' })
  for (const key of ['1', '3', '5']) await pad.getByRole('button', { name: key, exact: true }).click()
  await pad.getByRole('button', { name: 'Take the last one off' }).click()
  expect(await height(sheet).inputValue()).toBe('13')
  expect(await seriousFindings(sheet)).toEqual([])
  await press(sheet, 'Write it down')
  await expect.poll(() => school.numbers(id)).toMatchObject([{ value: 13, typed: '13', given: 'typed' }])
  await sheet.reload()
  await pad.waitFor()
})

it('reads a step aloud by the browser’s own voice', async ({ school, openSheet }) => {
  const id = await begun(school)
  const sheet = await openSheet(id)
  await press(sheet, 'We have practised')
  await heading(sheet, '25 cm, try 1 of 3')
  await sheet.evaluate(() => {
    speechSynthesis.speak = ({ text }) => void (document.body.dataset.said = text)
  })
  await press(sheet, 'Read aloud')
  const said = await sheet.evaluate(() => document.body.dataset.said)
  expect(said).toMatch(/^25 cm, try 1 of 3\. .*Write it down\./)
  await press(sheet, 'Stop reading')
  await sheet.getByRole('button', { name: 'Read aloud' }).waitFor()
})
