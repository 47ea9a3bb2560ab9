import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { goOffline, phone, seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('is done by two people at once, and no tick is lost, also without a network', async ({ school, open }) => {
  const id = await school.begin('shadow-length')
  const [ada, ben] = [await open(`/packing/${id}`, phone), await open(`/packing/${id}`, phone)]
  const lamps = (page: Page) =>
    page.locator('section').filter({ has: page.getByRole('heading', { name: 'battery lamp' }) })
  const cell = (page: Page, name: string) => lamps(page).getByRole('button', { name, exact: true })
  const pressed = (page: Page, name: string) =>
    expect.poll(() => cell(page, name).getAttribute('aria-pressed')).toBe('true')
  await cell(ada, '1 Leaf').click()
  await cell(ben, '1 Bell').click()
  await pressed(ada, '1 Bell')
  await pressed(ben, '1 Leaf')
  await goOffline(ben)
  await cell(ben, '1 Key').click()
  await ben.getByText('1 tick is kept here').waitFor()
  await ben.context().setOffline(false)
  await expect.poll(async () => (await school.pack(id)).ticks.length).toBe(3)
  await pressed(ada, '1 Key')
  // A line that joins unticks nothing.
  await school.changePlan(id, ({ materials }) => ({ materials: materials.slice().reverse() }))
  await pressed(ada, '1 Leaf')
  await ben.getByRole('button', { name: 'Tray by tray' }).click()
  await ben.getByRole('heading', { name: /Leaf/ }).waitFor()
  expect(await seriousFindings(ben)).toEqual([])
})
