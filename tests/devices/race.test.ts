import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { phone } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

const timeIn = async (sheet: Page) => Number(await sheet.getByRole('textbox').inputValue())
/** When the stopwatch of a Sheet was started, in ms. */
const startOf = async (sheet: Page) => {
  const kept = await sheet.evaluate(() => sessionStorage.getItem('jolly-beaker-stopwatch'))
  return (JSON.parse(kept!) as { startedAt: number }).startedAt
}

it('starts the stopwatches of all Sheets at one moment, and takes what each one stops', async ({
  school,
  open,
}) => {
  const id = await school.small('bubble-lifetime', () => ({}))
  const { class: own } = await school.lesson(id)
  const desk = await open(`/lessons/${id}/test`)
  const board = await open(`/board/${id}`)
  const sheets = await Promise.all(
    [0, 1].map((place) => open(`/sheet/${id}/${own.groups[place]!.id}`, phone)),
  )
  for (const sheet of sheets) await sheet.getByRole('button', { name: 'We are ready' }).click()
  await desk.getByRole('button', { name: 'Start the lesson’s clock' }).click()
  await desk.getByRole('button', { name: 'More with the clock' }).click()
  await desk.getByText('Three, two, one: start all stopwatches').click()

  // A busy machine may show a page only what comes last.
  await Promise.all(
    [board, ...sheets].map((page) =>
      page
        .getByText(/^(?:3|2|1|Go!)$/)
        .first()
        .waitFor(),
    ),
  )
  await Promise.all(sheets.map((sheet) => sheet.getByRole('button', { name: 'Stop' }).waitFor()))
  // Each runs from the moment that was set for all, not from when it heard of it, which was seconds before.
  const { clock } = await school.lesson(id)
  for (const startedAt of await Promise.all(sheets.map(startOf)))
    expect(Math.abs(startedAt - clock!.raceAt!)).toBeLessThan(1500)
  await sheets[0]!.getByRole('button', { name: 'Stop' }).click()
  await sheets[1]!.waitForTimeout(1000)
  // A page that is loaded anew in the middle goes on with its stopwatch.
  await sheets[1]!.reload()
  await sheets[1]!.getByRole('button', { name: 'Stop' }).click()
  const times = await Promise.all(sheets.map(timeIn))
  expect(times[1]! - times[0]!).toBeGreaterThan(0.9)
  for (const sheet of sheets) {
    await sheet.getByRole('button', { name: 'Write it down' }).click()
    // The next try is in no race.
    await sheet.getByRole('region', { name: 'Stopwatch' }).getByRole('button', { name: 'Start' }).waitFor()
  }
  await expect
    .poll(async () =>
      (await school.numbers(id)).map((one) => one.value).sort((a, b) => Number(a) - Number(b)),
    )
    .toEqual(times)
})

it('is called off before anybody has run', async ({ school, open }) => {
  const id = await school.small('bubble-lifetime', () => ({}))
  const { class: own } = await school.lesson(id)
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'start' }, version: 0 })
  const sheet = await open(`/sheet/${id}/${own.groups[0]!.id}`, phone)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'race' }, version: 1 })
  await sheet.getByText('3', { exact: true }).waitFor()
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'noRace' }, version: 2 })
  await sheet.getByRole('region', { name: 'Stopwatch' }).getByRole('button', { name: 'Start' }).waitFor()
})

it('times several at once by the keys of the Desk, and lets one run on after a wrong key', async ({
  school,
  open,
}) => {
  const id = await school.small('bubble-lifetime', () => ({ whoTests: 'whole-class' as const }))
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Time several' }).click()
  const dialog = desk.getByRole('dialog', { name: 'Time several at once' })
  await dialog.getByRole('button', { name: 'Start all (space)' }).waitFor()
  await desk.keyboard.press('Space')
  await desk.keyboard.press('1')
  await dialog.getByRole('button', { name: /^Let it run on/ }).waitFor()
  await desk.keyboard.press('1')
  await desk.waitForTimeout(400)
  await desk.keyboard.press('2')
  await desk.keyboard.press('1')
  await dialog.getByRole('button', { name: 'Write them down' }).click()
  await expect.poll(async () => (await school.numbers(id)).length).toBe(2)
  const values = (await school.numbers(id)).map((one) => Number(one.value))
  for (const value of values) expect(value).toBeGreaterThanOrEqual(0.4)
})
