import { expect } from 'vitest'
import { anywhere, seriousFindings } from '../support/browser'
import { cellsOf, journeys as it, typeCells, write, type Journey } from '../support/journey'
import type { School } from '../support/school'

/** Two papers, weighed with their container before and after a night; the children take it off themselves. */
const dried = (school: School) =>
  school.small('paper-towels', () => ({
    recording: {
      kind: 'before-after',
      moments: ['wet', 'after a night'],
      stand: 'in-turn',
      change: 'lost',
      compare: 'starts',
      container: 'weighed',
    },
    workOut: 'children',
    question: 'Which paper dries most?',
  }))

/** The rows of the first group, typed as they stand on paper. */
async function typedRows(school: School, { openGrid }: Journey) {
  const id = await dried(school)
  const grid = await openGrid(id, 'Leaf, thin napkin, try 1, container, empty')
  // The second paper starts with half as much as the first: noticed at once, and kept with a second Enter.
  await typeCells(grid, '40', '200', '188', '25', '105', '97')
  await expect.poll(() => school.counted(id)).toBe(6)
  return { id, grid }
}

it('a Sheet weighs the container once, asks what does not fit it, and the children take it off', async ({
  school,
  journey,
}) => {
  const id = await dried(school)
  const sheet = await journey.openSheet(id)
  await write(sheet, 'thin napkin, container, empty', '40')
  await write(sheet, 'thin napkin, wet', '30')
  await sheet.getByText('Its container alone reads 40 g.').waitFor()
  await sheet.getByRole('button', { name: 'Look again' }).tap()
  await write(sheet, 'thin napkin, wet', '200')
  await sheet.getByRole('heading', { name: 'thin napkin, after a night' }).waitFor()
  // What broke is begun anew; its container is not weighed again.
  await sheet.getByRole('button', { name: 'Something went wrong' }).tap()
  await sheet.getByRole('button', { name: 'equipment slipped or broke' }).tap()
  await write(sheet, 'thin napkin, once more, wet', '200')
  await write(sheet, /thin napkin, .*after a night/, '188')
  await sheet.getByRole('heading', { name: 'thin napkin, wet, without its container' }).waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  const answer = async (text: string) => {
    await sheet.locator('input').fill(text)
    await sheet.getByRole('button', { name: 'Is it right?' }).tap()
  }
  await answer('170')
  await sheet.getByText('Not yet. Work out 200 g − 40 g once more.').waitFor()
  // What waits to be worked out is not lost with the page.
  await sheet.reload()
  await answer('160 g')
  await sheet.getByText('188 g − 40 g =').waitFor()
  await answer('1')
  await answer('2')
  await sheet.getByText('It is 188 g − 40 g = 148 g.').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await answer('12')
  await sheet.getByText('148 g of 160 g left: lost 7.5%').waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByRole('heading', { name: 'plain kitchen paper, container, empty' }).waitFor()
  await expect.poll(async () => (await school.lesson(id)).entries.length).toBe(6)
})

it('rows typed as on paper: grid, Compare, poster and file agree, by the share of the start since the starts differ', async ({
  school,
  open,
  journey,
}) => {
  const { id, grid } = await typedRows(school, journey)
  await school.othersFindTheSame(id, 6)
  await expect.poll(() => school.counted(id)).toBe(36)
  await expect.poll(() => grid.getByRole('cell', { name: 'lost 12 g, 7.5%' }).count()).toBe(6)
  expect(await grid.getByRole('cell', { name: 'lost 8 g, 10%' }).count()).toBe(6)
  expect(await seriousFindings(grid)).toEqual([])

  const compare = await journey.saysEverywhere(id, 'thin napkin lost 7.5% of its start')
  await compare
    .getByRole('heading', {
      name: /^Plain kitchen paper lost the largest share of its mass: about \d+% against \d+% for thin napkin\.$/,
    })
    .waitFor()
  await compare
    .getByText('The starts differ, from 80 g to 160 g, so the changes are compared as shares of the start.')
    .waitFor()
  expect(await cellsOf(compare, /^plain kitchen paper/)).toEqual(['80', '72', '10'])
  await anywhere(compare.getByRole('img', { name: /thin napkin, wet 160 g, after a night 148 g/ }))
  await compare.getByRole('button', { name: 'share of mass lost' }).click()
  await compare.getByRole('row', { name: /^All groups.*7\.5.*10/ }).waitFor()

  const poster = await open(`/print/${id}/poster`)
  await poster.getByText('less its empty container, and look at how much it went down').waitFor()
  const paper = await open(`/print/${id}/sheets`)
  for (const head of ['container, empty', 'wet', 'after a night', 'lost'])
    await anywhere(paper.getByRole('columnheader', { name: head, exact: true }))
  expect(await journey.fileOf(id)).toMatch(
    /Bell,plain kitchen paper,1,"container, empty",25,25,typed,g,balance/,
  )
})

it('what is saved as a file comes back: nothing new here, all of it in another lesson, and mistakes are told', async ({
  school,
  journey,
}) => {
  const { id } = await typedRows(school, journey)
  const csv = await journey.roundTrip(id)
  const { plan } = await school.lesson(id)
  const copy = await school.small('paper-towels', () => plan)
  const wrong = await journey.offerFile(copy, csv.replaceAll('Leaf,', 'Rain,'))
  await anywhere(wrong.getByText('There is no group called “Rain”.'))
  expect(await seriousFindings(wrong)).toEqual([])
  const page = await journey.offerFile(copy, csv)
  await page.getByText('6 new, 0 there already.').waitFor()
  await page.getByRole('button', { name: 'Import them' }).click()
  await page.getByText('6 readings imported.').waitFor()
  const said = async (of: string) =>
    // Two of one millisecond may have changed places.
    (await school.lesson(of)).entries
      .map(({ id: _id, supersedes: _before, ...entry }) => JSON.stringify(entry))
      .sort()
  expect(await said(copy)).toEqual(await said(id))
})
