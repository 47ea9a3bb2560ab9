import { expect } from 'vitest'
import { chooseWord, seriousFindings } from '../support/browser'
import { journeys as it } from '../support/journey'

it('one magnet, many tries: from the plan to the poster without anything to compare', async ({
  school,
  open,
}) => {
  const id = await school.begin('magnet-layers')
  await school.changePlan(id, (plan) => ({ levels: plan.levels.slice(0, 1), practiceTries: 0 }))
  const page = await open(`/lessons/${id}/plan`)
  await page.getByText('A fair test compares at least two levels').first().waitFor()
  await chooseWord(page, 'aim', 'change nothing, and look how much it varies')
  await page.getByText('A fair test compares at least two levels').waitFor({ state: 'detached' })
  await page.getByText('Nothing is compared, so there is nothing to rehearse.').waitFor()
  expect(await page.getByLabel('The plan in sentences').innerText()).toMatch(
    /We change nothing and look how much it varies, with the layers of card at 0/,
  )
  await expect.poll(async () => (await school.lesson(id)).plan.tries).toBe(8)
  expect(await seriousFindings(page)).toEqual([])
  await school.confirmCautions(id)

  const { class: own } = await school.lesson(id)
  const sheet = await open(`/sheet/${id}/${own.groups[0]!.id}`)
  await sheet.getByText('What will the number of clips held usually be?').first().waitFor()

  for (const [slot, value] of [22, 23, 24, 23, 20, 26, 22, 24].entries())
    await school.read(id, 0, slot, value)
  const compare = await open(`/lessons/${id}/compare`)
  await compare
    .getByRole('heading', { name: 'So far, it usually held about 23 clips, mostly 20 to 24.' })
    .waitFor()
  expect(await seriousFindings(compare)).toEqual([])

  await compare.goto(`${school.url}/lessons/${id}/conclude`)
  await compare.getByRole('button', { name: 'Use what the test showed' }).click()
  await expect
    .poll(async () => (await school.lesson(id)).conclusion.ownWords)
    .toContain('it usually held about 23')
  const poster = await open(`/print/${id}/poster`)
  await poster.getByText('it usually held about 23 clips').first().waitFor()
})
