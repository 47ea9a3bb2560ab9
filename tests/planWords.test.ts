import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { LessonDto } from '#shared/types/api'
import { startServer, type RunningServer } from '../scripts/runServer'
import { chooseWord, lessonFrom, openBrowser, openPage, seriousFindings, type Watch } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch
let id: string

const plan = async () => ((await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto).plan
const word = (name: string, on = page) => on.locator(`[data-word="${name}"]`)
const focused = () => page.evaluate(() => (document.activeElement as HTMLElement | null)?.dataset.word)

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  id = await lessonFrom(server.url, 'ball-bounce', '2031-05-05')
  await page.goto(`${server.url}/lessons/${id}/plan`)
  await word('levels').waitFor()
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('is one stop of the Tab key, with arrows inside, and says what each word stands for', async () => {
  const stops = page.getByRole('group', { name: 'The plan in sentences' }).locator('[tabindex="0"]')
  expect(await stops.count()).toBe(1)
  await stops.focus()
  await page.keyboard.press('Home')
  expect(await focused()).toBe('aim')
  for (const next of ['changed', 'levels']) {
    await page.keyboard.press('ArrowRight')
    expect(await focused()).toBe(next)
  }
  await page.keyboard.press('End')
  expect(await focused()).toBe('because')
  await page.getByRole('button', { name: /^What we change: drop height/ }).waitFor()
  await page.getByRole('button', { name: /^Tries at each level: 3 tries/ }).waitFor()
})

it('opens by Enter, steps by arrows, shuts by Escape, and gives the focus back', async () => {
  await word('tries').focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: '3 tries', selected: true }).waitFor()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await plan()).tries).toBe(4)
  await expect.poll(focused).toBe('tries')
  await page.keyboard.press('Enter')
  await page.getByRole('listbox', { name: 'Tries at each level' }).waitFor()
  await page.keyboard.press('Escape')
  await page.getByRole('listbox', { name: 'Tries at each level' }).waitFor({ state: 'detached' })
  await expect.poll(focused).toBe('tries')
})

it('types over words, and takes levels in one line', async () => {
  await word('measured').focus()
  await page.keyboard.type('h')
  await page.locator('[role="dialog"] input:focus').waitFor()
  await page.keyboard.type('ow high it jumps')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await plan()).measured.name).toBe('how high it jumps')
  await word('levels').click()
  const line = page.getByLabel('Levels in one line')
  await line.fill('10, wool')
  await line.press('Enter')
  await page.getByText('“wool” is no number like the others.').waitFor()
  await line.fill('20, 40, 80 cm')
  await line.press('Enter')
  await expect.poll(async () => (await plan()).levels.map((level) => level.value)).toEqual([20, 40, 80])
  await page.getByTitle('Undo (u)').click()
  await expect.poll(async () => (await plan()).levels).toHaveLength(4)
})

it('says beside a choice what it would do, marks the word that a check stumbles over, and mends it there', async () => {
  await chooseWord(page, 'levelOrder', 'in the same order')
  expect(await word('levelOrder').getAttribute('class')).toContain('think')
  await word('levelOrder').click()
  const dialog = page.getByRole('dialog', { name: 'Order of levels' })
  await dialog.getByText('Every group tests the levels in the same order.').waitFor()
  await dialog.getByText('settles what Fair asks').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await dialog.getByRole('button', { name: 'Give each group its own order' }).click()
  await expect.poll(async () => (await plan()).levelOrder).toBe('own')
  await page.keyboard.press('Escape')
})

it('moves a level on the bench by keys and by pulling it', async () => {
  const largest = page.getByRole('slider', { name: 'Level 100 cm' })
  await largest.focus()
  await page.keyboard.press('ArrowLeft')
  const values = async () => (await plan()).levels.map((level) => level.value!)
  const undo = async () => {
    await page.getByTitle('Undo (u)').click()
    await expect.poll(values).toContain(100)
  }
  await expect.poll(values).toContain(95)
  await undo()
  const box = (await largest.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + 20)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + 20, { steps: 4 })
  await page.mouse.up()
  await expect.poll(async () => Math.max(...(await values()))).toBe(150)
  await undo()
})

it('keeps how a thing is kept the same, and takes one more', async () => {
  await word('keptSame').click()
  await page.getByLabel('Keep one more thing the same').fill('weather')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await plan()).keptSame.map((same) => same.name)).toContain('weather')
  expect(await seriousFindings(page)).toEqual([])
  await page.keyboard.press('Escape')
})

it('stands as a list too, and works by touch', async () => {
  await page.getByRole('button', { name: 'As a list' }).click()
  await chooseWord(page, 'summary', 'take the mean')
  await expect.poll(async () => (await plan()).summary).toBe('mean')
  expect(await seriousFindings(page)).toEqual([])
  const context = await browser.newContext({ viewport: { width: 800, height: 1200 }, hasTouch: true })
  const touch = await context.newPage()
  await touch.goto(`${server.url}/lessons/${id}/plan`)
  await word('practiceTries', touch).tap()
  await touch.getByRole('option', { name: '2 practice tries' }).tap()
  await expect.poll(async () => (await plan()).practiceTries).toBe(2)
  await context.close()
  expect(watch).toEqual({ foreign: [], errors: [] })
})
