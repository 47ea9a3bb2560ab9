import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { phone, seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool.extend('openSheet', ({ school, open }) => async (id: string) => {
  const { class: own } = await school.lesson(id)
  return open(`/sheet/${id}/${own.groups[0]!.id}`, phone)
})

const press = (sheet: Page, name: string) => sheet.getByRole('button', { name }).click()

it('predicts between which levels most of it happens, and says after the readings whether it did', async ({
  school,
  open,
  openSheet,
}) => {
  const id = await school.begin('ball-bounce')
  await school.changePlan(id, ({ prediction }) => ({ prediction: { ...prediction, format: 'stretch' } }))
  await school.confirmCautions(id)
  const sheet = await openSheet(id)
  const [first, second, third] = (await school.lesson(id)).plan.levels
  const step = (from: number, to: number) => sheet.getByRole('button', { name: `${from} cm to ${to} cm` })
  // A press beside the stretch makes it longer.
  await step(first!.value!, second!.value!).click()
  await step(second!.value!, third!.value!).click()
  await expect.poll(() => step(first!.value!, second!.value!).getAttribute('aria-pressed')).toBe('true')
  expect(await seriousFindings(sheet)).toEqual([])
  await press(sheet, 'This is our prediction')
  await expect
    .poll(async () => (await school.lesson(id)).predictions.map((one) => one.answer))
    .toEqual([{ format: 'stretch', fromId: first!.id, toId: third!.id }])
  const page = await open(`/lessons/${id}/conclude`)
  await page
    .getByText(`most of the change will happen between ${first!.value} cm and ${third!.value} cm`)
    .waitFor()
})

it('predicts which of two kinds beats the other', async ({ school, openSheet }) => {
  const id = await school.begin('paper-towels')
  await school.changePlan(id, ({ prediction }) => ({ prediction: { ...prediction, format: 'pair' } }))
  await school.confirmCautions(id)
  const sheet = await openSheet(id)
  const { levels } = (await school.lesson(id)).plan
  const [winner, loser] = [levels[0]!, levels[1]!]
  await sheet.getByRole('button', { name: winner.name }).first().click()
  expect(await sheet.getByRole('button', { name: 'This is our prediction' }).isDisabled()).toBe(true)
  await sheet.getByRole('button', { name: loser.name }).last().click()
  expect(await seriousFindings(sheet)).toEqual([])
  await press(sheet, 'This is our prediction')
  await expect
    .poll(async () => (await school.lesson(id)).predictions.map((one) => one.answer))
    .toEqual([{ format: 'pair', levelId: winner.id, overId: loser.id }])
})
