import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { chooseWord, openWord, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'

const it = inDemoSchool.extend('planned', async ({ school, open }) => {
  const id = await school.begin('ball-bounce')
  const page = await open(`/lessons/${id}/plan`)
  await word(page, 'levels').waitFor()
  return { id, page, plan: async () => (await school.lesson(id)).plan }
})

const word = (page: Page, name: string) => page.locator(`[data-word="${name}"]`)
/** Types on a word itself, which opens it with what is typed. */
async function typeOver(page: Page, name: string, text: string) {
  await word(page, name).focus()
  await page.keyboard.type(text.slice(0, 1))
  await page.locator('[role="dialog"] input:focus').first().waitFor()
  await page.keyboard.type(text.slice(1))
  await page.keyboard.press('Enter')
}
const undo = (page: Page) => page.getByTitle('Undo (u)').click()
const focused = (page: Page) =>
  page.evaluate(() => (document.activeElement as HTMLElement | null)?.dataset.word)

it('is one stop of the Tab key, with arrows inside, and says what each word stands for', async ({
  planned: { page },
}) => {
  const stops = page.getByRole('group', { name: 'The plan in sentences' }).locator('[tabindex="0"]')
  expect(await stops.count()).toBe(1)
  await stops.focus()
  await page.keyboard.press('Home')
  expect(await focused(page)).toBe('aim')
  for (const next of ['changed', 'levels']) {
    await page.keyboard.press('ArrowRight')
    expect(await focused(page)).toBe(next)
  }
  await page.keyboard.press('End')
  expect(await focused(page)).toBe('again')
  await page.getByRole('button', { name: /^What we change: drop height/ }).waitFor()
  await page.getByRole('button', { name: /^Tries at each level: 3 tries/ }).waitFor()
})

it('opens by Enter, steps by arrows, shuts by Escape, and gives the focus back', async ({
  planned: { page, plan },
}) => {
  await word(page, 'tries').focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: '3 tries', selected: true }).waitFor()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await plan()).tries).toBe(4)
  await expect.poll(() => focused(page)).toBe('tries')
  await page.keyboard.press('Enter')
  await page.getByRole('listbox', { name: 'Tries at each level' }).waitFor()
  await page.keyboard.press('Escape')
  await page.getByRole('listbox', { name: 'Tries at each level' }).waitFor({ state: 'detached' })
  await expect.poll(() => focused(page)).toBe('tries')
})

it('opens with the whole word, and shut again without typing leaves it as it was', async ({
  planned: { id, page, plan },
  school,
}) => {
  await typeOver(page, 'levels', 'one, two, three')
  await expect
    .poll(async () => (await plan()).levels.map(({ name }) => name))
    .toEqual(['one', 'two', 'three'])
  await typeOver(page, 'measured', 'how high')
  await expect.poll(async () => (await plan()).measured.name).toBe('how high')
  const { planVersion } = await school.lesson(id)
  const field = page.locator('.v-overlay--active [role="dialog"] input').first()
  for (const [name, text] of [
    ['levels', 'one, two, three'],
    ['measured', 'how high'],
  ] as const) {
    await openWord(page, name)
    await expect.poll(() => field.inputValue()).toBe(text)
    await page.mouse.click(2, 790)
    await page.locator('.v-overlay--active [role="dialog"]').waitFor({ state: 'detached' })
  }
  await page.waitForTimeout(800)
  expect((await school.lesson(id)).planVersion).toBe(planVersion)
})

it('types over words, and takes levels in one line', async ({ planned: { page, plan } }) => {
  await typeOver(page, 'measured', 'how high it jumps')
  await expect.poll(async () => (await plan()).measured.name).toBe('how high it jumps')
  await word(page, 'levels').click()
  const line = page.getByLabel('Levels in one line')
  await line.fill('10, wool')
  await line.press('Enter')
  await page.getByText('“wool” isn’t a number like the others.').waitFor()
  await line.fill('20, 40, 80 cm')
  await line.press('Enter')
  await expect.poll(async () => (await plan()).levels.map((level) => level.value)).toEqual([20, 40, 80])
  await undo(page)
  await expect.poll(async () => (await plan()).levels).toHaveLength(4)
})

it('says beside a choice what it would do, marks the word that a check stumbles over, and mends it there', async ({
  planned: { page, plan },
}) => {
  await chooseWord(page, 'levelOrder', 'in the same order')
  expect(await word(page, 'levelOrder').getAttribute('class')).toContain('think')
  await word(page, 'levelOrder').click()
  const dialog = page.getByRole('dialog', { name: 'Order of levels' })
  await dialog.getByText('Every group tests the levels in the same order.').waitFor()
  await dialog.getByText('settles what Fair asks').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await dialog.getByRole('button', { name: 'Give each group its own order' }).click()
  await expect.poll(async () => (await plan()).levelOrder).toBe('own')
})

it('moves a level on the bench by keys and by pulling it', async ({ planned: { page, plan } }) => {
  const largest = page.getByRole('slider', { name: 'Level 100 cm' })
  await largest.focus()
  await page.keyboard.press('ArrowLeft')
  const values = async () => (await plan()).levels.map((level) => level.value!)
  await expect.poll(values).toContain(95)
  await undo(page)
  await expect.poll(values).toContain(100)
  const box = (await largest.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + 20)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + 20, { steps: 4 })
  await page.mouse.up()
  await expect.poll(async () => Math.max(...(await values()))).toBe(150)
})

it('keeps how a thing is kept the same, and takes one more', async ({ planned: { page, plan } }) => {
  await word(page, 'keptSame').click()
  await page.getByLabel('Keep one more thing the same').fill('weather')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await plan()).keptSame.map((same) => same.name)).toContain('weather')
  expect(await seriousFindings(page)).toEqual([])
})

it('stands as a list too', async ({ planned: { page, plan } }) => {
  await page.getByRole('button', { name: 'As a list' }).click()
  await chooseWord(page, 'summary', 'take the mean')
  await expect.poll(async () => (await plan()).summary).toBe('mean')
  expect(await seriousFindings(page)).toEqual([])
})

it('works by touch', async ({ planned: { id, plan }, open }) => {
  const touch = await open(`/lessons/${id}/plan`, { viewport: { width: 800, height: 1200 }, hasTouch: true })
  await word(touch, 'practiceTries').tap()
  await touch.getByRole('option', { name: '2 practice tries' }).tap()
  await expect.poll(async () => (await plan()).practiceTries).toBe(2)
})

it('asks about a level that reads two ways, and keeps the old one until somebody says', async ({
  planned: { page, plan },
}) => {
  const levels = async () => (await plan()).levels.map((one) => one.value)
  await openWord(page, 'levels')
  const level = page.getByLabel('Level 2', { exact: true })
  await level.fill('1,200')
  await page.getByRole('button', { name: '1.2 cm' }).waitFor()
  await page.getByRole('button', { name: '1200 cm' }).waitFor()
  expect((await levels())[1]).toBe(50)
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: '1.2 cm' }).click()
  await expect.poll(levels).toContain(1.2)
  await page.getByLabel('Level 3', { exact: true }).fill('eighty')
  await page.getByText('“eighty” is not a number. Type it like 12.5 cm or 3 1/2.').waitFor()
  await page.getByLabel('Level 3', { exact: true }).fill('2 ft')
  await page.getByLabel('Level 3', { exact: true }).press('Tab')
  await expect.poll(levels).toContain(60.96)
})

it('leaves a level that is no number as it was typed, with a word why', async ({
  planned: { page, plan },
}) => {
  await openWord(page, 'levels')
  const level = page.getByLabel('Level 1', { exact: true })
  await level.fill('far away')
  await page.getByText('“far away” is not a number.').waitFor()
  await level.fill('12 kg')
  await page.getByText('Kilograms do not fit here. This is measured in centimetres (cm).').waitFor()
  expect((await plan()).levels[0]!.value).toBe(25)
  await level.fill('0.3 m')
  await page.getByText('do not fit here').waitFor({ state: 'detached' })
  await level.blur()
  expect(await level.inputValue()).toBe('30')
})

it('tells of a level that stands twice, and of too few, where they stand', async ({
  planned: { page, plan },
}) => {
  await openWord(page, 'levels')
  await page.getByLabel('Level 2', { exact: true }).fill('25')
  await page.keyboard.press('Escape')
  await page.locator('[data-finding="level-twice"]').getByRole('button', { name: 'Keep it once' }).click()
  await openWord(page, 'levels')
  for (const value of [25, 75]) await page.getByRole('button', { name: `Take out ${value} cm` }).click()
  await page.locator('[data-finding="too-few-levels"]').waitFor()
  await expect.poll(async () => (await plan()).levels.map((level) => level.value)).toEqual([100])
  await page.keyboard.press('Escape')
  for (const levels of [2, 3, 4]) {
    await undo(page)
    await expect.poll(async () => (await plan()).levels).toHaveLength(levels)
  }
})

it('takes no scale that ends below where it starts', async ({ planned: { page, plan } }) => {
  await openWord(page, 'instrument')
  await page.getByRole('button', { name: 'Change its marks' }).click()
  const end = page.getByLabel('To', { exact: true })
  await end.fill('-5')
  await page.locator('.v-messages').getByText('The scale must end above where it starts.').waitFor()
  await page.getByText('not saved').waitFor()
  expect((await plan()).measured.instrument.greatest).toBe(100)
  await end.fill('200')
  await expect.poll(async () => (await plan()).measured.instrument.greatest).toBe(200)
})

it('offers every way of recording, and rounds where a design is improved in them', async ({
  school,
  open,
}) => {
  const offered = async (starter: string) => {
    const page = await open(`/lessons/${await school.begin(starter)}/plan`)
    await openWord(page, 'way')
    await page.getByRole('option', { name: 'measure once' }).waitFor()
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
  expect(await offered('ball-bounce')).toEqual(all)
  expect(await offered('paper-bridge')).toEqual([...all, 'rounds of redesign'])
})
