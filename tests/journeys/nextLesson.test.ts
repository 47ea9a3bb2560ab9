import { expect } from 'vitest'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

it('leads from one lesson’s next question to the next lesson’s first reading', async ({ school, open }) => {
  const id = await school.titled('Ball bounce')
  const before = await school.lesson(id)
  const page = await open(`/lessons/${id}/conclude`)
  const question = 'Does the kind of ball change how high it bounces?'
  await page.getByRole('textbox', { name: 'Our next question' }).fill(question)
  await page.getByRole('button', { name: 'Plan it, with this test carried over' }).click()
  await page.getByRole('heading', { name: question }).waitFor()
  const next = page.url().match(/lessons\/([0-9a-f-]+)\/plan/)![1]!
  expect(next).not.toBe(id)
  const { plan } = await school.lesson(next)
  expect(plan).toMatchObject({
    changed: { name: 'kind of ball', kind: 'kinds' },
    ...{ measured: before.plan.measured, tries: before.plan.tries, levels: [] },
  })
  expect(plan.keptSame.map(({ name }) => name)).toContain('drop height')
  expect(plan.materials.map(({ name }) => name)).toEqual(before.plan.materials.map(({ name }) => name))

  // Two kinds of ball are all that is missing until the first reading.
  const level = (levelId: string, name: string) => ({
    id: levelId,
    name,
    value: null,
    baseline: false,
    picture: null,
  })
  await school.changePlan(next, (whole) => ({
    levels: [level('sponge', 'sponge ball'), level('golf', 'golf ball')],
    keptSame: whole.keptSame.map((same) => ({ ...same, how: same.how || 'the same for all' })),
  }))
  await school.confirmCautions(next)
  await school.read(next, 0, 0, 31)
  await page.goto(page.url().replace(/plan.*/, 'test'))
  await page.getByText('31').first().waitFor()
})
