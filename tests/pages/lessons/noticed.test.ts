import { join } from 'node:path'
import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { goOffline, phone, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'
import type { School } from '../../support/school'

/** A bridge in three rounds, of which nothing is read yet. */
const it = inDemoSchool
  .extend('bridge', ({ school }) =>
    school.small('paper-bridge', (plan) => ({ prediction: { ...plan.prediction, format: 'choice' } })),
  )
  .extend('openSheet', ({ school, bridge, open }) => async () => {
    const { class: own } = await school.lesson(bridge)
    const sheet = await open(`/sheet/${bridge}/${own.groups[0]!.id}`, phone)
    const ready = sheet.getByRole('button', { name: 'We are ready' })
    await ready.or(sheet.locator('form.step')).waitFor()
    if ((await ready.count()) > 0) await ready.click()
    // The next step stands where the last one was: a press in between would miss what it is meant for.
    await sheet.locator('form.step').waitFor()
    return sheet
  })

const sketchFile = join('demo', 'pictures', 'foldedSides.png')
const observations = async (school: School, id: string) => (await school.lesson(id)).observations
const card = (page: Page, text: string) => page.getByRole('listitem').filter({ hasText: text })
async function act(page: Page, text: string, name: string) {
  await page.getByRole('button', { name: `What to do with: ${text}` }).click()
  await page.locator('.v-overlay--active').getByText(name, { exact: true }).click()
}

it('a group writes what it sees on its Sheet, is asked whether it saw it, and the Desk has it at once', async ({
  bridge: id,
  open,
  openSheet,
}) => {
  const [sheet, desk] = [await openSheet(), await open(`/lessons/${id}/test`)]
  await desk.getByRole('button', { name: 'Noticed' }).click()
  await desk.getByText('Nothing yet.').waitFor()
  await sheet.getByLabel('number of washers held').fill('5')
  await sheet.getByRole('button', { name: 'We noticed something' }).click()
  await sheet.getByLabel('In words').fill('It sags because the washers are heavy')
  await sheet.getByText('“because” gives a reason. Did we see the reason?').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await sheet.getByRole('button', { name: 'We guess' }).click()
  await sheet.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  await card(desk, 'It sags because the washers are heavy').waitFor()
  await card(desk, 'round 1').getByText('Guessed').waitFor()
  // What was being typed for the try is still there.
  expect(await sheet.getByLabel('number of washers held').inputValue()).toBe('5')
  expect(await seriousFindings(desk)).toEqual([])
})

it('a sketch drawn with the finger and a photo wait on the device while it is away', async ({
  school,
  bridge: id,
  openSheet,
}) => {
  const sheet = await openSheet()
  await goOffline(sheet)
  await sheet.getByRole('button', { name: 'We noticed something' }).click()
  await sheet.getByRole('button', { name: 'Sketch' }).click()
  const paper = (await sheet.getByRole('img', { name: 'Sheet to draw on' }).boundingBox())!
  await sheet.mouse.move(paper.x + 40, paper.y + 40)
  await sheet.mouse.down()
  await sheet.mouse.move(paper.x + 200, paper.y + 120, { steps: 8 })
  await sheet.mouse.up()
  await sheet.getByRole('button', { name: 'Keep the sketch' }).click()
  await sheet.getByRole('img', { name: 'Your picture' }).waitFor()
  await sheet.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('1 kept here until the connection is back').waitFor()
  await sheet.getByRole('button', { name: 'We noticed something' }).click()
  await sheet.getByLabel('Photo of what was noticed').setInputFiles(sketchFile)
  await sheet.getByRole('img', { name: 'Your picture' }).waitFor()
  await sheet.getByLabel('In words').fill('two folds')
  await sheet.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('2 kept here until the connection is back').waitFor()
  expect(await observations(school, id)).toEqual([])
  await sheet.context().setOffline(false)
  await expect.poll(async () => (await observations(school, id)).length).toBe(2)
  expect((await observations(school, id)).map(({ text, picture }) => [text, picture !== null])).toEqual([
    ['', true],
    ['two folds', true],
  ])
  await sheet.getByText('kept here').waitFor({ state: 'detached' })
})

it('goes on the Board only when the teacher puts it there, with a word about faces, and is deleted for good', async ({
  school,
  bridge: id,
  open,
}) => {
  const desk = await open(`/lessons/${id}/test`)
  const board = await open(`/board/${id}`)
  await desk.getByRole('button', { name: 'Noticed' }).click()
  await desk.getByRole('button', { name: 'Something noticed' }).click()
  await desk.getByLabel('Photo of what was noticed').setInputFiles(sketchFile)
  await desk.getByLabel('In words').fill('folded up along both sides')
  await desk.getByRole('button', { name: 'Write it down' }).click()
  await card(desk, 'folded up along both sides').waitFor()
  expect(await board.getByRole('button', { name: 'Noticed' }).count()).toBe(0)
  await act(desk, 'folded up', 'On the Board…')
  await desk.getByText('Look for faces first.').waitFor()
  expect(await seriousFindings(desk)).toEqual([])
  await desk.getByRole('button', { name: 'Show it on the Board' }).click()
  await board.getByRole('button', { name: 'Noticed' }).click()
  await board.getByRole('img', { name: 'folded up along both sides' }).waitFor()
  expect(await seriousFindings(board)).toEqual([])
  const picture = (await observations(school, id))[0]!.picture!
  await act(desk, 'folded up', 'Delete the picture for good…')
  await desk.getByRole('button', { name: 'Delete it for good' }).click()
  await board.getByRole('img', { name: 'folded up along both sides' }).waitFor({ state: 'detached' })
  await board.getByText('folded up along both sides').waitFor()
  expect((await fetch(`${school.url}/api/pictures/${picture}`)).status).toBe(404)
  await act(desk, 'folded up', 'Take it off')
  await desk.getByRole('heading', { name: 'Taken off' }).waitFor()
  // Nothing is on the Board any more: it goes back to what the lesson shows.
  await board.getByRole('button', { name: 'Noticed' }).waitFor({ state: 'detached' })
  await desk.locator('.v-snackbar').getByRole('button', { name: 'Undo' }).click()
  await desk.getByRole('heading', { name: 'Taken off' }).waitFor({ state: 'detached' })
})

it('is written about a try from the grid by keyboard alone, and stands in Compare and on the journal page', async ({
  school,
  bridge: id,
  open,
}) => {
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Readings' }).click()
  const first = desk.getByLabel('Leaf, round 1')
  await first.fill('6')
  await first.press('Enter')
  await first.focus()
  await desk.keyboard.press('o')
  // At once, as fast as keys can be pressed.
  await desk.keyboard.type('It fell to the left')
  await desk.keyboard.press('Tab')
  await desk.getByRole('button', { name: 'Write it down' }).focus()
  await desk.keyboard.press('Enter')
  await expect
    .poll(async () => (await observations(school, id)).map(({ text, about }) => [text, about?.tryNumber]))
    .toEqual([['It fell to the left', 1]])
  await desk.goto(`${school.url}/lessons/${id}/compare`)
  await desk.getByRole('link', { name: '1 other thing was noticed' }).waitFor()
  await card(desk, 'It fell to the left').getByText('round 1').waitFor()
  expect(await seriousFindings(desk)).toEqual([])
  await desk.goto(`${school.url}/print/${id}/journal`)
  const page = desk.locator('.print-page').nth(0)
  await page.getByRole('heading', { name: 'We noticed' }).waitFor()
  await page.getByText('It fell to the left').waitFor()
  await page.getByRole('row', { name: 'round 1 6' }).waitFor()
  expect(await desk.locator('.print-page').nth(1).getByText('It fell to the left').count()).toBe(0)
  expect(await seriousFindings(desk)).toEqual([])
})

it('a sketch of what was altered stays with its round, also when the Desk types that round meanwhile', async ({
  school,
  bridge: id,
  open,
  openSheet,
}) => {
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Readings' }).click()
  await desk.getByLabel('Leaf, round 1').fill('6')
  await desk.getByLabel('Leaf, round 1').press('Enter')
  const sheet = await openSheet()
  await sheet.getByRole('heading', { name: 'round 2' }).waitFor()
  await sheet.getByRole('button', { name: 'Sketch it or take a photo' }).click()
  await sheet.getByLabel('Photo of what was noticed').setInputFiles(sketchFile)
  await sheet.getByLabel('In words').fill('folded the sides')
  await desk.getByLabel('Leaf, round 2').fill('9')
  await desk.getByLabel('Leaf, round 2').press('Enter')
  await sheet.getByText('2 / 2').waitFor()
  await sheet.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  const { plan } = await school.lesson(id)
  await expect
    .poll(async () => (await observations(school, id)).map(({ text, about }) => [text, about?.levelId]))
    .toEqual([['folded the sides', plan.levels[1]!.id]])
  await desk.goto(`${school.url}/lessons/${id}/compare`)
  await desk.getByRole('img', { name: 'Leaf, round 2: folded the sides' }).waitFor()
})
