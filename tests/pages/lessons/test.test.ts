import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { inDemoSchool } from '../../support/inSchool'

/** A bounce lesson of which nothing is read yet. */
const it = inDemoSchool.extend('bounce', async ({ school }) => {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  return id
})

const cell = (page: Page, name: string) => page.getByLabel(name, { exact: true })

it('takes predictions in numbers as people write them', async ({ school, bounce, open }) => {
  await school.changePlan(bounce, ({ prediction }) => ({
    prediction: { ...prediction, format: 'number', because: false },
  }))
  const page = await open(`/lessons/${bounce}/test`)
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
        const { predictions, class: own } = await school.lesson(bounce)
        const groupId = own.groups.find((one) => one.name === group)!.id
        return predictions.find((one) => one.groupId === groupId)?.answer
      })
      .toMatchObject({ format: 'number', value: kept })
  }
})

it('takes letters in a cell for text; x and u act on a cell that is only looked at', async ({
  school,
  bounce,
  open,
}) => {
  const page = await open(`/lessons/${bounce}/test`)
  await page.getByRole('button', { name: 'Readings', exact: true }).click()
  const first = cell(page, 'Leaf, 25 cm, try 1')
  await first.click()
  await page.keyboard.type('six inches exactly')
  expect(await first.inputValue()).toBe('six inches exactly')
  await page.keyboard.press('Control+A')
  await page.keyboard.type('13 cm')
  await page.keyboard.press('Enter')
  await expect.poll(() => school.numbers(bounce)).toMatchObject([{ value: 13, typed: '13 cm' }])
  // A second click is still only a look; two at once are for a digit.
  await first.click()
  await page.waitForTimeout(600)
  await first.click()
  await page.keyboard.press('x')
  await page.getByRole('button', { name: 'pushed or bumped' }).click()
  await expect.poll(() => first.inputValue()).toBe('')
  await page.keyboard.press('u')
  await expect.poll(() => first.inputValue()).toBe('13')
  await first.dblclick()
  await page.keyboard.type('0')
  expect(await first.inputValue()).toBe('130')
})

it('leaves text where it was typed; a pasted block is taken as far as it can be', async ({
  school,
  bounce,
  open,
}) => {
  const page = await open(`/lessons/${bounce}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  const first = cell(page, 'Leaf, 25 cm, try 1')
  await first.fill('ten')
  await first.press('Enter')
  await page.getByText('“ten” is not a number. Type it like 12.5 cm or 3 1/2.').waitFor()
  expect(await first.inputValue()).toBe('ten')
  await first.focus()
  await page.evaluate(() => navigator.clipboard.writeText('10\t11\t12\n10\tn/a\t12,5\n'))
  await page.keyboard.press('Control+V')
  await page.getByText('4 numbers pasted. 2 couldn’t be read: look at those cells again.').waitFor()
  await expect
    .poll(async () => (await school.numbers(bounce)).map((one) => one.value))
    .toEqual([10, 11, 12, 10])
})

it('keeps a note with its try, which counts as before', async ({ school, bounce, open }) => {
  await school.read(bounce, 0, 0, 13)
  const page = await open(`/lessons/${bounce}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await cell(page, 'Leaf, 25 cm, try 1').click()
  await page.keyboard.press('n')
  await page.getByLabel('Like “pressed the button late”').fill('let go a little early')
  await page.getByRole('button', { name: 'Keep the note' }).click()
  await expect
    .poll(async () => (await school.numbers(bounce)).at(-1))
    .toMatchObject({ value: 13, note: 'let go a little early', status: 'counted' })
  expect(await cell(page, 'Leaf, 25 cm, try 1').inputValue()).toBe('13')
})

it('offers finer marks once the class reads between them, and asks no more', async ({
  school,
  bounce,
  open,
}) => {
  const page = await open(`/lessons/${bounce}/test`)
  await page.getByRole('button', { name: 'Readings', exact: true }).click()
  const offer = page.getByText('Some readings are finer than the marks of the metre stick in the plan.')
  for (const [number, typed] of [
    [1, '12.3'],
    [2, '12.7'],
  ] as const) {
    expect(await offer.count()).toBe(0)
    const field = cell(page, `Leaf, 25 cm, try ${number}`)
    await field.fill(typed)
    await field.press('Enter')
    await page.getByRole('button', { name: `Keep ${typed}` }).click()
    await expect.poll(() => school.numbers(bounce)).toHaveLength(number)
  }
  await offer.waitFor()
  await page.getByRole('button', { name: 'Make a mark 0.1 cm' }).click()
  await offer.waitFor({ state: 'detached' })
  await expect.poll(async () => (await school.lesson(bounce)).plan.measured.instrument.smallestMark).toBe(0.1)
})

it('takes in a table of somebody’s own, as a spreadsheet on Windows writes it', async ({
  school,
  bounce,
  open,
}) => {
  const page = await open(`/lessons/${bounce}/test`)
  await page.getByRole('button', { name: 'Readings' }).click()
  await page.getByRole('button', { name: 'From a file' }).click()
  const offer = (text: string) =>
    page
      .getByLabel('File of readings')
      .setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(text, 'latin1') })
  await offer('group;25 cm;50 cm;H\u00f6he\nLeaf;14,5;26;x\n')
  await page.getByText('We don’t know what stands under “höhe”').waitFor()
  await offer('group;25 cm;50 cm;Mean\nLeaf;14,5;26;20\nBell;15;;15\n')
  await page.getByText('Each of these columns holds readings: 25 cm and 50 cm.').waitFor()
  await page.getByText('3 new, 0 there already.').waitFor()
  await page.getByRole('button', { name: 'Import them' }).click()
  await expect
    .poll(async () => (await school.numbers(bounce)).map(({ value }) => value).sort())
    .toEqual([14.5, 15, 26])
})
