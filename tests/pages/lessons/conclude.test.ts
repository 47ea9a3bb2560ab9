import { expect } from 'vitest'
import { anywhere, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'
import type { School } from '../../support/school'

const it = inDemoSchool

/** A bounce lesson in which every group has read higher bounces from higher drops. */
async function read(school: School): Promise<string> {
  const id = await school.begin('ball-bounce')
  const { levels } = await school.changePlan(id, (plan) => ({
    levels: plan.levels.slice(0, 3),
    practiceTries: 0,
  }))
  await school.confirmCautions(id)
  for (let slot = 0; slot < levels.length * 3; slot++)
    await school.read(id, 0, slot, 14 + 14 * Math.floor(slot / 3) + (slot % 3))
  await school.othersFindTheSame(id, 9)
  return id
}

it('says part by part what fits a sentence of the class’s own, and keeps its idea why apart', async ({
  school,
  open,
}) => {
  const id = await read(school)
  const page = await open(`/lessons/${id}/conclude`)
  const answer = page.getByLabel('What we found out, as the class says it')
  await answer.fill('The higher we droped the ball, the higher it bounced because it falls faster.')
  await page.getByText('fits what we found').waitFor()
  await answer.blur()
  await expect
    .poll(async () => (await school.lesson(id)).conclusion)
    .toMatchObject({
      ownWords: 'The higher we droped the ball, the higher it bounced.',
      why: 'because it falls faster',
    })
  await answer.fill('25 cm bounced highest. It bounces on Mars too.')
  await page.getByText('goes against what we found').waitFor()
  await page.getByText('We don’t know “Mars” here').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'We mean something else' }).click()
  await page.getByText('We won’t check that, then.').waitFor()
  await page.getByRole('button', { name: 'It is our idea why' }).click()
  await expect
    .poll(async () => (await school.lesson(id)).conclusion)
    .toMatchObject({ ownWords: '25 cm bounced highest.', why: expect.stringContaining('Mars') as string })
})

it('says nothing against what it does not understand, and loses none of it', async ({ school, open }) => {
  const id = await read(school)
  const page = await open(`/lessons/${id}/conclude`)
  const answer = page.getByLabel('What we found out, as the class says it')
  for (const text of ['🙂🙂', 'La pelota subió más.', 'Warum?', 'higher', 'x'.repeat(400)]) {
    await answer.fill(text)
    await expect.poll(async () => (await school.lesson(id)).conclusion.ownWords).toBe(text)
    await page.getByText('is yours to say').waitFor()
    expect(await page.getByText('goes against').count()).toBe(0)
  }
})

it('prints the reasons of what was found under its own sentence, not under the class’s', async ({
  school,
  open,
}) => {
  const id = await read(school)
  const page = await open(`/lessons/${id}/conclude`)
  await page.getByLabel('What we found out, as the class says it').fill('Our ball is the best.')
  await page.getByLabel(/Our idea why/).fill('It is made of rubber.')
  await expect.poll(async () => (await school.lesson(id)).conclusion.why).toBe('It is made of rubber.')
  const poster = await open(`/print/${id}/poster`)
  await anywhere(poster.getByText('Our ball is the best.'))
  await anywhere(poster.getByText('It is an idea: this test did not check it.'))
  await anywhere(poster.getByText(/The higher the drop, the higher the bounce/))
})

it('asks once what best means, and keeps it with the plan', async ({ school, open }) => {
  const id = await read(school)
  const page = await open(`/lessons/${id}/conclude`)
  await page.getByLabel('What we found out, as the class says it').fill('75 cm was the best.')
  await page.getByText('What does “best” mean here?').waitFor()
  await page.getByRole('button', { name: 'Best: the highest bounce' }).click()
  await page.getByText('fits what we found').waitFor()
  await expect.poll(async () => (await school.lesson(id)).plan.best).toBe('most')
})

it('asks once which end a word of the class’s own means, and keeps it with the plan', async ({
  school,
  open,
}) => {
  const id = await read(school)
  const page = await open(`/lessons/${id}/conclude`)
  await page.getByLabel('What we found out, as the class says it').fill('75 cm was boingier than 50 cm.')
  await page.getByRole('button', { name: 'It means a higher bounce' }).click()
  await page.getByText('fits what we found').waitFor()
  await expect.poll(async () => (await school.lesson(id)).plan.measured.called?.more).toBe('boingier')
})

it('offers what the results lead to, and plans its test with the levels that it asks for', async ({
  school,
  open,
}) => {
  const page = await open(`/lessons/${await read(school)}/conclude`)
  const offered = page.getByRole('group', { name: 'From our results' })
  await offered.getByText('In classes like yours the answer would nearly always show.').first().waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await offered.getByRole('button', { name: 'What happens beyond 75 cm?' }).click()
  await page.getByRole('button', { name: 'Plan it, with this test carried over' }).click()
  await page.getByRole('group', { name: 'The plan in sentences' }).waitFor()
  const next = /lessons\/([\w-]+)/.exec(page.url())![1]!
  const { plan } = await school.lesson(next)
  expect(plan.levels.map(({ value }) => value)).toEqual([50, 75, 100, 125])
})
