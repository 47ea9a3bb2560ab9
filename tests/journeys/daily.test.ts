import { expect } from 'vitest'
import { anywhere, phone } from '../support/browser'
import { journeysInOwnSchool, write } from '../support/journey'

// It changes the calendar.
const it = journeysInOwnSchool()

it('a daily lesson asks only for today, says what is due, and shows what grows', async ({
  school,
  open,
  journey,
}) => {
  const today = new Date().toLocaleDateString('sv')
  // Whatever day the test runs on is a school day here.
  const { calendar } = await school.school()
  await school.send('PUT', '/api/school/calendar', { ...calendar, weekend: [], closed: [] })
  const id = await school.small(
    'bean-sprouts',
    () => ({ recording: { kind: 'daily', days: 3, score: 'end' } }),
    today,
  )
  const { plan } = await school.lesson(id)
  const sheet = await journey.openSheet(id, 0, phone)
  for (const level of plan.levels) await write(sheet, `${level.name}, day 1`, '12')
  await sheet.getByText('That’s all for today. The next readings are on').waitFor()
  await expect
    .poll(async () => (await school.lesson(id)).entries.map((one) => one.fields.at?.value))
    .toEqual([today, today])
  const logbook = await open('/')
  await anywhere(logbook.getByText('10 readings due today'))
  const compare = await open(`/lessons/${id}/compare`)
  await compare
    .getByRole('heading', { name: /^So far: on the window sill 12 mm and at the back of the room 12 mm/ })
    .waitFor()
})
