import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { ClassDto, LessonDto } from '#shared/types/api'
import { startServer, type RunningServer } from '../scripts/runServer'
import { lessonFrom, numbersOf, openBrowser, openPage, seriousFindings } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let desk: Page
let sheet: Page
let own: ClassDto
let id: string

const lesson = async () => (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  own = ((await (await fetch(`${server.url}/api/classes`)).json()) as ClassDto[])[0]!
  id = await lessonFrom(server.url, 'bean-sprouts', '2031-03-10')
  desk = (await openPage(browser, server.url)).page
  sheet = (await openPage(browser, server.url, { width: 390, height: 844 })).page
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('warns of what the plan brings, by age, and of the class’s allergies without a name', async () => {
  await desk.goto(`${server.url}/lessons/${id}/pack`)
  await desk
    .locator('[data-caution="plants"]')
    .getByText(/mung beans/)
    .waitFor()
  await desk.getByText('1 child reacts to peas, beans and lupin').waitFor()
  await desk.getByText('These are reminders, not a clearance').waitFor()
  expect(await seriousFindings(desk)).toEqual([])
})

it('never shows allergies on a Sheet, the Board or a tray card', async () => {
  for (const path of [`/sheet/${id}/${own.groups[0]!.id}`, `/board/${id}`, `/print/${id}/trays`]) {
    const { page } = await openPage(browser, server.url)
    await page.goto(server.url + path)
    await page
      .getByText(/bean sprouts|Sprouts in light/)
      .first()
      .waitFor()
    expect(await page.locator('body').innerText()).not.toMatch(/reacts|lupin|allerg/i)
    await page.context().close()
  }
})

it('lets no group begin before the teacher has checked, and goes on by itself then', async () => {
  await sheet.goto(`${server.url}/sheet/${id}/${own.groups[0]!.id}`)
  await sheet.getByRole('button', { name: 'window sill' }).click()
  await sheet.getByRole('button', { name: 'This is our prediction' }).click()
  await sheet.getByText('your teacher looks at the cautions first').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await desk.goto(`${server.url}/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Yes, checked' }).click()
  await desk.getByText('Type your initials, like AB.').waitFor()
  await desk.getByLabel('Your initials').fill('AB')
  await desk.getByRole('button', { name: 'Yes, checked' }).click()
  await desk.getByText(/AB has checked the school’s own risk assessment, today at/).waitFor()
  await sheet.getByText('seeds and plants').first().waitFor()
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  // It is read by the day, and its first day is still to come.
  await sheet.getByText('The next readings are on').waitFor()
})

it('asks again when something that needs care joins, keeps what is typed meanwhile, and lets it through then', async () => {
  await desk.goto(`${server.url}/lessons/${id}/pack`)
  await desk.getByLabel('Add, like “2 sheets of card per level”').fill('a glass jar per level')
  await desk.keyboard.press('Enter')
  await desk.getByText('Something that needs care has changed since AB checked it').waitFor()
  await desk.locator('[data-caution="glass"]').waitFor()
  await sheet.getByText('your teacher looks at the cautions first').waitFor()
  await desk.goto(`${server.url}/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Readings' }).click()
  await desk.getByRole('textbox', { name: /Leaf/ }).first().fill('61')
  await desk.keyboard.press('Enter')
  await desk.getByText('1 waiting for Safe').waitFor()
  expect(numbersOf(await lesson())).toHaveLength(0)
  await desk.getByLabel('Your initials').fill('CD')
  await desk.getByRole('button', { name: 'Yes, checked' }).click()
  await expect.poll(async () => numbersOf(await lesson()).length, { timeout: 10_000 }).toBe(1)
  await desk.getByText(/CD has checked/).waitFor()
})

it('lists what nobody here knows, never as safe', async () => {
  await desk.goto(`${server.url}/lessons/${id}/pack`)
  await desk.getByLabel('Add, like “2 sheets of card per level”').fill('2 glorbs per level')
  await desk.keyboard.press('Enter')
  await desk.locator('[data-safe="unknown"]').getByText('glorbs').waitFor()
})
