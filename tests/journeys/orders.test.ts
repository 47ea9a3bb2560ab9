import { expect } from 'vitest'
import type { Plan } from '#core/plan'
import { anywhere, phone, seriousFindings } from '../support/browser'
import { journeys as it, typeCells } from '../support/journey'
import { kinds, type School } from '../support/school'

/** A small lesson of which every group has predicted one of the levels. */
const small = (school: School, starter: string, changes: (plan: Plan) => Partial<Plan>) =>
  school.small(starter, (plan) => ({
    prediction: { format: 'choice', because: true, who: 'group' },
    ...changes(plan),
  }))

it('a race is tapped in as they come, on a phone, and typed in by letters', async ({
  school,
  open,
  journey,
}) => {
  const id = await small(school, 'wicking-race', (plan) => ({
    levels: kinds(plan, ['kitchen paper', 'filter paper', 'newspaper']),
    materials: [],
    tries: 3,
  }))
  const sheet = await journey.openSheet(id)
  const tap = (name: string | RegExp) => sheet.getByRole('button', { name }).tap()
  await sheet.getByRole('heading', { name: 'Heat 1 of 3' }).waitFor()
  for (const paper of [/kitchen paper/, /filter paper/, /newspaper/]) await tap(paper)
  await sheet.getByText('Is this how they came in?').waitFor()
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'Heat 2 of 3' }).waitFor()
  // One tap too early is taken back.
  for (const paper of [/kitchen paper/, /filter paper/]) await tap(paper)
  await tap('One back')
  for (const paper of [/newspaper/, /filter paper/]) await tap(paper)
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'Heat 3 of 3' }).waitFor()
  await tap(/kitchen paper/)
  await tap('The next came in with it')
  await tap(/filter paper/)
  expect(await seriousFindings(sheet)).toEqual([])
  await tap(/newspaper/)
  await tap('Write it down')
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await sheet.getByRole('heading', { name: 'We predicted' }).waitFor()
  await sheet.getByText('Kitchen paper will come in first.').waitFor()
  await anywhere(sheet.getByText('place 1'))
  await expect.poll(() => school.counted(id)).toBe(3)
  await journey.saysEverywhere(
    id,
    'kitchen paper 1.17, filter paper 2.17 and newspaper 2.67',
    'The heats agree in part: 0.64',
  )

  const grid = await journey.openGrid(id, 'Bell, heat 1')
  await typeCells(grid, 'a b')
  await grid.getByText('Where is newspaper?').waitFor()
  await grid.keyboard.press('Escape')
  await typeCells(grid, 'acb', 'a b c!', 'b=a c')
  await expect.poll(() => school.counted(id)).toBe(6)
  const compare = await open(`/lessons/${id}/compare`)
  await compare.getByText('Not finished, which counts as last: newspaper once.').waitFor()
  expect(await journey.roundTrip(id)).toContain('kitchen paper = filter paper > newspaper')
  const paper = await open(`/print/${id}/sheets`)
  await anywhere(paper.getByRole('columnheader', { name: 'not finished' }))
})

it('pairs are asked one after the other, by keys alone, and what cannot be is asked about', async ({
  school,
  open,
  journey,
}) => {
  const id = await small(school, 'rock-scratch', (plan) => ({
    levels: kinds(plan, ['chalk', 'slate', 'granite']),
  }))
  const sheet = await journey.openSheet(id, 0, phone)
  const press = async (name: string) => {
    const button = sheet.getByRole('button', { name })
    await button.focus()
    await sheet.keyboard.press('Enter')
  }
  await press('slate')
  await press('Write it down')
  await sheet.getByRole('button', { name: 'granite' }).waitFor()
  const line = sheet.getByRole('region', { name: 'Our line so far' })
  expect(await line.getByRole('listitem').allInnerTexts()).toEqual(['slate', 'chalk'])
  expect(await seriousFindings(sheet)).toEqual([])
  // Below the lower one of the two: the third pair follows.
  await press('chalk')
  await press('Write it down')
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await expect.poll(() => school.counted(id)).toBe(2)
  await sheet.getByText('Slate and granite need no test.').waitFor()
  await press('granite')
  await sheet
    .getByText('Not quite. Slate was harder than chalk and chalk was harder than granite, so slate')
    .waitFor()
  await journey.saysEverywhere(
    id,
    'from hardest to softest: slate, chalk and granite.',
    '2 comparisons were made; one other was never needed',
  )

  // Bell finds slate over chalk and chalk over granite; then, against both, granite over slate.
  const grid = await journey.openGrid(id, 'Bell, chalk or slate')
  await typeCells(grid, 'b')
  // Enter goes on to the pair that is asked next.
  await grid.keyboard.type('a')
  await grid.keyboard.press('Enter')
  await expect.poll(() => school.counted(id)).toBe(4)
  await grid.getByRole('textbox', { name: 'Bell, slate or granite', exact: true }).focus()
  await grid.keyboard.type('c')
  await grid.keyboard.press('Enter')
  await grid.getByText('This doesn’t go with those.').waitFor()
  await grid.keyboard.press('Enter')
  await expect.poll(() => school.counted(id)).toBe(5)
  const compare = await open(`/lessons/${id}/compare`)
  await compare.getByText('These can’t all be true:').waitFor()
  await compare.getByRole('button', { name: 'Repeat slate or granite' }).click()
  await compare.getByRole('button', { name: 'read wrongly' }).click()
  await compare.getByText('These can’t all be true:').waitFor({ state: 'detached' })
  await expect.poll(() => school.counted(id)).toBe(4)
  expect(await journey.roundTrip(id)).toContain('chalk')
  const paper = await open(`/print/${id}/sheets`)
  await anywhere(paper.getByText('most boxes stay empty'))
})

const rust = {
  kind: 'word-scale',
  words: ['shiny (like new)', 'spotted', 'rusty'],
  minutes: [0, 5],
  days: 4,
  score: 'reached',
  awaited: 'spotted',
} as const

it('words are chosen on a Sheet', async ({ school, journey }) => {
  const id = await small(school, 'rusting-clips', () => ({
    recording: { ...rust, words: [...rust.words], minutes: [0, 5], seen: 'once' },
  }))
  const sheet = await journey.openSheet(id)
  await sheet.getByRole('button', { name: /spotted/ }).tap()
  expect(await seriousFindings(sheet)).toEqual([])
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  await sheet.getByRole('button', { name: /shiny like new/ }).tap()
  await sheet.getByRole('button', { name: 'Write it down' }).tap()
  await sheet.getByRole('heading', { name: 'All your tries are in' }).waitFor()
  await expect.poll(() => school.counted(id)).toBe(2)
})

it('words are typed by number or by their beginning, and the day on which each was first seen is told', async ({
  school,
  open,
  journey,
}) => {
  const id = await small(school, 'rusting-clips', () => ({
    recording: { ...rust, words: [...rust.words], minutes: [0, 5], seen: 'days' },
  }))
  const grid = await journey.openGrid(id, 'Leaf, vegetable oil, try 1, day 1')
  for (const row of ['1 2 2 2', 'sh sh sp sp', 'shiny spotted spotted rusty', '1 1 1 1'])
    await typeCells(grid, ...row.split(' '))
  await expect.poll(() => school.counted(id)).toBe(16)
  await grid.keyboard.type('mouldy')
  await grid.keyboard.press('Enter')
  await grid.getByText('“mouldy” is not one of the words. They are 1 shiny, 2 spotted and 3 rusty.').waitFor()
  // Vegetable oil: day 2 and day 2; tap water: day 3 and never, between which there is no middle.
  await journey.saysEverywhere(id, 'vegetable oil day 2 and tap water never')
  const csv = await journey.roundTrip(id)
  expect(csv.split('\r\n')[1]).toContain('Leaf,vegetable oil,1,day 1,shiny,1,typed')
  const paper = await open(`/print/${id}/sheets`)
  await anywhere(paper.getByText('2 spotted'))
})

it('rounds say what was altered, which was best and what each gained', async ({ school, journey }) => {
  const id = await small(school, 'paper-bridge', (plan) => ({
    levels: kinds(plan, ['round 1', 'round 2', 'round 3', 'round 4']),
  }))
  const sheet = await journey.openSheet(id)
  const write = async (round: string, number: string, altered: string) => {
    await sheet.getByRole('heading', { name: round }).waitFor()
    await sheet.getByLabel('number of washers held').fill(number)
    if (altered) await sheet.getByLabel('What did you alter before this round?').fill(altered)
    await sheet.getByRole('button', { name: 'Write it down' }).tap()
  }
  await write('round 1', '6', '')
  await write('round 2', '9', 'folded the sides up')
  await sheet.getByRole('heading', { name: 'round 3' }).waitFor()
  expect(await seriousFindings(sheet)).toEqual([])
  const grid = await journey.openGrid(id, 'Leaf, round 3, try 1')
  await typeCells(grid, '8: rolled the edges', '12: a zigzag')
  await expect.poll(() => school.counted(id)).toBe(4)
  const compare = await journey.saysEverywhere(
    id,
    'best so far 12 in round 4',
    '+3 in round 2, −1 in round 3 and +4 in round 4',
  )
  await compare.getByText('folded the sides up').waitFor()
  expect(await journey.roundTrip(id)).toContain('a zigzag')
})
