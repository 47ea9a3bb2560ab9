import { afterAll, beforeAll, expect, it } from 'vitest'
import type { ApiProblem } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

it.each([
  ['md', 'text/markdown', '# Ball bounce\n', '## What we measured'],
  ['html', 'text/html', '<!doctype html>', '<h2>What we measured</h2>'],
])('the report of a lesson is a file: %s', async (ending, type, begins, table) => {
  const { lesson, path } = await bounceLesson(app)
  const reading = sentEntry(lesson, { value: 13 })
  const other = sentEntry(lesson, { value: 28, levelId: lesson.plan.levels[1]!.id })
  await app.call('POST', `${path}/entries`, { entries: [reading, other] })
  const response = await fetch(`${app.url}${path}/report.${ending}`)
  expect(response.status).toBe(200)
  expect(response.headers.get('content-type')).toContain(type)
  expect(response.headers.get('content-disposition')).toContain(`Ball bounce.${ending}`)
  const text = await response.text()
  expect(text.startsWith(begins)).toBe(true)
  for (const said of [table, '13 cm', '28 cm', lesson.plan.question]) expect(text).toContain(said)
})

it('of no lesson there is no report', async () => {
  const { status, body } = await app.call<ApiProblem>(
    'GET',
    '/api/lessons/00000000-0000-4000-8000-000000000000/report.md',
  )
  expect([status, body.error.message]).toEqual([404, 'This lesson is not here. It may have been removed.'])
})
