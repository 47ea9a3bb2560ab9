import { readFileSync } from 'node:fs'
import sharp from 'sharp'
import { expect } from 'vitest'
import { sentEntry } from '../../../server/testing/examples'
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

it('says nothing is clear while tries are to come, until the teacher says that testing is over', async ({
  school,
  open,
}) => {
  const id = await school.small('ball-bounce', () => ({ tries: 3 }))
  const { plan, class: own } = await school.lesson(id)
  const read = async (place: number) => {
    for (const level of [0, 1])
      for (const tryNumber of [1, 2, 3])
        await school.record(
          id,
          sentEntry(await school.lesson(id), {
            groupId: own.groups[place]!.id,
            levelId: plan.levels[level]!.id,
            tryNumber,
            value: 4 + 20 * level + tryNumber,
          }),
        )
  }
  for (let place = 0; place < own.groups.length - 1; place++) await read(place)
  const page = await open(`/lessons/${id}/compare`)
  await page.getByRole('heading', { name: /^So far: it looks as if the higher the drop/ }).waitFor()
  await page.getByText('leaning so far').waitFor()
  await page.getByRole('button', { name: 'We’ve finished testing' }).click()
  await page.getByRole('heading', { name: /^The higher the drop, the higher/ }).waitFor()
  await page.getByText(/Testing finished at .*\d\d:\d\d\./).waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'We’ll go on testing' }).click()
  await page.getByRole('heading', { name: /^So far/ }).waitFor()
  await read(own.groups.length - 1)
  await page.getByRole('heading', { name: /^The higher the drop, the higher/ }).waitFor()
  expect(await page.getByRole('button', { name: /testing/ }).count()).toBe(0)
})

it('saves the chart that is on the screen as a picture', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.titled('Ball bounce')}/compare`)
  await page.locator('figure.chart svg').waitFor()
  const save = async (kind: string) => {
    await page.getByRole('button', { name: 'Save this chart' }).click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByText(`Save the chart as ${kind}`).click(),
    ])
    expect(download.suggestedFilename()).toBe(`Ball bounce chart.${kind.toLowerCase()}`)
    return readFileSync(await download.path())
  }
  const svg = (await save('SVG')).toString('utf8')
  for (const part of ['<svg', 'bounce height (cm)', '<title>', 'font/woff2']) expect(svg).toContain(part)
  const png = sharp(await save('PNG'))
  const { width, height, format } = await png.metadata()
  expect(format).toBe('png')
  expect(width / height).toBeGreaterThan(1.5)
  // On white, and not white alone.
  const { channels } = await png.stats()
  expect(channels.slice(0, 3).map(({ max, stdev }) => [max, stdev > 5])).toEqual(Array(3).fill([255, true]))
})
