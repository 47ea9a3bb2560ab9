import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { phone, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'

const it = inDemoSchool

const said = (page: Page, words: RegExp | string) =>
  page.getByRole('status').filter({ hasText: words }).waitFor()
const clock = (page: Page) => page.getByRole('region', { name: 'Class clock' })

it('says whether the lesson fits, and takes a way to fit in one press, which can be undone', async ({
  school,
  open,
}) => {
  const id = await school.begin('bottle-jackets')
  // Enough adults to pour at every table at once.
  await school.changePlan(id, (plan) => ({ times: { ...plan.times, lesson: 45, adults: 6 } }))
  const page = await open(`/lessons/${id}/plan`)
  const fits = page.getByRole('region', { name: 'Fits' })
  await fits.getByText('About 71 minutes: 26 more than the lesson has.').waitFor()
  await fits.getByRole('link', { name: 'See it as a time line' }).click()
  await said(page, 'About 71 minutes')
  await page.getByText('The last reading, at 40 minutes, says how long it takes.').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const ways = page.getByRole('group', { name: 'Ways to fit' })
  await ways.getByRole('button', { name: /^Stop after 10 minutes/ }).click()
  await said(page, 'About 41 of 45 minutes, 4 to spare.')
  await page.getByTitle('Undo (u)').click()
  await said(page, 'About 71 minutes')
})

it('reckons with a time as soon as it is typed over, and estimates it again when it is emptied', async ({
  school,
  open,
}) => {
  const page = await open(`/lessons/${await school.begin('ball-bounce')}/plan?view=time`)
  await said(page, 'About 33 of 45 minutes, 12 to spare.')
  const talk = page.getByRole('button', { name: /^Minutes to talk/ })
  await talk.click()
  await page.getByRole('textbox', { name: 'Minutes to talk' }).fill('15')
  await said(page, 'About 43 of 45 minutes, 2 to spare.')
  await page.getByRole('textbox', { name: 'Minutes to talk' }).fill('200')
  await page.getByText('This must be at most 120.').waitFor()
  await page.getByRole('textbox', { name: 'Minutes to talk' }).fill('')
  await said(page, 'About 33 of 45 minutes')
})

it('reckons with the adults there are, where something is only for them', async ({ school, open }) => {
  const page = await open(`/lessons/${await school.begin('bottle-jackets')}/plan?view=time`)
  await said(page, 'About 75 of 75 minutes, none to spare.')
  await page.getByText('The one adult is the queue: a second saves about 4 minutes.').waitFor()
  await page.getByRole('combobox', { name: 'How many adults there are' }).selectOption('2')
  await said(page, 'About 71 of 75 minutes, 4 to spare.')
  await page.getByTitle('Undo (u)').click()
  await said(page, 'About 75 of 75 minutes')
})

it('shows what is the queue, and what one more would save', async ({ school, open }) => {
  const id = await school.begin('dough-shapes')
  await school.changePlan(id, (plan) => ({
    measured: { ...plan.measured, instrument: { ...plan.measured.instrument, secondsPerReading: 60 } },
  }))
  const page = await open(`/lessons/${id}/plan?view=time`)
  await page.getByText(/^The 3 balances are the queue: a fourth saves about \d+ minutes\./).waitFor()
})

it('runs the clock on two Desks: of two presses at once one counts, and the other is told', async ({
  school,
  open,
}) => {
  const id = await school.begin('ball-bounce')
  const [one, two] = [await open(`/lessons/${id}/test`), await open(`/lessons/${id}/test`)]
  await clock(one).getByRole('button', { name: 'Start the lesson’s clock' }).click()
  await clock(two).getByText('Talk', { exact: true }).waitFor()
  // The second Desk presses for what it saw before the first one's press arrived.
  const { clockVersion: version } = await school.lesson(id)
  await clock(one).getByRole('button', { name: 'Next step' }).click()
  await clock(one).getByText('Predict', { exact: true }).waitFor()
  const late = await school.send<{ done: boolean; clock: { at: number } }>(
    'POST',
    `/api/lessons/${id}/clock`,
    {
      ...{ act: { kind: 'next' }, version },
    },
  )
  expect(late).toMatchObject({ done: false, clock: { at: 1 } })
  await clock(two).getByRole('button', { name: 'Pause' }).click()
  await clock(one).getByText('paused').waitFor()
  await clock(one).getByRole('button', { name: 'Go on' }).click()
  await clock(two).getByRole('button', { name: 'Pause' }).waitFor()
  await clock(one).getByRole('button', { name: '2 minutes more' }).click()
  await clock(two).getByRole('timer').filter({ hasText: /^5:/ }).waitFor()
  await clock(one).getByRole('button', { name: 'Back to the step before' }).click()
  await clock(two).getByText('Talk', { exact: true }).waitFor()
})

it('goes by the server, whatever the clock of a device says', async ({ school, open }) => {
  const id = await school.begin('ball-bounce')
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'start' }, version: 0 })
  const page = await open('/')
  await page.addInitScript(() => {
    const real = Date.now.bind(Date)
    Date.now = () => real() + 5 * 60 * 60 * 1000
  })
  await page.goto(`${school.url}/lessons/${id}/test`)
  await clock(page).getByRole('timer').filter({ hasText: /^4:/ }).waitFor()
})

it('stops for another day and goes on there, and is cut short in one press', async ({ school, open }) => {
  const id = await school.begin('ball-bounce')
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'start' }, version: 0 })
  const page = await open(`/lessons/${id}/test`)
  await clock(page).getByRole('button', { name: 'More with the clock' }).click()
  await page.getByText('Stop here, go on another day').click()
  await clock(page).getByText('goes on another day').waitFor()
  await page.reload()
  await clock(page).getByRole('button', { name: 'Go on where it stopped' }).click()
  await clock(page).getByRole('button', { name: 'Pause' }).waitFor()
  await clock(page).getByRole('button', { name: 'More with the clock' }).click()
  await page.getByText('Cut the lesson short here').click()
  await clock(page)
    .getByText(/It was cut short\.$/)
    .waitFor()
  await page.goto(school.url)
  await page
    .getByText(/^Planned 5 min, took 0: talking took 0 in place of 5\. It was cut short\.$/)
    .first()
    .waitFor()
})

it('turns roles fairly, leaves out who is absent, and shows both on the Sheet', async ({ school, open }) => {
  const id = await school.small('ball-bounce', () => ({
    prediction: { format: 'choice', because: true, who: 'group' },
  }))
  const { class: own } = await school.lesson(id)
  const sheet = await open(`/sheet/${id}/${own.groups[0]!.id}`, phone)
  await sheet.getByRole('button', { name: 'We are ready' }).click()
  const who = sheet.getByLabel('Who does what')
  await who.waitFor()
  const starter = /^(\S+) starts the try/.exec((await who.textContent())!)![1]!
  const desk = await open(`/lessons/${id}/test`)
  await desk.getByRole('button', { name: 'Who', exact: true }).click()
  await desk.getByRole('button', { name: starter, exact: true }).click()
  await desk
    .getByRole('button')
    .filter({ hasText: `${starter}, absent` })
    .waitFor()
  expect(await seriousFindings(desk)).toEqual([])
  await expect.poll(() => who.textContent()).not.toContain(starter)
  // Names are for Sheets and Desks, never for the Board.
  const board = await open(`/board/${id}`)
  await board.getByRole('button', { name: 'Clock' }).waitFor()
  for (const name of (await desk.locator('.members').first().innerText()).split('\n'))
    expect(await board.content()).not.toContain(name)
})

it('says on the Board who is at which station, and who a volunteer comes from', async ({ school, open }) => {
  const id = await school.small('shoe-grip', () => ({ whoTests: 'stations' as const }))
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'start' }, version: 0 })
  for (const version of [1, 2, 3])
    await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'next' }, version })
  const board = await open(`/board/${id}`)
  const where = board.getByRole('list', { name: 'Who is where' })
  await where.getByText('Leaf').waitFor()
  expect(await where.getByRole('listitem').allInnerTexts()).toEqual([
    ...[
      'Leaf\nsmooth plastic',
      'Bell\nfelt slipper',
      'Key\nwaits',
      'Fish\nwaits',
      'Moon\nwaits',
      'Anchor\nwaits',
    ],
  ])
  expect(await seriousFindings(board)).toEqual([])
  const together = await school.small('shoe-grip', () => ({ whoTests: 'whole-class' as const }))
  await board.goto(`${school.url}/board/${together}`)
  await board.getByRole('button', { name: 'Results' }).click()
  await board.getByText('Smooth plastic, try 1. A volunteer from').waitFor()
})

it('prints a run sheet with the steps, the cautions and where the kit is', async ({ school, open }) => {
  const id = await school.begin('bottle-jackets')
  const page = await open(`/print/${id}/run`)
  await page.getByRole('row', { name: /^13–65 Test/ }).waitFor()
  await page.getByText('as warm as a bath and no warmer').waitFor()
  await page.getByText('Nobody has checked the school’s own risk assessment').waitFor()
  await page.getByText('6.6 L warm water, 40 °C: with the teacher').waitFor()
})

it('has Board text that is read from the back of the room', async ({ school, open }) => {
  const id = await school.begin('bottle-jackets')
  await school.send('POST', `/api/lessons/${id}/clock`, { act: { kind: 'start' }, version: 0 })
  const board = await open(`/board/${id}`, { viewport: { width: 1920, height: 1080 } })
  await board.getByRole('button', { name: 'Next step' }).waitFor()
  const small = await board.evaluate(() =>
    [...document.querySelectorAll('body *')]
      .filter((one) =>
        [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent!.trim() !== ''),
      )
      .filter((one) => one.checkVisibility() && !one.closest('.visually-hidden, style, script'))
      .filter((one) => Number.parseFloat(getComputedStyle(one).fontSize) < 47.9)
      .map((one) => one.textContent),
  )
  expect(small).toEqual([])
})
