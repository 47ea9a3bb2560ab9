import { expect } from 'vitest'
import type { Plan } from '#core/plan'
import { anywhere, seriousFindings } from '../support/browser'
import { journeys as it, typeCells, write } from '../support/journey'
import { kinds } from '../support/school'

const mixtures = (plan: Plan) => kinds(plan, ['rice and peas', 'peas and peas'])

it('parts and the whole, from the Sheet to the poster: 28 mL less than 180', async ({
  school,
  open,
  journey,
}) => {
  const id = await school.small('poured-together', (plan) => ({
    recording: {
      kind: 'parts-whole',
      parts: ['rice', 'peas'],
      change: 'lost',
      compare: 'starts',
      container: 'none',
    },
    comparison: 'levels',
    levels: mixtures(plan),
  }))
  const sheet = await journey.openSheet(id)
  await write(sheet, 'rice and peas, rice', '100')
  await write(sheet, 'rice and peas, peas', '80')
  await write(sheet, 'rice and peas, all together', '70')
  await sheet.getByText('rice alone read 100 mL. Can all together be less?').waitFor()
  await sheet.getByRole('button', { name: 'Look again' }).tap()
  await write(sheet, 'rice and peas, all together', '152')
  // The cylinder of 100 mL does not reach that far: kept all the same.
  await sheet.getByRole('button', { name: 'Keep 152' }).tap()
  for (const line of [
    '100 mL + 80 mL = 180 mL',
    '180 mL − 152 mL = 28 mL',
    '152 mL together, 180 mL apart: 15.6% less',
  ])
    await sheet.getByText(line).waitFor()
  await sheet.getByRole('button', { name: 'Go on' }).tap()
  await sheet.getByRole('heading', { name: 'peas and peas, rice' }).waitFor()

  const grid = await journey.openGrid(id, 'Leaf, peas and peas, try 1, rice')
  await typeCells(grid, '40', '40', '80')
  for (let group = 1; group < 6; group++) await typeCells(grid, '50', '40', '76', '40', '40', '80')
  await expect.poll(() => school.counted(id)).toBe(36)

  const compare = await journey.saysEverywhere(id, 'Peas and peas: no change we could measure')
  await compare
    .getByRole('heading', { name: /^Rice and peas lost the (most volume|largest share of its volume)/ })
    .waitFor()
  await anywhere(
    compare.getByRole('img', { name: /peas and peas, rice 40 mL, peas 40 mL, all together 80 mL/ }),
  )
  const board = await open(`/board/${id}`)
  await anywhere(board.getByRole('img', { name: /all together 80 mL/ }))
})

it('parts and the whole in volume and in mass: 28 mL less, and no gram', async ({
  school,
  open,
  journey,
}) => {
  const id = await school.small('poured-together', (plan) => ({
    recording: { ...plan.recording, parts: ['rice', 'peas'] } as Plan['recording'],
    levels: mixtures(plan),
  }))
  const sheet = await journey.openSheet(id)
  await write(sheet, 'rice and peas, rice', '50')
  await write(sheet, 'rice and peas, rice, mass', '0,041 kg')
  await write(sheet, 'rice and peas, peas', '40')
  await write(sheet, 'rice and peas, peas, mass', '33')
  await write(sheet, 'rice and peas, all together', '62')
  await sheet.getByLabel('mass').waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  await write(sheet, 'rice and peas, all together, mass', '74')
  for (const line of [
    '50 mL + 40 mL = 90 mL',
    '90 mL − 62 mL = 28 mL',
    '41 g + 33 g = 74 g',
    '74 g − 74 g = 0 g',
  ])
    await sheet.getByText(line).waitFor()

  const grid = await journey.openGrid(id, 'Leaf, peas and peas, try 1, rice')
  await typeCells(grid, '40', '33', '40', '33', '80', '66')
  await expect.poll(() => school.counted(id)).toBe(12)
  await school.othersFindTheSame(id, 12)

  const compare = await open(`/lessons/${id}/compare`)
  await compare
    .getByRole('heading', {
      name: 'Rice and peas took up about 28 mL less together than apart; peas and peas took up the same. It weighed the same, to within 1 g, for all of them.',
    })
    .waitFor()
  await compare.getByText('Nothing stands out.').waitFor()
  await compare.getByRole('button', { name: 'Parts and whole: mass' }).click()
  await compare.getByRole('row', { name: 'rice and peas 41 33 74 0' }).waitFor()
  expect(await seriousFindings(compare)).toEqual([])
  expect(await journey.fileOf(id)).toMatch(
    /\r\nLeaf,rice and peas,1,"rice, mass",41,"0,041 kg",typed,g,balance,1,counted/,
  )
  const paper = await open(`/print/${id}/sheets`)
  await anywhere(paper.getByRole('columnheader', { name: 'rice (g)' }))
})
