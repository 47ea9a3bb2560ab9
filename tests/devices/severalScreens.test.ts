import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { newId } from '#core/plan'
import { startServer } from '../support/startServer'
import { sentEntry } from '../../server/testing/examples'
import { goOffline, isSaved, openPage, phone, seriousFindings } from '../support/browser'
import { dataFolder } from '../support/dataFolder'
import { inDemoSchool, type Open } from '../support/inSchool'
import { schoolAt, type School } from '../support/school'

const it = inDemoSchool.extend('openSheet', ({ school, open }) => async (id: string, place = 0) => {
  const { class: own } = await school.lesson(id)
  return open(`/sheet/${id}/${own.groups[place]!.id}`, phone)
})

/** A bounce lesson in which the first group has predicted and read so many numbers, one try after the other. */
async function begun(school: School, ...values: number[]): Promise<string> {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  if (values.length > 0) await school.predict(id, 0, { format: 'direction', direction: 'more' })
  for (const [index, value] of values.entries()) await school.read(id, 0, index, value)
  return id
}

const heading = (page: Page, name: string) => page.getByRole('heading', { name }).waitFor()
const cell = (desk: Page, name: string) => desk.getByLabel(name)
const showsAt = (desk: Page, name: string) => expect.poll(() => cell(desk, name).inputValue())

async function write(sheet: Page, text: string) {
  await sheet.getByLabel('bounce height').fill(text)
  await sheet.getByRole('button', { name: 'Write it down' }).click()
}

it('a prediction on a Sheet appears on the Desk', async ({ school, open, openSheet }) => {
  const id = await begun(school)
  const [desk, sheet] = [await open(`/lessons/${id}/test`), await openSheet(id)]
  await sheet.getByRole('button', { name: 'the higher the bounce' }).click()
  await sheet.getByLabel('because…').fill('it has further to fall')
  await sheet.getByRole('button', { name: 'This is our prediction' }).click()
  await desk.locator('form.line', { hasText: 'Leaf' }).getByText('before testing').waitFor()
  // One press is enough: nothing moves under a child's finger once the screen stands.
  await sheet.getByRole('button', { name: 'We have practised' }).click()
  await heading(sheet, '25 cm, try 1 of 3')
})

it('a reading on a Sheet reaches Desk and Board without reload', async ({ school, open, openSheet }) => {
  const id = await begun(school, 13)
  const [desk, board] = [await open(`/lessons/${id}/test`), await open(`/board/${id}`)]
  const sheet = await openSheet(id)
  await board.getByText('1 of 72 tries are in.').waitFor()
  await heading(sheet, '25 cm, try 2 of 3')
  await write(sheet, '14')
  await heading(sheet, '25 cm, try 3 of 3')
  await showsAt(desk, 'Leaf, 25 cm, try 2').toBe('14')
  await board.getByText('2 of 72 tries are in.').waitFor()
})

it('a half-typed number survives a reload of the Sheet, until it is written down', async ({
  school,
  openSheet,
}) => {
  const id = await begun(school, 13)
  const sheet = await openSheet(id)
  const field = sheet.getByLabel('bounce height')
  await field.fill('1')
  await sheet.reload()
  await heading(sheet, '25 cm, try 2 of 3')
  expect(await field.inputValue()).toBe('1')
  await write(sheet, '14')
  await heading(sheet, '25 cm, try 3 of 3')
  expect(await field.inputValue()).toBe('')
})

it('a reading on the Desk moves the Sheet on', async ({ school, open, openSheet }) => {
  const id = await begun(school, 13)
  const [desk, sheet] = [await open(`/lessons/${id}/test`), await openSheet(id)]
  await heading(sheet, '25 cm, try 2 of 3')
  await cell(desk, 'Leaf, 25 cm, try 2').fill('0.14 m')
  await cell(desk, 'Leaf, 25 cm, try 2').press('Enter')
  await heading(sheet, '25 cm, try 3 of 3')
})

it('a lost connection loses nothing: readings wait and are sent once it is back', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await begun(school, 13, 14, 15, 27)
  const [desk, sheet] = [await open(`/lessons/${id}/test`), await openSheet(id)]
  await heading(sheet, '50 cm, try 2 of 3')
  await goOffline(sheet)
  await write(sheet, '28')
  await sheet.getByText('1 kept here until the connection is back').waitFor()
  await write(sheet, '29')
  await sheet.getByText('2 kept here until the connection is back').waitFor()
  await sheet.context().setOffline(false)
  await showsAt(desk, 'Leaf, 50 cm, try 3').toBe('29')
  await sheet.getByText('kept here').waitFor({ state: 'detached' })
})

it('a server that fails loses nothing: the reading waits on the Sheet and is sent once it works', async ({
  school,
  openSheet,
}) => {
  const id = await begun(school, 13)
  const sheet = await openSheet(id)
  await heading(sheet, '25 cm, try 2 of 3')
  const error = { code: 'failed', message: 'Something went wrong on the school’s machine.', fields: [] }
  await sheet.route('**/entries', (route) => route.fulfill({ status: 500, json: { error } }))
  await write(sheet, '14')
  await heading(sheet, '25 cm, try 3 of 3')
  await sheet.getByText('1 kept here until the connection is back').waitFor()
  await sheet.unroute('**/entries')
  await expect.poll(async () => (await school.numbers(id)).map(({ value }) => value)).toEqual([13, 14])
  await sheet.getByText('kept here').waitFor({ state: 'detached' })
})

it('two devices in one slot: both are shown, and the teacher chooses', async ({ school, open }) => {
  const id = await begun(school)
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Readings' }).click()
  await goOffline(desk)
  await cell(desk, 'Bell, 25 cm, try 1').fill('40')
  await cell(desk, 'Bell, 25 cm, try 1').press('Enter')
  await school.read(id, 1, 0, 14)
  await desk.context().setOffline(false)
  const asked = desk.getByRole('alert').filter({ hasText: 'Bell, 25 cm, try 1: written down twice' })
  await asked.waitFor()
  await showsAt(desk, 'Bell, 25 cm, try 1').toBe('14 or 40')
  await asked.getByRole('button', { name: '40 cm from the Desk' }).click()
  await showsAt(desk, 'Bell, 25 cm, try 1').toBe('40')
  await expect
    .poll(async () => (await school.numbers(id)).map(({ value, status }) => [value, status]))
    .toEqual([
      [14, 'counted'],
      [40, 'counted'],
      [14, 'set-aside'],
    ])
})

it('two devices press Start: the first counts, nobody is asked, and both go on', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await school.small('bottle-jackets', () => ({
    recording: { kind: 'intervals', minutes: [0, 10], score: 'lost' },
  }))
  const lesson = await school.lesson(id)
  const [level] = lesson.plan.levels
  const sheet = await openSheet(id)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  await goOffline(sheet)
  await sheet.getByRole('button', { name: `Start ${level!.name}` }).click()
  await heading(sheet, `${level!.name}, 0 min`)
  const earlier = new Date(Date.now() - 60_000).toISOString()
  const fields = { at: { typed: earlier, given: 'typed' as const, value: earlier } }
  await school.record(
    id,
    sentEntry(lesson, { id: newId(), moment: 'start', fields, readWith: null, takenAt: earlier }),
  )
  await sheet.context().setOffline(false)
  await sheet.getByText(/1:\d\d late: read it now/).waitFor()
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Readings' }).waitFor()
  expect(await desk.getByText('Which one counts?').count()).toBe(0)
  // It was pressed too early: it may begin once more until something is read.
  await sheet.getByRole('button', { name: 'It only started now' }).click()
  await sheet.getByText('Read now', { exact: true }).waitFor()
  // Both presses are set aside, and the new one stands.
  await expect.poll(async () => (await school.lesson(id)).entries.length).toBe(5)
  expect(await school.counted(id)).toBe(1)
})

it('the server stops and starts again: every screen comes back by itself and catches up', async ({
  browser,
}) => {
  let server = await startServer(dataFolder('demo'))
  const school = schoolAt(server)
  const id = await begun(school, 13)
  const opened = async (path: string) => {
    const { page } = await openPage(browser, server.url)
    await page.goto(server.url + path)
    return page
  }
  const [desk, board] = [await opened(`/lessons/${id}/test`), await opened(`/board/${id}`)]
  await board.getByText('1 of 72 tries are in.').waitFor()
  const { url, folder } = server
  await server.stop()
  await board.getByText('connecting again…').waitFor()
  server = await startServer(folder, { port: Number(new URL(url).port) })
  await cell(desk, 'Key, 25 cm, try 1').fill('12')
  await cell(desk, 'Key, 25 cm, try 1').press('Enter')
  await board.getByText('connecting again…').waitFor({ state: 'detached' })
  await board.getByText('2 of 72 tries are in.').waitFor()
  for (const page of [desk, board]) await page.context().close()
  await server.stop()
  server.forget()
})

/** A Desk at the cards of a plan, and the field of the first of them. */
async function atCards(school: School, open: Open) {
  const id = await begun(school)
  const desk = await open(`/lessons/${id}/plan`)
  await desk.getByRole('button', { name: 'Cards' }).click()
  const own = desk.getByLabel('How ball is kept the same')
  await own.waitFor()
  return { id, desk, own }
}

it('two Desks change different words of one plan, one of them without a network: both stay', async ({
  school,
  open,
}) => {
  const { id, desk, own } = await atCards(school, open)
  await goOffline(desk)
  await own.fill('mine')
  await school.changePlan(id, ({ keptSame: [ball, floor, ...others] }) => ({
    tries: 5,
    keptSame: [ball!, { ...floor!, how: 'theirs' }, ...others],
  }))
  await desk.context().setOffline(false)
  const { plan } = await school.lesson(id)
  const ways = () => school.lesson(id).then(({ plan: now }) => now.keptSame.map(({ how }) => how))
  await expect.poll(ways).toEqual(['mine', 'theirs', ...plan.keptSame.slice(2).map(({ how }) => how)])
  expect((await school.lesson(id)).plan.tries).toBe(5)
  expect(await own.inputValue()).toBe('mine')
  await isSaved(desk)
})

it('two Desks change one word of a plan: theirs is shown, and the teacher says which one stays', async ({
  school,
  open,
}) => {
  const id = await begun(school)
  const desk = await open(`/lessons/${id}/plan`)
  const clash = desk.getByRole('dialog', { name: 'Two screens changed this at the same time' })
  for (const [mine, theirs, stays] of [
    ['jump', 'bounce', 'jump'],
    ['leap', 'rebound', 'rebound'],
  ] as const) {
    await desk.locator('[data-word="measured"]').waitFor()
    await goOffline(desk)
    await desk.locator('[data-word="measured"]').focus()
    await desk.keyboard.type(mine.slice(0, 1))
    await desk.locator('[role="dialog"] input:focus').waitFor()
    await desk.keyboard.type(mine.slice(1))
    await desk.keyboard.press('Enter')
    await school.changePlan(id, ({ measured }) => ({ measured: { ...measured, name: theirs } }))
    await desk.context().setOffline(false)
    await clash.getByText('What we measure: which one do you want to keep?').waitFor()
    expect(await seriousFindings(desk)).toEqual([])
    await clash.getByRole('button', { name: stays }).click()
    await clash.waitFor({ state: 'detached' })
    await expect.poll(async () => (await school.lesson(id)).plan.measured.name).toBe(stays)
    await isSaved(desk)
  }
})

it('a save that arrives and whose answer does not loses no word that was typed after it', async ({
  school,
  open,
}) => {
  const { id, desk, own } = await atCards(school, open)
  const arrived = new Promise<void>((done) =>
    desk.route(
      `**/api/lessons/${id}/plan`,
      async (route) => {
        await route.fetch()
        await route.abort()
        done()
      },
      { times: 1 },
    ),
  )
  await own.fill('one')
  await arrived
  await own.fill('one, two')
  await expect.poll(async () => (await school.lesson(id)).plan.keptSame[0]!.how).toBe('one, two')
  await isSaved(desk)
  expect(await own.inputValue()).toBe('one, two')
  expect(await desk.getByText('at the same time').count()).toBe(0)
})

it('a word of the plan that could not be sent is there again when the page was closed', async ({
  school,
  open,
}) => {
  const { id, desk, own } = await atCards(school, open)
  await desk.route('**/plan', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await own.fill('mine')
  await desk.getByText('not saved').waitFor()
  desk.once('dialog', (dialog) => void dialog.accept())
  await desk.unroute('**/plan')
  await desk.reload()
  await expect.poll(async () => (await school.lesson(id)).plan.keptSame[0]!.how).toBe('mine')
})

it('two Desks write different parts of one conclusion: both stay', async ({ school, open }) => {
  const id = await begun(school)
  const desk = await open(`/lessons/${id}/conclude`)
  const next = desk.getByLabel('Our next question')
  await next.waitFor()
  await goOffline(desk)
  await next.fill('On carpet?')
  const { conclusion, conclusionVersion: version } = await school.lesson(id)
  const better = 'Use a longer stick.'
  await school.send('PUT', `/api/lessons/${id}/conclusion`, {
    conclusion: { ...conclusion, better },
    version,
  })
  await desk.context().setOffline(false)
  await expect
    .poll(async () => (await school.lesson(id)).conclusion)
    .toMatchObject({ nextQuestion: 'On carpet?', better })
})
