import { expect } from 'vitest'
import { seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('has one list for several lessons', async ({ open }) => {
  const page = await open('/week')
  await page.getByRole('heading', { name: 'To fetch' }).waitFor()
  await page
    .getByRole('row', { name: /force meter/ })
    .getByText('Which sole grips')
    .waitFor()
  expect(await seriousFindings(page)).toEqual([])
})
