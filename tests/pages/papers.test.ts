import { expect } from 'vitest'
import { choose } from '../support/browser'
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

it('journal pages are for each group or each child, with sums and chart left to them and a key for the teacher', async ({
  school,
  open,
}) => {
  const id = await school.titled('Ball bounce')
  const page = await open(`/print/${id}/journal`)
  const pages = page.locator('section.one-page')
  await pages.first().getByRole('cell', { name: '14 cm' }).first().waitFor()
  const { class: own } = await school.lesson(id)
  expect(await pages.count()).toBe(own.groups.length)
  expect(await page.getByText('Key for the teacher').count()).toBe(0)
  const sums = pages.first().locator('tbody td:last-child')
  expect((await sums.allTextContents()).every((text) => /^\d/.test(text))).toBe(true)

  await page.getByRole('button', { name: 'Choose parts' }).click()
  await choose(page, 'Sums', 'Sums left to the children')
  await expect.poll(async () => (await sums.allTextContents()).join('')).toBe('')
  await page.keyboard.press('Escape')
  await choose(page, 'For whom', 'A page for each child')
  const children = own.byGroup.reduce((sum, one) => sum + one, 0)
  await expect.poll(() => pages.count()).toBe(children)
  const key = page.locator('article').filter({ hasText: 'Key for the teacher' })
  for (const { name } of own.groups) await key.getByRole('heading', { name, exact: true }).waitFor()
  expect(await key.getByRole('row', { name: '25 cm 14 cm 12 cm 14 cm 14 cm' }).count()).toBe(1)
})

it('a poster fills one page, of the usual paper or twice as large', async ({ school, open }) => {
  const page = await open(`/print/${await school.titled('Ball bounce')}/poster`)
  await page.locator('.drawn svg').first().waitFor()
  const pagesOf = async () => {
    const pdf = await page.pdf({ preferCSSPageSize: true })
    const text = pdf.toString('latin1')
    const [, , , wide] = /\/MediaBox \[([\d.]+) ([\d.]+) ([\d.]+) ([\d.]+)\]/.exec(text) ?? []
    return { count: text.match(/\/Type \/Page\b/g)?.length, wide: Math.round((Number(wide) / 72) * 25.4) }
  }
  expect(await pagesOf()).toEqual({ count: 1, wide: 210 })
  await page.getByRole('checkbox', { name: 'twice as large' }).check()
  await page.locator('html.large .drawn svg').waitFor()
  expect(await pagesOf()).toEqual({ count: 1, wide: 297 })
  // Left blank, it is for the children; the chart is on a key of its own.
  await page.getByRole('button', { name: 'Choose parts' }).click()
  await choose(page, 'Chart', 'Room for a chart')
  await page.locator('article').filter({ hasText: 'Key for the teacher' }).locator('svg').first().waitFor()
  expect((await pagesOf()).count).toBe(2)
})
