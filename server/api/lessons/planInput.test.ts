import { afterAll, beforeAll, expect, it } from 'vitest'
import type { Plan } from '#core/plan'
import type { ApiProblem, LessonDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const level = (id: string, value: number) => ({ id, name: '', value, baseline: false, picture: null })
const changed = { name: 'a', kind: 'number', unit: 'cm', range: null }
const bad: [what: string, changes: Record<string, unknown>, field: string, words: RegExp][] = [
  [
    '40 levels',
    { levels: Array.from({ length: 40 }, (_, at) => level(`l${at}`, at)) },
    'plan.levels',
    /at most 12/,
  ],
  ['two levels of one identifier', { levels: [level('a', 1), level('a', 2)] }, 'plan.levels.1', /twice/],
  ['a level beyond all numbers', { levels: [level('a', 1e9)] }, 'plan.levels.0.value', /at most 1000000/],
  ['eleven tries', { tries: 11 }, 'plan.tries', /from 0 to 10/],
  ['a sign that no database keeps', { question: 'why\0' }, 'plan.question', /can’t keep/],
  ['half a try', { tries: 1.5 }, 'plan.tries', /whole number/],
  ['a number that is a text', { tries: '3' }, 'plan.tries', /whole number/],
  [
    'a level that is a text',
    { levels: [{ ...level('a', 1), value: '12' }] },
    'plan.levels.0.value',
    /number/,
  ],
  [
    'a yes that is a text',
    { levels: [{ ...level('a', 1), baseline: 'true' }] },
    'plan.levels.0.baseline',
    /boolean/,
  ],
  ['a question of 5,000 letters', { question: 'x'.repeat(5000) }, 'plan.question', /too long/],
  ['an absurd unit', { changed: { ...changed, unit: 'parsec' } }, 'plan.changed.unit', /Choose one of/],
  [
    'a set-up that ends where it starts',
    { changed: { ...changed, range: { least: 5, greatest: 5 } } },
    'plan.changed.range.greatest',
    /further/,
  ],
  [
    'a way of recording nobody knows',
    { recording: { kind: 'smell' } },
    'plan.recording.kind',
    /Choose one of/,
  ],
  [
    'a reading long after the lesson',
    { recording: { kind: 'intervals', minutes: [0, 5000], score: 'lost' } },
    'plan.recording.minutes.1',
    /at most 600/,
  ],
  [
    'words said twice',
    { recording: { kind: 'word-scale', words: ['shiny', 'shiny'] } },
    'plan.recording.words.1',
    /twice/,
  ],
  ['a field from elsewhere', { colour: 'red' }, 'plan.colour', /not allowed/],
]

it.each(bad)('%s: told at the right field, the rest of the plan kept', async (_, changes, field, words) => {
  const { path, lesson } = await bounceLesson(app)
  const answer = await app.call<ApiProblem>('PUT', `${path}/plan`, {
    plan: changedPlan(lesson, changes as Partial<Plan>),
    version: 0,
  })
  expect(answer.status).toBe(400)
  expect(answer.body.error.fields.map((one) => one.path)).toContain(field)
  expect(answer.body.error.fields.find((one) => one.path === field)!.message).toMatch(words)
  expect((await app.call<LessonDto>('GET', path)).body.plan).toEqual(lesson.plan)
})

it('takes no levels, no tries, and any letters in a name, since a plan may be unfinished', async () => {
  const { path, lesson } = await bounceLesson(app)
  const plan = changedPlan(lesson, { levels: [], tries: 0, title: 'Bälle 🎾 “hüpfen”', expected: null })
  expect((await app.call('PUT', `${path}/plan`, { plan, version: 0 })).status).toBe(200)
  expect((await app.call<LessonDto>('GET', path)).body.plan).toEqual(plan)
})
