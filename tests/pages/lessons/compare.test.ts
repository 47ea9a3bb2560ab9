import { expect } from 'vitest'
import { anywhere, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'
import { kinds } from '../../support/school'

const it = inDemoSchool

it('lays numbers that were predicted on one number line with what was read', async ({ school, open }) => {
  const id = await school.small('paper-bridge', (plan) => ({
    levels: kinds(plan, ['round 1', 'round 2']),
    prediction: { format: 'number', because: true, who: 'group' },
  }))
  const { plan } = await school.lesson(id)
  for (const [place, value] of [12, 7].entries())
    await school.predict(id, place, { format: 'number', levelId: plan.levels[1]!.id, value })
  for (const [index, value] of [6, 9].entries()) await school.read(id, 0, index, value)
  const page = await open(`/lessons/${id}/compare`)
  await page.getByRole('button', { name: 'Predicted and found' }).click()
  await page.getByRole('row', { name: 'Leaf 12 9 9 3 less' }).waitFor()
  await page.getByRole('row', { name: 'Bell 7 – – –' }).waitFor()
  await anywhere(
    page.getByRole('img', { name: /Leaf predicted 12, found 9; Bell predicted 7, nothing read yet/ }),
  )
  expect(await seriousFindings(page)).toEqual([])
})

it('says of each stage what there is of it, as the plan’s page does', async ({ school, open }) => {
  const id = await school.titled('Ball bounce')
  const notes = async (stage: string) => {
    const page = await open(`/lessons/${id}/${stage}`)
    const pack = page
      .getByRole('navigation', { name: 'Stages of the lesson' })
      .getByText('ready', { exact: true })
    await pack.waitFor()
    return page.getByRole('navigation', { name: 'Stages of the lesson' }).locator('small').allTextContents()
  }
  expect(await notes('compare')).toEqual(await notes('plan'))
})
