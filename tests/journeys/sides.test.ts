import { expect } from 'vitest'
import { anywhere, chooseWord, seriousFindings } from '../support/browser'
import { journeys as it, sayReady, typeCells, write } from '../support/journey'
import type { Page } from 'playwright-core'

/** Presses one answer to one question of a prediction. */
const answer = (sheet: Page, question: string, text: string) =>
  sheet.getByRole('group', { name: question }).getByRole('button', { name: text, exact: true }).click()

/** Says something in the class's own words and waits for what the check makes of it. */
async function says(page: Page, words: string, verdict: string): Promise<void> {
  await page.getByLabel('What we found out, as the class says it').fill(words)
  await page.getByRole('listitem').filter({ hasText: words }).getByText(verdict).waitFor()
}

it('dough with itself: one lump, predicted, weighed three times, concluded and printed', async ({
  school,
  open,
  journey,
}) => {
  const id = await school.begin('dough-shapes')
  await school.changePlan(id, (plan) => ({
    levels: plan.levels.slice(1, 2),
    changed: { name: '', kind: 'kinds', unit: null, range: null },
    tries: 1,
    prediction: { ...plan.prediction, because: false },
  }))
  await school.confirmCautions(id)
  const plan = await open(`/lessons/${id}/plan`)
  await plan.getByText('We test one thing:').first().waitFor()
  const paragraph = plan.getByLabel('The plan in sentences')
  await expect
    .poll(() => paragraph.innerText())
    .toMatch(/We compare\s+it as a lump, in another shape and as a lump again/)
  await chooseWord(plan, 'comparison', 'the levels with each other')
  await plan.getByText('A fair test compares at least two levels').first().waitFor()
  await chooseWord(plan, 'comparison', 'it as a lump, in another shape and as a lump again')
  await plan.getByText('A fair test compares at least two levels').waitFor({ state: 'detached' })
  expect(await seriousFindings(plan)).toEqual([])

  const sheet = await journey.openSheet(id)
  const keep = sheet.getByRole('button', { name: 'This is our prediction' })
  await answer(sheet, 'In another shape it will…', 'weigh less')
  expect(await keep.isDisabled()).toBe(true)
  await answer(sheet, 'As a lump again it will…', 'weigh the same')
  expect(await seriousFindings(sheet)).toEqual([])
  await keep.click()
  await sayReady(sheet)
  await write(sheet, /pressed flat, as a lump$/, '200')
  await write(sheet, /in another shape/, '200')
  await write(sheet, /as a lump again/, '199')
  await school.othersFindTheSame(id, 3)

  const found =
    'It weighed the same each time, to within 1 g: as a lump, in another shape and as a lump again.'
  const compare = await journey.saysEverywhere(id, found)
  await compare.getByText('no difference we could measure').first().waitFor()
  await compare.goto(`${school.url}/lessons/${id}/conclude`)
  await compare
    .getByText('it will weigh less in another shape and it will weigh the same as a lump again')
    .waitFor()
  await compare.getByText('nearly', { exact: true }).waitFor()
  await says(compare, 'The dough weighed the same as a lump and in another shape', 'fits what we found')
  await says(compare, 'It got lighter in another shape', 'goes against what we found')
  await compare.getByText('We read: it weighed less in another shape than as a lump.').waitFor()
  await compare.getByRole('button', { name: 'Use what the test showed' }).click()
  await expect.poll(async () => (await school.lesson(id)).conclusion.ownWords).toBe(found)
  expect(await seriousFindings(compare)).toEqual([])
})

it('a comparison that is changed after readings keeps them all, and comes back', async ({ school, open }) => {
  const id = await school.titled('Dough in another shape')
  const { entries, plan } = await school.lesson(id)
  const page = await open(`/lessons/${id}/compare`)
  const heading = page.getByRole('heading', { level: 1 })
  await expect.poll(() => heading.innerText()).toMatch(/^It weighed the same each time/)
  await school.changePlan(id, () => ({ comparison: 'levels' }))
  await expect.poll(() => heading.innerText()).toMatch(/came out level/)
  await school.changePlan(id, () => ({ comparison: 'itself', expected: plan.expected }))
  await expect.poll(() => heading.innerText()).toMatch(/^It weighed the same each time/)
  expect((await school.lesson(id)).entries).toEqual(entries)
})

it('the two sides of one tray: what was found, said and printed', async ({ school, open, journey }) => {
  const id = await school.titled('Sprouts of one tray')
  const compare = await journey.saysEverywhere(id, 'All 6 groups found the same.')
  await compare.getByRole('heading', { name: /more at the door side than at the window side\.$/ }).waitFor()
  await compare.getByRole('button', { name: 'height at the end' }).click()
  await compare.getByRole('columnheader', { name: 'window side', exact: true }).waitFor()
  const poster = await open(`/print/${id}/poster`)
  await anywhere(poster.getByText('The sprouts were taller at the door side than at the window side.'))
  const conclude = await open(`/lessons/${id}/conclude`)
  await conclude.getByText('fits what we found').waitFor()
  await says(conclude, 'The window side was taller than the door side', 'goes against what we found')
})

it('bubbles done once for all: groups predict and notice, one device at the front reads', async ({
  school,
  open,
  journey,
}) => {
  const id = await school.begin('bubble-lifetime')
  await school.changePlan(id, (plan) => ({
    whoTests: 'whole-class',
    levels: plan.levels.slice(0, 3),
    tries: 1,
    practiceTries: 0,
    prediction: { ...plan.prediction, because: false },
  }))
  await school.confirmCautions(id)
  const { class: own } = await school.lesson(id)
  const doors = await open(`/sheet/${id}`)
  await doors.getByRole('link', { name: 'The class, at the front' }).click()
  const front = doors
  await front.getByText('0 / 3').waitFor()

  const group = await open(`/sheet/${id}/${own.groups[2]!.id}`)
  await group.getByRole('button', { name: 'the longer the lifetime' }).click()
  await group.getByRole('button', { name: 'This is our prediction' }).click()
  await group.getByText('We do this together, at the front.').waitFor()
  expect(await group.getByRole('button', { name: 'Write it down' }).count()).toBe(0)
  await group.getByRole('button', { name: 'We noticed something' }).waitFor()
  expect(await seriousFindings(group)).toEqual([])

  const grid = await journey.openGrid(id, 'The class, 0, try 1')
  await typeCells(grid, '8', '12', '17')
  await expect.poll(() => school.counted(id)).toBe(3)
  expect(await grid.getByRole('rowheader').count()).toBe(1)
  await group.getByRole('heading', { name: 'All tries are in' }).waitFor()
  await group.getByText('We predicted').waitFor()
  await front.getByText('3 / 3').waitFor()

  const compare = await open(`/lessons/${id}/compare`)
  await compare.getByRole('row', { name: /^The class/ }).waitFor()
  expect(await compare.getByRole('row', { name: /^Bell/ }).count()).toBe(0)
  const pack = await open(`/lessons/${id}/pack`)
  await pack.getByRole('heading', { name: /Kit for one test at the front/ }).waitFor()
  await pack.getByRole('columnheader', { name: 'At the front' }).waitFor()
  expect(await journey.roundTrip(id)).toMatch(/\r\nThe class,0,1,/)
})
