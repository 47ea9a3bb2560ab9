import { expect } from 'vitest'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('a word that a class learns is added to the plan, shown on the Board and ticked once somebody uses it', async ({
  school,
  open,
}) => {
  const id = await school.begin('ball-bounce')
  const desk = await open(`/lessons/${id}/plan?view=about`)
  await desk.getByRole('textbox', { name: 'The science' }).waitFor()
  await desk.getByRole('button', { name: 'Add a word' }).click()
  await desk.getByRole('textbox', { name: 'A word, 6' }).fill('elastic')
  await desk.getByRole('textbox', { name: 'what it means, 6' }).fill('springing back into shape')
  await expect
    .poll(async () => (await school.lesson(id)).plan.background!.words.at(-1))
    .toMatchObject({ word: 'elastic', meaning: 'springing back into shape' })
  const board = await open(`/board/${id}`)
  await board.getByRole('button', { name: 'Words' }).click()
  const word = board.locator('dl > div').filter({ hasText: 'elastic' })
  await word.getByText('springing back into shape').waitFor()
  expect(await word.getByLabel('used').count()).toBe(0)
  // The answers that a teacher knows beforehand are on no board.
  expect(await board.getByText('the ball stores energy').count()).toBe(0)
  const answer = { format: 'direction', direction: 'more' }
  await school.predict(id, 0, answer, 'the ball is elastic')
  await word.getByLabel('used').waitFor()
})

it('a report is arranged before it is printed: a part left out, another further up', async ({
  school,
  open,
}) => {
  const page = await open(`/print/${await school.titled('Ball bounce')}/report`)
  const headings = page.locator('article h2')
  await headings.first().waitFor()
  expect(await headings.allTextContents()).toContain('What we needed')
  expect((await headings.allTextContents())[0]).toBe('Our question')
  await page.getByRole('button', { name: 'Choose parts' }).click()
  await page.getByRole('checkbox', { name: 'What we needed' }).uncheck()
  await page.getByRole('button', { name: 'What it is about: further up' }).click()
  await expect.poll(async () => (await headings.allTextContents())[0]).toBe('What it is about')
  expect(await headings.allTextContents()).not.toContain('What we needed')
  // It is kept on this device for the next one.
  await page.reload()
  await expect.poll(async () => (await headings.allTextContents())[0]).toBe('What it is about')
})
