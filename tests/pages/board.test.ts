import { expect } from 'vitest'
import { seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('holds results back until everybody has predicted', async ({ school, open }) => {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  for (const [index, value] of [13, 14, 15].entries()) await school.read(id, 0, index, value)
  const page = await open(`/board/${id}`)
  await page.getByText('3 of 72 tries are in.').waitFor()
  const chart = page.locator('figure.chart')
  await chart.waitFor()
  await page.getByRole('button', { name: 'Hold results back' }).click()
  await page.getByText('Results come when everybody has predicted: 0 of 6 so far.').waitFor()
  expect(await chart.count()).toBe(0)
  await page.reload()
  await page.getByText('Results come when everybody has predicted').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Show results' }).click()
  await chart.waitFor()
})
