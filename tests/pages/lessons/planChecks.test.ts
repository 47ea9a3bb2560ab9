import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { chooseWord, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'

const it = inDemoSchool

const shows = (page: Page) => page.getByRole('region', { name: 'Shows' })
const hidden = async (page: Page) => Number(/In (\d+) of 12/.exec(await shows(page).innerText())?.[1] ?? 0)

it('say of a plain effect that it will show, and stay in sight on every planning screen', async ({
  school,
  open,
}) => {
  const page = await open(`/lessons/${await school.begin('shadow-length')}/plan`)
  await shows(page).getByText('will show', { exact: true }).waitFor()
  await shows(page)
    .getByRole('img', {
      name: 'Twelve rehearsed classes: 12 saw it, 0 saw the wrong thing, 0 could not tell',
    })
    .waitFor()
  for (const stage of ['3', '4', '2']) {
    await page.keyboard.press(stage)
    const five = page.getByRole('list', { name: 'The five checks' }).getByRole('listitem')
    await expect
      .poll(() => five.allTextContents())
      .toEqual([
        'Fair: worth a thought',
        'Shows: will show',
        'Fits: fits',
        'Kitted: to fix',
        'Safe: to be checked',
      ])
    for (const box of await Promise.all((await five.all()).map((one) => one.boundingBox())))
      expect(box!.y + box!.height).toBeLessThan(400)
  }
  await shows(page).getByText('will show', { exact: true }).waitFor()
})

it('say of a small effect in a wide scatter that it stays hidden; what they offer keeps its promise', async ({
  school,
  open,
}) => {
  const id = await school.begin('shadow-length')
  const page = await open(`/lessons/${id}/plan`)
  await shows(page).getByRole('button', { name: 'Change' }).click()
  await page.getByLabel('At 120 cm').fill('14')
  await page.getByLabel('Same again: how far apart?').fill('5')
  await shows(page)
    .getByText(/In \d+ of 12 classes like yours the answer would stay hidden\./)
    .waitFor()
  const remedy = shows(page).getByRole('button', { name: '150 cm instead of 120 cm' })
  await remedy.waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const before = await hidden(page)
  await chooseWord(page, 'tries', '6 tries')
  await expect.poll(() => hidden(page)).toBeLessThan(before)
  const withTries = await hidden(page)
  await remedy.click()
  await expect.poll(async () => (await school.lesson(id)).plan.levels.at(-1)!.value).toBe(150)
  await expect.poll(() => hidden(page)).toBeLessThanOrEqual(withTries)
})
