import { expect } from 'vitest'
import { choose } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('shows what each class has met, and leads there from the logbook', async ({ school, open }) => {
  const id = await school.titled('Ball bounce')
  const { year } = (await school.lessons()).find((one) => one.id === id)!
  const page = await open('/')
  await page.getByRole('link', { name: 'The year at a glance' }).click()
  // Other tests' lessons lie in other years, and the demo school's last weeks may lie in the year before this one.
  await page.getByText('Ways of recording').waitFor()
  if ((await page.getByRole('heading', { name: `The year at a glance, ${year}` }).count()) === 0)
    await choose(page, 'School year', year)
  const row = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })
  await row('Measure once').getByText('Ball bounce').waitFor()
  await row('Answered from their results').getByText('Ball bounce').waitFor()
  // What is only planned has not been met.
  expect(await page.getByText('Shadow length').count()).toBe(0)
  await page.emulateMedia({ media: 'print' })
  expect(await page.getByRole('navigation', { name: 'Main' }).isVisible()).toBe(false)
})
