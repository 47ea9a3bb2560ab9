import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { seriousFindings } from '../../support/browser'
import { inOwnSchool } from '../../support/inSchool'

const it = inOwnSchool('demo')

const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })
const lineField = (page: Page) => page.getByLabel('Add, like “2 sheets of card per level”')

it('has everything that a starter needs on the list, by itself and typed', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('shadow-length')}/pack`)
  await row(page, 'battery lamp').getByText('shelf 4').waitFor()
  await row(page, 'metre stick').getByText('from the plan').waitFor()
  await row(page, 'recording sheet').getByText('8', { exact: true }).waitFor()
})

it('understands a line as it is typed, and changes it by typing over it', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('shadow-length')}/pack`)
  await lineField(page).fill('2 sheets of card per level')
  await page.getByText('2 sheets of card for each level, used up, 10% spare').waitFor()
  await lineField(page).press('Enter')
  await row(page, 'card').getByText('53 sheets').waitFor()
  await page.getByRole('button', { name: 'card', exact: true }).click()
  await page.getByLabel('Type over it').fill('3 sheets of card per group')
  await page.getByLabel('Type over it').press('Enter')
  await row(page, 'card').getByText('20 sheets').waitFor()
  await page.getByRole('button', { name: 'card', exact: true }).click()
  await page.getByRole('button', { name: 'Take out' }).click()
  await row(page, 'card').waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await row(page, 'card').waitFor()
})

it('tells what to type in place of what cannot be, and loses nothing', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('shadow-length')}/pack`)
  for (const [typed, words] of [
    ['-3 cups', 'never below 0'],
    ['200 mL paper clips', 'counted, not poured'],
    ['30 x 40 cm card from A4', 'smaller than a piece'],
    ['1,200 g salt', '1.2 or 1200'],
  ] as const) {
    await lineField(page).fill(typed)
    await lineField(page).press('Enter')
    await page.getByText(words).waitFor()
    expect(await lineField(page).inputValue()).toBe(typed)
  }
})

it('offers what keeps the test fair where something is short, and takes it for everybody', async ({
  school,
  open,
}) => {
  const page = await open(`/lessons/${await school.begin('shadow-length')}/pack`)
  // What other lessons use up may be short, too.
  const short = page.locator('[data-finding="short"]').filter({ hasText: 'battery lamp' })
  await short.getByText('You need 7 battery lamps and have only 5.').waitFor()
  await short.getByRole('button', { name: 'Take torch instead' }).click()
  await row(page, 'torch').waitFor()
  await short.waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await short.getByRole('button', { name: 'Share 5, in turns' }).click()
  await page.getByRole('heading', { name: 'Taking turns' }).waitFor()
  await page.getByRole('row', { name: /^turn 2/ }).waitFor()
})

it('is ticked by the keyboard alone', async ({ school, open }) => {
  const id = await school.begin('shadow-length')
  const page = await open(`/lessons/${id}/pack`)
  const box = row(page, 'paper, A3').getByRole('button', { name: /for Moon$/ })
  await box.focus()
  await page.keyboard.press('Space')
  await expect.poll(() => box.getAttribute('aria-pressed')).toBe('true')
  await expect.poll(async () => (await school.pack(id)).ticks.length).toBe(1)
})

it('draws what is cut, to scale', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('paper-towels')}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page.getByRole('img', { name: '4 pieces, 20 x 20 cm, on 40 by 40 centimetres' }).waitFor()
  await page.getByText(/from 7 sheets of thin napkins?, 40 x 40 cm, 4 from each, 3 from the last/).waitFor()
})

it('says what to mix, and what to buy', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('bubble-lifetime')}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  // 2,910 mL for 24 cups and a tenth more: one part in eleven is poured in, a litre jug at a time.
  await page.getByText(/2\.65 L of water and 270 mL of washing-up liquid, a third at a time/).waitFor()
  await page.getByRole('heading', { name: 'To buy' }).waitFor()
})

it('is counted back, and the store cupboard follows', async ({ school, open }) => {
  const id = await school.begin('ball-bounce')
  const stock = async () => (await school.pack(id)).supplies.find((one) => one.name === 'bouncy ball')!.amount
  const before = await stock()
  const page = await open(`/lessons/${id}/pack`)
  await page.getByRole('button', { name: 'Count back' }).click()
  await page.getByLabel('How much bouncy ball came back').fill('6')
  await page.getByLabel('How much bouncy ball is broken').fill('1')
  await row(page, 'bouncy ball').getByText('1 missing: look for it').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Counted back' }).click()
  await page.getByText('The store cupboard now lists what is left').waitFor()
  expect(await stock()).toBe(before - 2)
})

it('warns of what the plan brings, by age, and of the class’s allergies without a name', async ({
  school,
  open,
}) => {
  const page = await open(`/lessons/${await school.begin('bean-sprouts')}/pack`)
  await page
    .locator('[data-caution="plants"]')
    .getByText(/mung beans/)
    .waitFor()
  await page.getByText('1 child reacts to peas, beans and lupin').waitFor()
  await page.getByText('These are reminders, not a clearance').waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('lists what nobody here knows, never as safe', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('bean-sprouts')}/pack`)
  await lineField(page).fill('2 glorbs per level')
  await page.keyboard.press('Enter')
  await page.locator('[data-safe="unknown"]').getByText('glorbs').waitFor()
})
