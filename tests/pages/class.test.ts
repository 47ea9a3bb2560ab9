import { expect } from 'vitest'
import { inOwnSchool } from '../support/inSchool'

const it = inOwnSchool('demo')

it('children are moved between groups by keys and from a list, and shared out in one press', async ({
  school,
  open,
}) => {
  const [own] = await school.classes()
  const page = await open(`/classes/${own!.id}`)
  const ada = page.getByRole('button', { name: /^Ada, / })
  const before = (await ada.getAttribute('aria-label'))!
  await ada.press('ArrowRight')
  await expect.poll(() => ada.getAttribute('aria-label')).not.toBe(before)
  expect(await page.evaluate(() => document.activeElement?.textContent?.trim())).toBe('Ada')
  await ada.click()
  await page.getByText('To Anchor', { exact: true }).click()
  await page.getByRole('button', { name: 'Ada, Anchor. Move' }).waitFor()
  await page.getByRole('button', { name: 'Make groups equal' }).click()
  await page.getByText('The groups are equal now.').waitFor()
  const sizes = await page.locator('section[aria-label] h3 .number').allTextContents()
  expect(new Set(sizes)).toEqual(new Set(['4']))
})

it('all names are taken out of a class in one press, after a question, and nothing else', async ({
  school,
  open,
}) => {
  const [own] = await school.classes()
  const page = await open(`/classes/${own!.id}`)
  await page.getByRole('button', { name: 'Take out all names' }).click()
  const asked = page.getByRole('dialog', { name: 'Take out all names' })
  await asked.getByRole('button', { name: 'Keep the names' }).click()
  await asked.waitFor({ state: 'hidden' })
  expect((await school.classes())[0]!.pupils.length).toBeGreaterThan(0)
  await page.getByRole('button', { name: 'Take out all names' }).click()
  await asked.getByRole('button', { name: 'Take out all names' }).click()
  await expect.poll(async () => (await school.classes())[0]!.pupils).toEqual([])
  expect((await school.classes())[0]!.groups).toEqual(own!.groups)
})
