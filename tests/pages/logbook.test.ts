import { readFileSync } from 'node:fs'
import { expect } from 'vitest'
import { newId } from '#core/plan'
import { seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('has the questions that nobody tested, from where one starts the next lesson', async ({
  school,
  open,
}) => {
  const id = await school.ask('Does the clay matter?')
  for (const text of ['Why do some things sink?', 'Does the shape matter?'])
    await school.send('PUT', `/api/lessons/${id}/notes/${newId()}`, {
      kind: 'asking',
      text,
      sort: null,
      settled: false,
    })
  expect((await school.lessons()).find((one) => one.id === id)!.nextQuestions).toEqual([
    'Why do some things sink?',
    'Does the shape matter?',
  ])
  const page = await open('/')
  const row = page.getByRole('row', { name: /Does the clay matter/ })
  await row.getByText('2 next questions').click()
  await row.getByRole('button', { name: 'Ask next: Does the shape matter?' }).click()
  await page.getByRole('heading', { name: 'What do we wonder?' }).waitFor()
  expect(page.url()).not.toContain(id)
})

it('refuses a wrong file with words, and adds nothing', async ({ school, open }) => {
  const before = await school.get('/api/investigations')
  const page = await open('/')
  const add = (name: string, text: string) =>
    page
      .getByLabel('Investigation or lesson file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByRole('heading', { name: 'Start a lesson' }).waitFor()
  await add('broken.json', '{"format": "jolly-bea')
  await page.getByText('This file is damaged').waitFor()
  await add('newer.json', JSON.stringify({ format: 'jolly-beaker-investigation', version: 9, plan: {} }))
  await page.getByText('written by a newer Jolly Beaker').waitFor()
  expect(await school.get('/api/investigations')).toEqual(before)
})

it('saves a whole lesson as a file, and restores it after a look at what it holds', async ({
  school,
  open,
}) => {
  const id = await school.begin('ball-bounce')
  const page = await open('/')
  await page.getByRole('button', { name: 'More for Ball bounce' }).first().click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /^The whole lesson With/ }).click(),
  ])
  const file = page.getByLabel('Investigation or lesson file')
  const zip = { name: download.suggestedFilename(), mimeType: 'application/zip' }
  expect(zip.name).toMatch(/^Ball bounce .*\.zip$/)
  const buffer = readFileSync(await download.path())
  await file.setInputFiles({ ...zip, buffer: buffer.subarray(0, 900) })
  await page.getByText('This file is damaged or incomplete').waitFor()
  await file.setInputFiles({ ...zip, buffer })
  const dialog = page.getByRole('dialog', { name: 'Restore this lesson?' })
  await dialog.getByText('This lesson is in the logbook already').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await dialog.getByRole('button', { name: 'Restore it' }).click()
  await page.waitForURL(/\/compare$/)
  const restored = /lessons\/([\w-]+)/.exec(page.url())![1]!
  expect(restored).not.toBe(id)
  expect((await school.lesson(restored)).plan.title).toBe('Ball bounce')
})

it('is searched in materials, words and plans, and says where it found them', async ({ school, open }) => {
  await school.begin('bottle-jackets')
  const page = await open('/')
  const logbook = page.getByRole('region', { name: 'Logbook' })
  await logbook.getByRole('row').nth(3).waitFor()
  const all = await logbook.getByRole('row').count()
  await logbook.getByRole('textbox', { name: 'Find' }).fill('jacket bubble wrap')
  await expect.poll(() => logbook.getByRole('row').count()).toBeLessThan(all)
  await logbook.getByText('Among its materials: bubble wrap').first().waitFor()
  await logbook.getByRole('textbox', { name: 'Find' }).fill('jacket heater')
  await logbook.getByText('In its plan: side by side, away from window and heater').first().waitFor()
  await logbook.getByRole('textbox', { name: 'Find' }).fill('insulator')
  await logbook.getByText('Among its words: insulator').first().waitFor()
  await logbook.getByRole('textbox', { name: 'Find' }).fill('jacket xylophone')
  await logbook.getByText('No lesson has these words.').waitFor()
})
