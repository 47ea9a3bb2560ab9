import { expect } from 'vitest'
import type { Plan } from '#core/plan'
import { chooseWord, seriousFindings } from '../support/browser'
import { journeys as it, sayReady, write } from '../support/journey'
import type { School } from '../support/school'

/** Two cups poured together once, nothing to practise and nothing left to confirm. */
async function pouredOnce(school: School, prediction: Partial<Plan['prediction']>): Promise<string> {
  const id = await school.begin('poured-together')
  await school.changePlan(id, (plan) => ({
    levels: plan.levels.slice(2),
    tries: 1,
    practiceTries: 0,
    prediction: { ...plan.prediction, because: false, ...prediction },
  }))
  await school.confirmCautions(id)
  return id
}

it('clips are counted by tapping, and the count outlives the page', async ({ school, journey }) => {
  const id = await school.small('magnet-layers', () => ({}))
  const sheet = await journey.openSheet(id)
  const tap = (name: string | RegExp) => sheet.getByRole('button', { name }).tap()
  const counts = (count: number) =>
    sheet.getByRole('button', { name: `${count} Tap for each one`, exact: true }).waitFor()
  await counts(0)
  for (let one = 0; one < 4; one++) await tap(/Tap for each one$/)
  await counts(4)
  await tap('One back')
  await counts(3)
  await sheet.reload()
  await counts(3)
  await tap('Pause')
  expect(await sheet.getByRole('button', { name: /paused$/ }).isDisabled()).toBe(true)
  await tap('Go on')
  await sheet.locator('h1, h2').first().click()
  await sheet.keyboard.press(' ')
  await counts(4)
  expect(await seriousFindings(sheet)).toEqual([])
  // A number that was typed is counted on from; what is no number is left alone.
  await sheet.locator('input').fill('12')
  await tap(/Tap for each one$/)
  await counts(13)
  await sheet.locator('input').fill('twelve')
  await sheet.getByText('we can’t count on from it').waitFor()
  await sheet.locator('input').fill('9999')
  await sheet.getByText('We count as far as 9999.').waitFor()
  await sheet.locator('input').fill('13')
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  await expect.poll(async () => (await school.numbers(id)).map(({ value }) => value)).toEqual([13])
})

it('a group predicts once more when its parts are measured, and both are kept', async ({
  school,
  open,
  journey,
}) => {
  const id = await pouredOnce(school, { again: 'parts' })
  const plan = await open(`/lessons/${id}/plan`)
  await plan.getByText('and once more when the parts are measured').first().waitFor()

  const sheet = await journey.openSheet(id)
  const predict = async (volume: string) => {
    const asked = sheet.getByRole('group', { name: 'Together it will…' })
    await asked.first().getByRole('button', { name: volume, exact: true }).tap()
    await asked.last().getByRole('button', { name: 'weigh the same', exact: true }).tap()
    await sheet.getByRole('button', { name: 'This is our prediction' }).tap()
  }
  await predict('take up the same')
  await sayReady(sheet)
  await write(sheet, /first cup$/, '40')
  await write(sheet, /first cup, mass/, '33')
  await write(sheet, /second cup$/, '40')
  await write(sheet, /second cup, mass/, '33')
  await sheet.getByText('You know more now, once the parts were measured.').waitFor()
  await sheet.getByText('Before you thought: it will take up the same together').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await predict('take up less')
  await write(sheet, /all together$/, '66')
  await write(sheet, /all together, mass/, '66')
  await school.othersFindTheSame(id, 6)

  const conclude = await open(`/lessons/${id}/conclude`)
  await conclude.getByText('(once the parts were measured)').waitFor()
  await conclude.getByText('nearly', { exact: true }).waitFor()
  await conclude.getByText('as predicted', { exact: true }).waitFor()
  expect((await school.lesson(id)).predictions.map(({ step, known }) => [step, known])).toEqual([
    ['before', 0],
    ['parts', 4],
  ])
})

it('what went wrong stands beside the verdict, and is offered for next time', async ({ school, open }) => {
  const id = await school.titled('Poured together')
  const said = 'One reading was set aside: equipment slipped or broke.'
  const compare = await open(`/lessons/${id}/compare`)
  await compare.getByText(said).first().waitFor()
  const conclude = await open(`/lessons/${id}/conclude`)
  await conclude.getByRole('button', { name: said }).click()
  await expect.poll(async () => (await school.lesson(id)).conclusion.better).toBe(said)
  await conclude.getByRole('button', { name: said }).waitFor({ state: 'detached' })
  const poster = await open(`/print/${id}/poster`)
  await poster.getByText(said).first().waitFor()
})

it('a number is predicted for one reading, and stands beside what the group then reads', async ({
  school,
  open,
  journey,
}) => {
  const id = await pouredOnce(school, { format: 'number' })
  const plan = await open(`/lessons/${id}/plan`)
  await chooseWord(plan, 'numberMoment', 'the mass all together')
  await expect
    .poll(async () => (await school.lesson(id)).plan.prediction.numberFor?.moment)
    .toBe('all together, mass')

  const sheet = await journey.openSheet(id)
  await sheet
    .getByRole('group', { name: 'What will the mass all together be?' })
    .getByLabel('Our number')
    .fill('80')
  expect(await seriousFindings(sheet)).toEqual([])
  await sheet.getByRole('button', { name: 'This is our prediction' }).tap()
  await sayReady(sheet)
  for (const [heading, text] of [
    [/first cup$/, '40'],
    [/first cup, mass/, '33'],
    [/second cup$/, '40'],
    [/second cup, mass/, '33'],
    [/all together$/, '78'],
    [/all together, mass/, '66'],
  ] as const)
    await write(sheet, heading, text)
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByText('The mass all together will be about 80 g.').waitFor()
  await expect.poll(() => school.counted(id)).toBe(6)

  const compare = await open(`/lessons/${id}/compare`)
  await compare.getByRole('button', { name: 'Predicted and found' }).click()
  await compare.getByRole('table', { name: 'mass all together: ring predicted, sign read' }).waitFor()
  await compare.getByRole('cell', { name: '14 less' }).waitFor()
  await compare.goto(`${school.url}/lessons/${id}/conclude`)
  await compare.getByText('the mass all together will be about 80 g').waitFor()
  await compare.getByText('as predicted', { exact: true }).waitFor()
})

it('the children take the middle of their tries themselves, and are told whether it is right', async ({
  school,
  open,
  journey,
}) => {
  const id = await school.small('ball-bounce', () => ({ tries: 3 }))
  const plan = await open(`/lessons/${id}/plan`)
  await chooseWord(plan, 'sumUp', 'worked out by the children first')
  await expect.poll(async () => (await school.lesson(id)).plan.sumUp).toBe('children')
  const sheet = await journey.openSheet(id)
  for (const text of ['15', '12', '13']) {
    await sheet.locator('input').fill(text)
    await sheet.getByRole('button', { name: 'Write it down' }).tap()
    await expect.poll(async () => (await school.numbers(id)).at(-1)?.value).toBe(Number(text))
  }
  await sheet.getByText('the middle of 15 cm, 12 cm and 13 cm =').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  const answer = async (text: string) => {
    await sheet.locator('input').fill(text)
    await sheet.getByRole('button', { name: 'Is it right?' }).tap()
  }
  await answer('12')
  await sheet.getByText('Not yet. Work out the middle of 15 cm, 12 cm and 13 cm once more.').waitFor()
  await answer('13')
  await sheet.getByText('the middle of 15 cm, 12 cm and 13 cm = 13 cm').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByRole('button', { name: 'Write it down' }).waitFor()
})
