import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '#core/calendar'
import { newId } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson } from '../testing/examples'
import { deleteOldPictures, picturesGoing } from './oldPictures'

const dot = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='

let app: ApiApp
let path: string
beforeEach(async () => {
  app = await startApiApp()
  ;({ path } = await bounceLesson(app))
})
afterEach(() => app.close())

const take = (seenAt: string, text = 'a dent') =>
  app.call('PUT', `${path}/observations/${newId()}`, {
    groupId: null,
    kind: 'noticed',
    text,
    about: null,
    source: 'desk',
    seenAt,
    picture: dot,
  })
const kept = async () => {
  const { observations } = (await app.call<LessonDto>('GET', path)).body
  return observations.map(({ picture, text }) => [text, picture !== null])
}
const on = (day: string) => deleteOldPictures(app.database.db, day)
async function onEachDay(from: string, days: number): Promise<number[]> {
  const deleted: number[] = []
  for (let day = 0; day < days; day++) deleted.push(await on(addDays(from, day)))
  return deleted
}
const going = (day: string) => picturesGoing(app.database.db, day)

describe('pictures that children took', () => {
  it('are announced for a week, then deleted for good; what was said stays', async () => {
    await take('2026-03-09T10:00:00.000Z', 'old')
    await take('2026-09-14T10:00:00.000Z', 'young')
    expect([await on('2027-07-20'), await going('2027-07-20')]).toEqual([0, null])
    expect([await on('2027-07-27'), await going('2027-07-27')]).toEqual([0, { count: 1, day: '2027-08-03' }])
    await onEachDay('2027-07-28', 5)
    expect([await on('2027-08-02'), await kept()]).toEqual([
      0,
      [
        ['old', true],
        ['young', true],
      ],
    ])
    expect([await on('2027-08-03'), await kept()]).toEqual([
      1,
      [
        ['old', false],
        ['young', true],
      ],
    ])
    expect(await going('2027-08-03')).toBeNull()
  })

  it('wait for a week that everybody can read it, also where the machine was off meanwhile', async () => {
    await take('2026-03-09T10:00:00.000Z')
    expect([await on('2029-01-10'), await going('2029-01-10')]).toEqual([0, { count: 1, day: '2029-01-17' }])
    // Nobody was there to read it.
    expect([await on('2029-01-20'), await going('2029-01-20')]).toEqual([0, { count: 1, day: '2029-01-27' }])
    expect(await onEachDay('2029-01-21', 7)).toEqual([0, 0, 0, 0, 0, 0, 1])
  })

  it('stay for good where the school says so', async () => {
    const { ways } = (await app.call<LessonDto>('GET', path)).body.school
    await app.call('PUT', '/api/school/ways', { ...ways, pictures: { keep: 'for-good', yearEnds: 7 } })
    await take('2020-03-09T10:00:00.000Z')
    expect(await onEachDay('2030-01-01', 9)).toEqual(Array(9).fill(0))
    expect(await kept()).toEqual([['a dent', true]])
    await app.call('PUT', '/api/school/ways', ways)
  })
})
