import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { ClassDto, LessonDto } from '#shared/types/api'
import { confirmCautions, lessonFrom, numbersOf, openBrowser, openPage } from './support/browser'
import { dataFolder, startServer, type RunningServer } from '../scripts/runServer'

let server: RunningServer
let browser: Browser
let desk: Page
let board: Page
let sheet: Page
let id: string

const lesson = async () => (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto

beforeAll(async () => {
  server = await startServer(await dataFolder(true))
  browser = await openBrowser()
  const own = ((await (await fetch(`${server.url}/api/classes`)).json()) as ClassDto[])[0]!
  id = await lessonFrom(server.url, 'ball-bounce', '2026-03-09')
  await confirmCautions(server.url, id)
  desk = (await openPage(browser, server.url)).page
  board = (await openPage(browser, server.url)).page
  sheet = (await openPage(browser, server.url, { width: 390, height: 844 })).page
  await desk.goto(`${server.url}/lessons/${id}/test`)
  await board.goto(`${server.url}/board/${id}`)
  await sheet.goto(`${server.url}/sheet/${id}/${own.groups[0]!.id}`)
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('a prediction on a Sheet appears on the Desk', async () => {
  await sheet.getByRole('button', { name: 'larger bounce height' }).click()
  await sheet.getByLabel('because…').fill('it has further to fall')
  await sheet.getByRole('button', { name: 'This is our prediction' }).click()
  await desk.locator('form.line', { hasText: 'Leaf' }).getByText('before testing').waitFor()
  // One press is enough: nothing moves under a child's finger once the screen stands.
  await sheet.getByRole('button', { name: 'We have practised' }).click()
  await sheet.getByRole('heading', { name: '25 cm, try 1 of 3' }).waitFor()
  await desk.getByRole('button', { name: 'Readings' }).click()
})

it('a reading on a Sheet reaches Desk and Board without reload', async () => {
  await sheet.getByRole('heading', { name: '25 cm, try 1 of 3' }).waitFor()
  await sheet.getByLabel('bounce height').fill('13')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByRole('heading', { name: '25 cm, try 2 of 3' }).waitFor()
  await expect.poll(() => desk.getByLabel('Leaf, 25 cm, try 1').inputValue()).toBe('13')
  await board.getByText('1 of 72 tries are in.').waitFor()
})

it('a reading on the Desk moves the Sheet on', async () => {
  await desk.getByLabel('Leaf, 25 cm, try 2').fill('0.14 m')
  await desk.getByLabel('Leaf, 25 cm, try 2').press('Enter')
  await sheet.getByRole('heading', { name: '25 cm, try 3 of 3' }).waitFor()
})

it('a note stays with its try, which counts as before', async () => {
  await sheet.getByRole('button', { name: 'Add a note' }).click()
  await sheet.getByLabel('What about this try? It counts all the same.').waitFor()
  await desk.getByLabel('Leaf, 25 cm, try 2').click()
  await desk.keyboard.press('n')
  await desk.getByLabel('Like “pressed the button late”').fill('let go a little early')
  await desk.getByRole('button', { name: 'Keep the note' }).click()
  await expect
    .poll(async () => numbersOf(await lesson()).at(-1))
    .toMatchObject({ value: 14, typed: '0.14 m', note: 'let go a little early', status: 'counted' })
  expect(await desk.getByLabel('Leaf, 25 cm, try 2').inputValue()).toBe('14')
})

it('“something went wrong” sets the try aside with its reason and offers a repeat', async () => {
  await sheet.getByLabel('bounce height').fill('3')
  await sheet.getByRole('button', { name: 'Something went wrong' }).click()
  await sheet.getByRole('button', { name: 'pushed or bumped' }).click()
  await sheet.getByRole('heading', { name: '25 cm, once more, try 3 of 3' }).waitFor()
  await sheet.getByLabel('bounce height').fill('15')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByRole('heading', { name: '50 cm, try 1 of 3' }).waitFor()
  await expect
    .poll(async () =>
      (await lesson()).entries
        .filter((one) => one.status === 'set-aside')
        .map((one) => [one.fields.value?.value, one.reason]),
    )
    .toEqual([[3, 'pushed or bumped']])
})

it('a Sheet asks again about a likely slip and lets the group decide', async () => {
  await sheet.getByLabel('bounce height').fill('270')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('The metre stick ends at 100 cm.').waitFor()
  await sheet.getByLabel('bounce height').fill('27')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByRole('heading', { name: '50 cm, try 2 of 3' }).waitFor()
})

it('a lost connection loses nothing: readings wait and are sent once it is back', async () => {
  await sheet.context().setOffline(true)
  await sheet.getByLabel('bounce height').fill('28')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('1 kept here until the connection is back').waitFor()
  await sheet.getByLabel('bounce height').fill('29')
  await sheet.getByRole('button', { name: 'Write it down' }).click()
  await sheet.getByText('2 kept here until the connection is back').waitFor()
  await sheet.context().setOffline(false)
  await expect.poll(() => desk.getByLabel('Leaf, 50 cm, try 3').inputValue(), { timeout: 15_000 }).toBe('29')
  await sheet.getByText('kept here').waitFor({ state: 'detached' })
})

it('two devices in one slot: both are shown, and the teacher chooses', async () => {
  await desk.context().setOffline(true)
  await desk.getByLabel('Bell, 25 cm, try 1').fill('40')
  await desk.getByLabel('Bell, 25 cm, try 1').press('Enter')
  const { class: own, plan } = await lesson()
  const reading = {
    groupId: own.groups[1]!.id,
    levelId: plan.levels[0]!.id,
    tryNumber: 1,
    value: 14,
    typed: '14',
    status: 'counted',
    reason: '',
    source: 'sheet',
    supersedes: null,
  }
  await fetch(`${server.url}/api/lessons/${id}/readings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      readings: [
        { ...reading, id: '01900000-0000-7000-8000-000000000001', takenAt: new Date().toISOString() },
      ],
    }),
  })
  await desk.context().setOffline(false)
  const asked = desk.getByRole('alert').filter({ hasText: 'Bell, 25 cm, try 1: written down twice' })
  await asked.waitFor({ timeout: 15_000 })
  await expect.poll(() => desk.getByLabel('Bell, 25 cm, try 1').inputValue()).toBe('14 or 40')
  await asked.getByRole('button', { name: '40 cm from the Desk' }).click()
  await expect.poll(() => desk.getByLabel('Bell, 25 cm, try 1').inputValue()).toBe('40')
  await expect
    .poll(async () =>
      (await lesson()).entries
        .filter((one) => one.groupId === own.groups[1]!.id)
        .map((one) => [one.fields.value?.value, one.status]),
    )
    .toEqual([
      [14, 'counted'],
      [40, 'counted'],
      [14, 'set-aside'],
    ])
})

it('the server stops and starts again: every screen comes back by itself and catches up', async () => {
  const { url, folder } = server
  await server.stop()
  await board.getByText('reconnecting…').waitFor()
  const again = await startServer(folder, Number(new URL(url).port))
  server = again
  await desk.getByLabel('Key, 25 cm, try 1').fill('12')
  await desk.getByLabel('Key, 25 cm, try 1').press('Enter')
  await board.getByText('reconnecting…').waitFor({ state: 'detached', timeout: 20_000 })
  await board.getByText('8 of 72 tries are in.').waitFor({ timeout: 15_000 })
})

it('two Desks change one plan: the second sees the first’s, and undo brings its own back', async () => {
  await desk.goto(`${server.url}/lessons/${id}/plan`)
  await desk.getByRole('button', { name: 'Cards' }).click()
  const own = desk.getByLabel('How ball is kept the same')
  await own.waitFor()
  await desk.context().setOffline(true)
  await own.fill('mine')
  const { plan, planVersion } = await lesson()
  await fetch(`${server.url}/api/lessons/${id}/plan`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan: { ...plan, tries: 5 }, version: planVersion }),
  })
  await desk.context().setOffline(false)
  await desk.getByText('Another screen changed this plan first.').waitFor({ timeout: 15_000 })
  expect(await own.inputValue()).toBe('the same one every time')
  await desk.locator('.v-snackbar').getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await lesson()).plan.keptSame[0]!.how).toBe('mine')
})

it('two Desks write different parts of one conclusion: both stay', async () => {
  await desk.goto(`${server.url}/lessons/${id}/conclude`)
  const next = desk.getByLabel('Our next question')
  await next.waitFor()
  await desk.context().setOffline(true)
  await next.fill('On carpet?')
  const { conclusion, conclusionVersion } = await lesson()
  await fetch(`${server.url}/api/lessons/${id}/conclusion`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      conclusion: { ...conclusion, better: 'Use a longer stick.' },
      version: conclusionVersion,
    }),
  })
  await desk.context().setOffline(false)
  await expect
    .poll(async () => (await lesson()).conclusion, { timeout: 15_000 })
    .toMatchObject({ nextQuestion: 'On carpet?', better: 'Use a longer stick.' })
})
