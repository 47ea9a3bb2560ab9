import { errors, type Browser, type Locator, type Page } from 'playwright-core'
import { afterEach, beforeEach, expect, it } from 'vitest'
import type { RunningServer } from '../../scripts/runServer'
import { startServer } from '../support/startServer'
import { classInput } from '../../server/testing/examples'
import { testingOf, testingSince } from '#core/timetable'
import type { ClassDto } from '#shared/types/api'
import { desk, openBrowser, openPage, phone, seriousFindings, type Screen } from '../support/browser'
import { dataFolder } from '../support/dataFolder'
import { schoolAt } from '../support/school'

/** Twelve seconds of the school for each of ours. */
const environment = { JOLLY_CLOCK: `12 since ${new Date().toISOString()}` }

let server: RunningServer
let browser: Browser
const pageErrors: string[] = []
beforeEach(async () => {
  server = await startServer(dataFolder('empty'), { environment })
  browser = await openBrowser()
})
afterEach(async () => {
  await browser.close()
  await server.stop()
  server.forget()
  expect(pageErrors).toEqual([])
})

async function show(path: string, screen: Screen): Promise<Page> {
  const { page, watch } = await openPage(browser, server.url, screen)
  await page.goto(server.url + path)
  page.on('close', () => pageErrors.push(...watch.errors))
  return page
}

/**
 * Three bottles of a group, read at 3 and 12 minutes with its one thermometer, which takes 20 s. A reading is only missed when the next
 * one of its bottle has come: so far apart, none is on a busy machine either.
 */
async function jacketsLesson() {
  const school = schoolAt(server)
  const own = await school.send<ClassDto>(
    'POST',
    '/api/classes',
    classInput({ groups: classInput().groups.slice(0, 2) }),
  )
  const { id } = await school.send<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: own.id, date: '2031-03-10', from: { kind: 'starter', id: 'bottle-jackets' } },
  })
  const plan = await school.changePlan(id, (whole) => ({
    levels: whole.levels.slice(0, 3),
    recording: { kind: 'intervals', minutes: [3, 12], score: 'lost' },
    measured: { ...whole.measured, instrument: { ...whole.measured.instrument, secondsPerReading: 20 } },
    times: { talk: 1, predict: 1, handOut: 1, clear: 1, share: 1, setUp: 10, reset: 5 },
  }))
  await school.confirmCautions(id)
  const levelIds = plan.levels.map((level) => level.id)
  for (const place of own.groups.keys()) await school.predict(id, place, { format: 'order', levelIds })
  return { school, id, groups: own.groups, plan }
}

/** Presses a button that is there; not where the Sheet has gone on meanwhile to what its clock says next. */
async function pressIfThere(button: Locator): Promise<boolean> {
  try {
    await button.click({ timeout: 5000 })
    return true
  } catch (error) {
    if (!(error instanceof errors.TimeoutError)) throw error
    return false
  }
}

/** A group that does what its Sheet says, when it says so, until all is in. */
async function follow(sheet: Page, read: () => Promise<void>): Promise<void> {
  const done = sheet.getByRole('heading', { name: 'All your tries are in' })
  const startNow = sheet.getByText('Start it now')
  const readNow = sheet.getByRole('status').filter({ hasText: /Read now|late: read it now/ })
  const goOn = sheet.getByRole('button', { name: 'Go on' })
  for (;;) {
    await done.or(startNow).or(readNow).or(goOn).first().waitFor()
    if (await done.isVisible()) return
    if (await goOn.isVisible()) await pressIfThere(goOn)
    else if (await startNow.isVisible()) await pressIfThere(sheet.getByRole('button', { name: /^Start / }))
    else {
      const heading = await sheet.getByRole('heading', { level: 1 }).textContent()
      await sheet.getByRole('textbox').fill('40')
      if (!(await pressIfThere(sheet.getByRole('button', { name: 'Write it down' })))) continue
      await sheet
        .getByRole('heading', { level: 1, name: heading!.trim(), exact: true })
        .waitFor({ state: 'detached' })
      await read()
    }
  }
}

it('runs a staggered lesson on Board, Desk and two Sheets, also while the server is started anew', async () => {
  const { id, groups, school, plan } = await jacketsLesson()
  const board = await show(`/board/${id}`, desk)
  const teacher = await show(`/lessons/${id}/test`, desk)
  const sheets = await Promise.all(groups.map((group) => show(`/sheet/${id}/${group.id}`, phone)))
  for (const sheet of sheets) await sheet.getByRole('button', { name: 'We are ready' }).click()

  const bar = teacher.getByRole('region', { name: 'Class clock' })
  await bar.getByRole('button', { name: 'Start the lesson’s clock' }).click()
  await Promise.all([
    board.getByText('Talk', { exact: true }).waitFor(),
    ...sheets.map((sheet) => sheet.getByText('Talk').waitFor()),
  ])
  expect(await seriousFindings(board)).toEqual([])
  for (const step of ['Predict', 'Hand out', 'Test']) {
    await bar.getByRole('button', { name: 'Next step' }).click()
    await bar.getByText(step, { exact: true }).waitFor()
  }
  await board.getByText('Leaf: start no jacket').waitFor()

  let read = 0
  const half = plan.levels.length * 2
  let restarted: Promise<void> | null = null
  const startAnew = async () => {
    const port = Number(new URL(server.url).port)
    await server.stop()
    server = await startServer(server.folder, { port, environment })
  }
  await Promise.all(
    sheets.map((sheet) =>
      follow(sheet, async () => {
        read++
        if (read >= half && !restarted) restarted = startAnew()
        await restarted
      }),
    ),
  )
  expect(restarted).not.toBeNull()

  // The table is full, and the clock goes on where it was.
  await bar.getByText('Test', { exact: true }).waitFor()
  await teacher.getByText('12 of 12').first().waitFor()
  const { entries, clock } = await school.lesson(id)
  expect(clock!.at).toBe(3)
  expect(entries.filter((one) => one.moment !== 'start')).toHaveLength(12)
  // Nothing was started sooner than keeps the readings of a group apart.
  const { class: own, school: settings } = await school.lesson(id)
  const testing = testingOf(plan, {
    ...{ age: own.ageBand, groups: groups.length, lessonMinutes: settings.ways.lessonMinutes },
    cupboard: settings.cupboard,
  })
  const since = testingSince(clock!)!
  for (const { groupIndex, levelId, at } of testing.starts) {
    const start = entries.find(
      (one) => one.moment === 'start' && one.groupId === groups[groupIndex]!.id && one.levelId === levelId,
    )!
    expect(Date.parse(String(start.fields.at!.value)) - since).toBeGreaterThanOrEqual(at * 1000)
  }

  await bar.getByRole('button', { name: 'More with the clock' }).click()
  await teacher.getByText('Cut the lesson short here').click()
  await board.getByRole('button', { name: 'Clock' }).click()
  await board.getByText('We stop here').waitFor()
  await bar.getByText(/^Planned \d+ min, took \d+.*It was cut short\.$/).waitFor()
})
