import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { newId } from '#core/plan'
import { chooseWord, dragTo, isSaved, openWord, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'

/** A plan of which there are only the children's cards, none of them picked. */
const it = inDemoSchool.extend('cards', async ({ school, open }) => {
  const idea = (name: string) => ({ id: newId(), name, was: null })
  const id = await school.begin('paper-towels')
  await school.changePlan(id, (whole) => ({
    changed: { ...whole.changed, name: '' },
    levels: [],
    keptSame: [],
    measured: { ...whole.measured, name: '' },
    expected: null,
    ideas: {
      change: ['kind of paper', 'amount of water', 'size of the piece', 'time in the water'].map(idea),
      measure: ['water soaked up', 'time until it tears'].map(idea),
    },
  }))
  const page = await open(`/lessons/${id}/plan`)
  await card(page, 'kind of paper').waitFor()
  const plan = async () => (await school.lesson(id)).plan
  return { id, page, plan, kept: async () => (await plan()).keptSame.map((same) => same.name) }
})

const place = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const card = (page: Page, name: string) => page.getByRole('listitem', { name: new RegExp(`^${name},`) })
const checks = (page: Page) => page.getByRole('complementary', { name: 'Checks of the plan' })
const undo = (page: Page) => page.getByTitle('Undo (u)').click()

async function pick(page: Page, name: string, where: 'What we change' | 'What we measure') {
  await card(page, name).press('Enter')
  await place(page, where).getByText(name).waitFor()
}

it('picks what to change by drag: the other cards fall into keep the same', async ({
  cards: { page, plan, kept },
}) => {
  await checks(page).locator('[data-finding="nothing-changed"]').waitFor()
  await dragTo(page, card(page, 'kind of paper'), place(page, 'What we change').getByRole('list'))
  await place(page, 'What we change').getByText('kind of paper').waitFor()
  await expect.poll(kept).toEqual(['amount of water', 'size of the piece', 'time in the water'])
  expect((await plan()).changed).toMatchObject({ name: 'kind of paper', kind: 'kinds' })
})

it('picks and moves by keyboard, one card to measure', async ({ cards: { page, kept } }) => {
  await pick(page, 'kind of paper', 'What we change')
  await pick(page, 'water soaked up', 'What we measure')
  await card(page, 'size of the piece').press('ArrowLeft')
  await place(page, 'What we change').getByText('size of the piece').waitFor()
  await expect.poll(kept).toEqual(['amount of water', 'time in the water', 'kind of paper'])
  await undo(page)
  await expect.poll(kept).toEqual(['amount of water', 'size of the piece', 'time in the water'])
})

it('takes other words and new cards in, and no card twice', async ({ cards: { page, plan, kept } }) => {
  await pick(page, 'kind of paper', 'What we change')
  await page.getByRole('button', { name: 'More for time in the water' }).click()
  await page.getByText('Change the words').click()
  await page.getByLabel('Name of the card').fill('12,5 seconds in the water')
  await page.getByLabel('Name of the card').press('Enter')
  await expect.poll(kept).toContain('12,5 seconds in the water')
  // The field closes twice, by Enter and by leaving it; all must still be said to be saved.
  await isSaved(page)
  await undo(page)
  await expect.poll(kept).toContain('time in the water')
  const more = place(page, 'We could change').getByRole('textbox')
  for (const text of ['Kind of Paper', 'temperature of the water']) {
    await more.fill(text)
    await more.press('Enter')
    await isSaved(page)
  }
  await place(page, 'We could change').getByText('temperature of the water').waitFor()
  expect((await plan()).ideas.change.map(({ name }) => name)).not.toContain('Kind of Paper')
})

it('lets cards be moved at the Board by touch', async ({ cards: { id, page }, open }) => {
  await pick(page, 'kind of paper', 'What we change')
  const more = place(page, 'We could change').getByRole('textbox')
  await more.fill('temperature of the water')
  await more.press('Enter')
  const board = await open(`/board/${id}`)
  await board.getByRole('button', { name: 'Cards' }).click()
  await card(board, 'temperature of the water').waitFor()
  await dragTo(
    board,
    card(board, 'temperature of the water'),
    place(board, 'What we keep the same').getByRole('list'),
  )
  await place(page, 'What we keep the same').getByText('temperature of the water').waitFor()
  expect(await seriousFindings(board)).toEqual([])
})

it('puts a picked card back into its tray with its levels, and undo brings it back', async ({
  school,
  open,
}) => {
  const id = await school.begin('ball-bounce')
  const { plan: before } = await school.lesson(id)
  const plan = async () => (await school.lesson(id)).plan
  const page = await open(`/lessons/${id}/plan`)
  await page.getByRole('button', { name: 'Cards' }).click()
  await card(page, 'drop height').press('Delete')
  await expect
    .poll(async () => (await plan()).ideas.change)
    .toMatchObject([{ name: 'drop height', was: { levels: before.levels } }])
  await card(page, 'drop height').press('Enter')
  await expect.poll(async () => (await plan()).levels).toEqual(before.levels)
  await undo(page)
  await undo(page)
  await expect.poll(plan).toEqual(before)
})

it('goes from the children’s cards to a plan that is fair and will show', async ({ cards: { page } }) => {
  await pick(page, 'kind of paper', 'What we change')
  await pick(page, 'water soaked up', 'What we measure')
  await page.getByLabel('How amount of water is kept the same').fill('200 mL in the tray')
  const unequal = checks(page).locator('[data-finding^="unequal-start"]')
  while ((await unequal.count()) > 0) await unequal.nth(0).getByRole('button').click()
  await page.getByRole('button', { name: 'On to the plan' }).click()
  await openWord(page, 'levels')
  await page.getByLabel('Levels in one line').fill('napkin, kitchen paper, bumpy paper')
  await page.keyboard.press('Enter')
  await chooseWord(page, 'way', 'before and after')
  const remedies = checks(page).locator('[data-finding] button')
  while ((await remedies.count()) > 0) await remedies.nth(0).click()
  await checks(page).getByText('fair', { exact: true }).waitFor()
  await page.getByLabel('At napkin').fill('4')
  await page.getByLabel('At bumpy paper').fill('16')
  await page.getByLabel('Same again: how far apart?').fill('2')
  await checks(page).getByText('will show', { exact: true }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('finds a second property that changes with the level, and mends it', async ({ school, open }) => {
  const id = await school.begin('paper-towels')
  const page = await open(`/lessons/${id}/plan`)
  await openWord(page, 'levels')
  await page.getByRole('button', { name: 'Do they differ in anything else?' }).click()
  await page.getByLabel('What the levels may also differ in').fill('number of layers')
  for (const [kind, layers] of [
    ['thin napkin', '1'],
    ['plain kitchen paper', '2'],
    ['bumpy kitchen paper', '2'],
  ] as const)
    await page.getByRole('textbox', { name: `number of layers of ${kind}` }).fill(layers)
  await page.keyboard.press('Escape')
  await checks(page).getByText('The number of layers differs too').waitFor()
  await checks(page).getByRole('button', { name: 'Same number of layers for all: 2' }).click()
  await checks(page).getByText('The number of layers differs too').waitFor({ state: 'detached' })
  await expect
    .poll(async () => (await school.lesson(id)).plan.keptSame.at(-1))
    .toMatchObject({ name: 'number of layers', how: '2 for all' })
})

it('turns to rounds of improving, and back with undo', async ({ school, open }) => {
  const id = await school.begin('paper-towels')
  const { plan: before } = await school.lesson(id)
  const plan = async () => (await school.lesson(id)).plan
  const page = await open(`/lessons/${id}/plan`)
  await chooseWord(page, 'aim', 'improve a design in rounds')
  await page.getByText('altering one thing each time').waitFor()
  await expect
    .poll(async () => (await plan()).levels.map((level) => level.name))
    .toEqual(['round 1', 'round 2', 'round 3'])
  await undo(page)
  await expect.poll(plan).toEqual(before)
})

it('gives some groups a test of their own under the same question', async ({
  cards: { id, page, plan },
  school,
}) => {
  await pick(page, 'kind of paper', 'What we change')
  await pick(page, 'water soaked up', 'What we measure')
  await page.getByRole('button', { name: 'Own test' }).click()
  for (const group of ['Leaf', 'Bell']) await page.getByLabel(group, { exact: true }).check()
  await page.getByRole('button', { name: 'Give them their own test' }).click()
  const parts = page.getByRole('navigation', { name: 'Tests under this question' })
  await expect.poll(() => page.url()).not.toContain(id)
  // The address is another before the page is: until then, cards are moved in the plan that is being left.
  await parts.getByRole('button', { name: 'Back to the first test' }).waitFor()
  const partId = /lessons\/([\w-]+)/.exec(page.url())![1]!
  await page.getByRole('button', { name: 'Cards' }).click()
  await card(page, 'amount of water').press('ArrowLeft')
  await parts.getByText('amount of water → water soaked up').waitFor()
  await expect.poll(async () => (await school.lesson(partId)).plan.changed.name).toBe('amount of water')
  expect((await plan()).changed.name).toBe('kind of paper')
  const groups = async (of: string) => (await school.lesson(of)).class.groups.map((group) => group.name)
  expect(await groups(partId)).toEqual(['Leaf', 'Bell'])
  expect(await groups(id)).toHaveLength(4)
  await parts.getByRole('button', { name: 'Back to the first test' }).click()
  await expect.poll(() => groups(id)).toHaveLength(6)
})
