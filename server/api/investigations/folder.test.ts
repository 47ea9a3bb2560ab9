import { mkdtempSync, mkdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { writeInvestigation } from '#core/format'
import { starters } from '#starters'
import type { ApiProblem, ClassDto, InvestigationDto, LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson } from '../../testing/examples'

let app: ApiApp
let own: ClassDto
const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-investigations-'))
beforeAll(async () => {
  process.env.JOLLY_INVESTIGATIONS = folder
  app = await startApiApp()
  own = (await bounceLesson(app)).own
})
afterAll(async () => {
  delete process.env.JOLLY_INVESTIGATIONS
  rmSync(folder, { recursive: true })
  await app.close()
})

const bubbles = starters.find(({ id }) => id === 'bubble-lifetime')!.plan
const put = (name: string, text: string) => writeFileSync(join(folder, name), text)
const listed = async () =>
  (await app.call<InvestigationDto[]>('GET', '/api/investigations')).body.filter(
    ({ kind }) => kind === 'file',
  )
const start = (name: string) =>
  app.call<{ id: string }>('POST', '/api/lessons', {
    ...{ classId: own.id, date: '2026-03-09', from: { kind: 'file', name } },
  })

it('lists the files of a folder as they are, and starts lessons from them', async () => {
  put('bubbles.json', writeInvestigation({ ...bubbles, title: 'Our bubbles' }))
  mkdirSync(join(folder, 'more.json'))
  put('notes.txt', 'not for us')
  put('half.json', writeInvestigation(bubbles).slice(0, 200))
  expect(await listed()).toMatchObject([
    { id: 'bubbles.json', title: 'Our bubbles', question: bubbles.question, isBroken: false },
    { id: 'half.json', title: 'half.json', isBroken: true },
    { id: 'more.json', about: 'We can’t read it. Put the file there again.', isBroken: true },
  ])
  const { body } = await start('bubbles.json')
  const lesson = async (id: string) => (await app.call<LessonDto>('GET', `/api/lessons/${id}`)).body.plan
  expect((await lesson(body.id)).title).toBe('Our bubbles')
  // Started twice, it stands in the list once.
  await start('bubbles.json')
  const titles = (await app.call<InvestigationDto[]>('GET', '/api/investigations')).body.map(
    ({ title }) => title,
  )
  expect(titles.filter((title) => title === 'Our bubbles')).toHaveLength(1)
  // Another file now, and the lesson from before stays.
  put('bubbles.json', writeInvestigation({ ...bubbles, title: 'Our bubbles, changed' }))
  utimesSync(join(folder, 'bubbles.json'), new Date(), new Date(Date.now() + 5000))
  expect((await listed())[0]!.title).toBe('Our bubbles, changed')
  expect((await lesson(body.id)).title).toBe('Our bubbles')
})

it.each([
  ['../bubbles.json', 404],
  ['notes.txt', 404],
  ['', 404],
  ['half.json', 400],
  ['a\u0000b.json', 400],
])('refuses to start from %j', async (name, status) => {
  const refused = await start(name)
  expect([refused.status, (refused.body as unknown as ApiProblem).error.message]).toEqual([
    status,
    expect.stringMatching(/\.$/),
  ])
})
