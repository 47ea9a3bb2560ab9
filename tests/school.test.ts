import type { Browser, Page } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../scripts/runServer'
import type { LessonDto, SchoolDto } from '#shared/types/api'
import {
  choose,
  chooseWord,
  openBrowser,
  openPage,
  openWord,
  seriousFindings,
  type Watch,
} from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
let page: Page
let watch: Watch

const school = async () => (await (await fetch(`${server.url}/api/school`)).json()) as SchoolDto

beforeAll(async () => {
  server = await startServer(dataFolder('demo'))
  browser = await openBrowser()
  ;({ page, watch } = await openPage(browser, server.url))
  await page.goto(`${server.url}/school`)
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('says how the school works, and new plans begin so', async () => {
  await choose(page, 'Tries at each level, 7 to 9', '5')
  await choose(page, 'Who predicts', 'the class together')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByText('New plans begin like this').waitFor()
  expect((await school()).ways).toMatchObject({
    byAge: { '7-9': { tries: 5 } },
    prediction: { who: 'class' },
  })
})

it('edits the cupboard, drawn as it is typed; bad numbers are told at their field', async () => {
  await page.getByRole('button', { name: 'Cupboard of instruments' }).click()
  await page.getByRole('button', { name: 'Add an instrument' }).click()
  await page.getByLabel('Name of the instrument').last().fill('long ruler')
  await page.getByLabel('To, long ruler').fill('fifty')
  await page.getByText('“fifty” is not a number. Type it like 12.').waitFor()
  await page.getByLabel('To, long ruler').fill('-3')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByText('The scale must end above where it starts.').first().waitFor()
  await page.getByLabel('To, long ruler').fill('50')
  await page.getByLabel('A mark every, long ruler').fill('0,5')
  await page.getByLabel('How many, long ruler').fill('2')
  await page.getByRole('img', { name: 'long ruler, from 0 to 50 cm, a mark every 0.5 cm' }).waitFor()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect
    .poll(async () => (await school()).cupboard.at(-1))
    .toMatchObject({
      name: 'long ruler',
      smallestMark: 0.5,
      greatest: 50,
      howMany: 2,
    })
  expect(await seriousFindings(page)).toEqual([])
})

it('offers the cupboard in a new plan and says when there are too few', async () => {
  await page.getByRole('link', { name: 'Logbook' }).click()
  await page.getByLabel('From a question of your own').fill('Does the ball matter?')
  await page.getByRole('button', { name: 'Start from this question' }).click()
  await page.getByLabel('One thing we change').fill('drop height')
  await page.getByLabel('One thing we measure').fill('bounce height')
  await page.getByRole('button', { name: 'Plan the test' }).click()
  await chooseWord(page, 'instrument', 'long ruler')
  await openWord(page, 'instrument')
  await page
    .getByRole('dialog', { name: 'With' })
    .getByText('Only 2 in the cupboard for 6 groups.')
    .first()
    .waitFor()
  const id = /lessons\/([\w-]+)/.exec(page.url())![1]!
  await expect
    .poll(async () => {
      const { plan } = (await (await fetch(`${server.url}/api/lessons/${id}`)).json()) as LessonDto
      return [plan.tries, plan.prediction.who, plan.measured.instrument.name]
    })
    .toEqual([5, 'class', 'long ruler'])
  expect(watch).toEqual({ foreign: [], errors: [] })
})
