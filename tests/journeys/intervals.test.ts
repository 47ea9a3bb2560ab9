import { expect } from 'vitest'
import { anywhere, phone, seriousFindings } from '../support/browser'
import { cellsOf, journeys as it, typeCells, write } from '../support/journey'
import type { School } from '../support/school'

const jackets = (school: School) =>
  school.small('bottle-jackets', () => ({
    recording: { kind: 'intervals', minutes: [0, 10], score: 'lost' },
  }))

it('a Sheet starts each container, says when the next reading is due, and keeps the time really taken', async ({
  school,
  journey,
}) => {
  const id = await jackets(school)
  const { plan } = await school.lesson(id)
  const sheet = await journey.openSheet(id, 0, phone)
  for (const level of plan.levels) {
    await sheet.getByRole('button', { name: `Start ${level.name}` }).click()
    await sheet.getByText('Read now').waitFor()
    expect(await seriousFindings(sheet)).toEqual([])
    await write(sheet, `${level.name}, 0 min`, '40')
  }
  await sheet.getByText(/Read in (9:5\d|10:00)/).waitFor()
  // Whoever reads early is not stopped; the curve will show it at its own minute.
  await write(sheet, `${plan.levels[0]!.name}, 10 min`, '33')
  const read = async (moment: string) =>
    (await school.lesson(id)).entries.filter((one) => one.moment === moment)
  await expect
    .poll(() => read('10 min'))
    .toMatchObject([{ fields: { value: { value: 33 }, at: { value: expect.any(Number) } } }])
  expect(await read('start')).toHaveLength(2)
  expect((await read('10 min'))[0]!.fields.at!.value).toBeLessThan(5)
})

it('rows typed as on paper, with a late reading: grid, Compare, poster and file agree that newspaper lost 5 °C, nothing 7 °C', async ({
  school,
  open,
  journey,
}) => {
  const id = await jackets(school)
  const grid = await journey.openGrid(id, 'Leaf, no jacket, try 1, 0 min')
  await typeCells(grid, '40', '33', '40', '35')
  await expect.poll(() => school.counted(id)).toBe(4)
  await school.othersFindTheSame(id, 4)
  await grid.getByLabel('Bell, no jacket, try 1, 10 min').fill('33 @ 11:30')
  await grid.keyboard.press('Enter')
  await expect.poll(async () => (await school.lesson(id)).entries.length).toBe(25)
  const late = (await school.lesson(id)).entries.find((one) => one.fields.value?.typed === '33 @ 11:30')
  expect(late!.fields).toMatchObject({ value: { value: 33 }, at: { typed: '11:30', value: 11.5 } })
  const cell = grid.getByLabel('Bell, no jacket, try 1, 10 min')
  await cell.fill('33 @ noon')
  await cell.press('Enter')
  await grid.getByText('Type the minutes after the @').waitFor()
  await grid.keyboard.press('Escape')
  expect(await seriousFindings(grid)).toEqual([])

  const compare = await journey.saysEverywhere(id, 'no jacket lost 7 °C and newspaper lost 5 °C')
  await compare
    .getByRole('heading', {
      name: 'Newspaper cooled least, about 2 °C less than no jacket.',
    })
    .waitFor()
  await compare.getByText('Temperature: no jacket lost 7 °C and newspaper lost 5 °C in 10 minutes.').waitFor()
  expect(await cellsOf(compare, /^newspaper/)).toEqual(['40', '35'])
  await anywhere(compare.getByRole('img', { name: /newspaper, from 40 °C to 35 °C/ }))
  await compare.getByRole('button', { name: 'temperature lost' }).click()
  await compare.getByRole('row', { name: /^All groups.*7.*5/ }).waitFor()

  const csv = await journey.fileOf(id)
  expect(csv.split('\r\n')[0]).toContain('moment,value,typed,given,at,at_typed,at_given')
  expect(csv).toMatch(/Bell,no jacket,1,10 min,33,33 @ 11:30,typed,11\.5,11:30,typed/)
  const poster = await open(`/print/${id}/poster`)
  await poster.getByText('at 0 and 10 minutes, and look at how much it went down').waitFor()
  const paper = await open(`/print/${id}/sheets`)
  await anywhere(paper.getByRole('columnheader', { name: '10 min' }))
})
