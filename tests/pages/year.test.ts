import { expect } from 'vitest'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('shows what each class has met, and leads there from the logbook', async ({ open }) => {
  const page = await open('/')
  await page.getByRole('link', { name: 'The year at a glance' }).click()
  const row = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })
  await row('Measure once').getByText('Ball bounce').waitFor()
  await row('Answered from their results').getByText('Ball bounce').waitFor()
  // What is only planned has not been met.
  expect(await page.getByText('Shadow length').count()).toBe(0)
  await page.emulateMedia({ media: 'print' })
  expect(await page.getByRole('navigation', { name: 'Main' }).isVisible()).toBe(false)
})
