import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { PackDto } from '#shared/types/api'
import { startServer, type RunningServer } from '../scripts/runServer'
import { goOffline, lessonFrom, openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let shadow: string

const pack = async (id: string) =>
  (await (await fetch(`${server.url}/api/lessons/${id}/pack`)).json()) as PackDto
const row = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  shadow = await lessonFrom(server.url, 'shadow-length', '2031-03-10')
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('has everything that a starter needs on the list, by itself and typed', async () => {
  await page.goto(`${server.url}/lessons/${shadow}/pack`)
  await row('battery lamp').getByText('shelf 4').waitFor()
  await row('metre stick').getByText('from the plan').waitFor()
  await row('recording sheet').getByText('8', { exact: true }).waitFor()
})

it('understands a line as it is typed, and changes it by typing over it', async () => {
  const field = page.getByLabel('Add, like “2 sheets of card per level”')
  await field.fill('2 sheets of card per level')
  await page.getByText('2 sheets of card for each level, used up, 10% spare').waitFor()
  await field.press('Enter')
  await row('card').getByText('53 sheets').waitFor()
  await page.getByRole('button', { name: 'card', exact: true }).click()
  await page.getByLabel('Type over it').fill('3 sheets of card per group')
  await page.getByLabel('Type over it').press('Enter')
  await row('card').getByText('20 sheets').waitFor()
  await page.getByRole('button', { name: 'card', exact: true }).click()
  await page.getByRole('button', { name: 'Take out' }).click()
  await row('card').waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await row('card').waitFor()
})

it.each([
  ['-3 cups', 'never below 0'],
  ['200 mL paper clips', 'counted, not poured'],
  ['30 x 40 cm card from A4', 'smaller than a piece'],
  ['1,200 g salt', '1.2 or 1200'],
])('tells what to type in place of %j, and loses nothing', async (typed, words) => {
  const field = page.getByLabel('Add, like “2 sheets of card per level”')
  await field.fill(typed)
  await field.press('Enter')
  await page.getByText(words).waitFor()
  expect(await field.inputValue()).toBe(typed)
  await field.fill('')
})

it('offers what keeps the test fair where something is short, and takes it for everybody', async () => {
  const kitted = page.locator('[data-finding="short"]').first()
  await kitted.getByText('2 battery lamps short: 7 needed, 5 to be had.').waitFor()
  await kitted.getByRole('button', { name: 'Take torch instead' }).click()
  await row('torch').waitFor()
  await page.locator('[data-finding="short"]').waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.locator('[data-finding="short"]').getByRole('button', { name: 'Share 5, in turns' }).click()
  await page.getByRole('heading', { name: 'Taking turns' }).waitFor()
  await page.getByRole('row', { name: /^turn 2/ }).waitFor()
})

it('is packed by two people at once, and no tick is lost, also without a network', async () => {
  const phone = { width: 390, height: 844 }
  const [ada, ben] = [
    (await openPage(browser, server.url, phone)).page,
    (await openPage(browser, server.url, phone)).page,
  ]
  await Promise.all([ada, ben].map((one) => one.goto(`${server.url}/packing/${shadow}`)))
  const cell = (one: Page, name: string) => one.getByRole('button', { name, exact: true }).first()
  await cell(ada, '1 Leaf').click()
  await cell(ben, '1 Bell').click()
  await expect.poll(() => cell(ada, '1 Bell').getAttribute('aria-pressed')).toBe('true')
  await expect.poll(() => cell(ben, '1 Leaf').getAttribute('aria-pressed')).toBe('true')
  await goOffline(ben)
  await cell(ben, '1 Key').click()
  await ben.getByText('1 ticks are kept here').or(ben.getByText('1 tick is kept here')).waitFor()
  await ben.context().setOffline(false)
  await expect.poll(async () => (await pack(shadow)).ticks.length, { timeout: 10_000 }).toBe(3)
  await ben.getByRole('button', { name: 'Tray by tray' }).click()
  await ben.getByRole('heading', { name: /Leaf/ }).waitFor()
  expect(await seriousFindings(ben)).toEqual([])
  // A line that another person takes out, or a plan that changes, unticks nothing else.
  await expect
    .poll(() =>
      row('box')
        .getByRole('button', { name: /for Leaf$/ })
        .getAttribute('aria-pressed'),
    )
    .toBe('true')
})

it('is ticked by the keyboard alone', async () => {
  const box = row('paper, A3').getByRole('button', { name: /for Moon$/ })
  await box.focus()
  await page.keyboard.press('Space')
  await expect.poll(() => box.getAttribute('aria-pressed')).toBe('true')
})

it('draws what is cut, to scale, and says what to mix', async () => {
  const towels = await lessonFrom(server.url, 'paper-towels', '2031-03-11')
  await page.goto(`${server.url}/lessons/${towels}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page.getByRole('img', { name: '4 pieces of 20 by 20 centimetres on a sheet of 40 by 40' }).waitFor()
  await page.getByText(/from 7 thin napkins, 40 x 40 cm, 4 from each, 3 from the last/).waitFor()
  const bubbles = await lessonFrom(server.url, 'bubble-lifetime', '2031-03-12')
  await page.goto(`${server.url}/lessons/${bubbles}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page
    .getByText(
      /2.91 L of water and 300 mL of washing-up liquid|2.91 L of water and 291 mL of washing-up liquid/,
    )
    .waitFor()
  await page.getByRole('region', { name: 'To buy' }).or(page.getByLabel('To buy')).first().waitFor()
})

it('plans getting ready over a weekend, on Sunday only where somebody is there', async () => {
  const monday = await lessonFrom(server.url, 'ball-bounce', '2031-03-17')
  await page.goto(`${server.url}/lessons/${monday}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page.getByLabel('Add, like “freeze ice 1 night before”').fill('freeze ice 1 night before')
  await page.keyboard.press('Enter')
  const task = page
    .getByLabel('Before the lesson')
    .getByRole('listitem')
    .filter({ hasText: 'freeze ice' })
    .first()
  await task.getByText('Fri 14 Mar').waitFor()
  await task.getByText(/2 days early.*weekend.*Keep it/).waitFor()
  const file = await (await fetch(`${server.url}/api/lessons/${monday}/preparing.ics`)).text()
  await expect
    .poll(
      async () =>
        (await (await fetch(`${server.url}/api/lessons/${monday}/preparing.ics`)).text()).includes(
          '20310314',
        ),
      { timeout: 5000 },
    )
    .toBe(true)
  expect(file).toContain('BEGIN:VCALENDAR')
  await page.goto(`${server.url}/school`)
  await page.getByRole('button', { name: 'Calendar', exact: true }).click()
  await page.getByLabel('Somebody can get things ready at weekends').check()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByText('New plans begin like this').waitFor()
  await page.goto(`${server.url}/lessons/${monday}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page.getByLabel('Before the lesson').getByText('Sun 16 Mar').waitFor()
})

it('is counted back, and the store cupboard follows', async () => {
  const bounce = await lessonFrom(server.url, 'ball-bounce', '2031-03-18')
  const stock = async () => (await pack(bounce)).supplies.find((one) => one.name === 'bouncy ball')!.amount
  const before = await stock()
  await page.goto(`${server.url}/lessons/${bounce}/pack`)
  await page.getByRole('button', { name: 'Count back' }).click()
  await page.getByLabel('How much bouncy ball came back').fill('6')
  await page.getByLabel('How much bouncy ball is broken').fill('1')
  await row('bouncy ball').getByText('1 missing: look for it').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Counted back' }).click()
  await page.getByText('The store cupboard has what is left').waitFor()
  expect(await stock()).toBe(before - 2)
})

it('has one list for several lessons', async () => {
  await page.goto(`${server.url}/week`)
  await page.getByRole('heading', { name: 'To fetch' }).waitFor()
  await page
    .getByRole('row', { name: /force meter/ })
    .getByText('Which sole grips')
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('keeps a store cupboard, and reads one in only as a whole', async () => {
  await page.goto(`${server.url}/school`)
  await page.getByRole('button', { name: 'Store cupboard' }).click()
  await page.getByLabel('Add a thing').fill('glorbs')
  await page.keyboard.press('Enter')
  await page.getByLabel('How much glorbs there is').fill('12,5')
  await page.keyboard.press('Tab')
  await expect
    .poll(async () => (await pack(shadow)).supplies.find((one) => one.name === 'glorbs')?.amount)
    .toBe(12.5)
  await page.getByRole('button', { name: 'Read in CSV' }).click()
  await page.getByLabel('Lines', { exact: true }).fill('colour\nred')
  await page.getByText('“name” is missing').waitFor()
  await page.getByLabel('Lines', { exact: true }).fill('name;amount\nfeather;x')
  await page.getByText('“x” is no number').waitFor()
  expect(await page.getByRole('button', { name: 'Take them in' }).isDisabled()).toBe(true)
  await page.getByLabel('Lines', { exact: true }).fill('name;amount\nfeather;7')
  await page.getByText('1 new thing').waitFor()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await page.getByLabel('How much feather there is').waitFor()
  expect(await seriousFindings(page)).toEqual([])
})

it('asked no other machine and complained of nothing', () => {
  expect(watch).toEqual({ foreign: [], errors: [] })
})
