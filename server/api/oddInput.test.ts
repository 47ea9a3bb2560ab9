import { afterAll, beforeAll, expect, it } from 'vitest'
import { writeInvestigation } from '#core/format'
import { kitMaterials } from '#core/kit'
import { newId } from '#core/plan'
import { seededRandom, type Random } from '#core/random'
import type { ApiProblem } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { bounceLesson, classInput, sentEntry } from '../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

type Json = null | boolean | number | string | Json[] | { [key: string]: Json }
interface Sent {
  method: string
  path: string
  body: Json
}

/** What no page sends, and somebody will. */
const odd: Json[] = [
  null,
  true,
  0,
  -1,
  0.5,
  1e308,
  9007199254740993,
  '',
  ' ',
  '0',
  '1e9',
  'a\0b',
  'a\ud800b',
  '\udfff',
  '\u202eabc',
  '😀'.repeat(40),
  'W'.repeat(3000),
  '=1+1',
  '__proto__',
  'constructor',
  '0000-01-01',
  '0000-01-01T00:00:00.000Z',
  '1969-12-31T23:59:59.000Z',
  '9999-12-31T23:59:59.999Z',
  '+275760-09-13T00:00:00.000Z',
  '2026-02-30',
  '0192AAAA-0000-7000-8000-000000000001',
  '{0192aaaa-0000-7000-8000-000000000001}',
  '[0192aaaa-0000-7000-8000-000000000001]',
  '0192aaaa000070008000000000000001',
  [],
  {},
  [{}, {}],
  [null, null],
  [[[[]]]],
  { id: {} },
  JSON.parse('{"__proto__":{"x":1},"constructor":1}') as Json,
]

/** One place of a body is made odd, taken out, doubled, or joined by something that nobody knows. */
function madeOdd(body: Json, random: Random): Json {
  const pick = <One>(all: readonly One[]): One => all[Math.floor(random() * all.length)]!
  if (body === null || typeof body !== 'object' || random() < 0.12) return pick(odd)
  if (Array.isArray(body)) {
    const how = random()
    if (body.length === 0 || how < 0.1) return [...body, pick(odd)]
    if (how < 0.2) return [...body, ...body]
    const at = Math.floor(random() * body.length)
    return body.map((one, index) => (index === at ? madeOdd(one, random) : one))
  }
  const keys = Object.keys(body)
  if (keys.length === 0 || random() < 0.05) return { ...body, surplus: pick(odd) }
  const key = pick(keys)
  if (random() < 0.06) return Object.fromEntries(Object.entries(body).filter(([name]) => name !== key))
  return { ...body, [key]: madeOdd(body[key]!, random) }
}

/** Every door through which something is written, with what a page would send. */
async function doors(): Promise<Sent[]> {
  const { own, lesson, path } = await bounceLesson(app)
  const get = async (at: string) => (await app.call<Json>('GET', at)).body as { [key: string]: Json }
  const whole = await get(path)
  const school = whole.school as { [key: string]: Json }
  const groupId = lesson.class.groups[0]!.id
  const levelId = lesson.plan.levels[0]!.id
  const reading = {
    ...{ id: newId(), groupId, levelId, tryNumber: 1, value: 13, typed: '13', given: 'typed' },
    ...{ status: 'counted', reason: '', source: 'sheet', takenAt: '2026-03-09T10:15:00.000Z' },
    supersedes: null,
  }
  const { id: classId, ...classBody } = own
  const claim = {
    ...{ subject: 'trend', comparison: 'more', levelIds: [], strength: 'always' },
    scope: { kind: 'tested' },
  }
  const observation = {
    ...{ groupId, kind: 'noticed', text: 'It spins', source: 'sheet', picture: null },
    ...{ about: { levelId, tryNumber: 1, moment: '' }, seenAt: '2026-03-09T10:20:00.000Z' },
  }
  const observationId = newId()
  const supplyId = newId()
  const supply = {
    id: supplyId,
    ...{ name: 'card', unit: 'sheets', amount: 40, shelf: 'shelf', packSize: null, price: null },
    ...{ instead: [], care: '' },
  }
  const sent: [string, string, unknown][] = [
    ['POST', '/api/classes', classInput()],
    ['PUT', `/api/classes/${classId}`, classBody],
    ['POST', `/api/classes/${classId}/roster-preview`, { csv: 'name,group\nAda,Leaf' }],
    ['POST', `/api/classes/${classId}/roster`, { csv: 'name,group\nAda,Leaf' }],
    ['POST', '/api/lessons', { classId, date: '2026-03-09', from: { kind: 'starter', id: 'ball-bounce' } }],
    ['PATCH', path, { date: '2026-03-10', stage: 'test' }],
    ['POST', `${path}/safety`, { initials: 'AB', version: 0 }],
    ['PUT', `${path}/plan`, { plan: whole.plan, version: 0 }],
    ['POST', `${path}/entries`, { entries: [sentEntry(lesson)] }],
    ['POST', `${path}/readings`, { readings: [reading] }],
    [
      'PUT',
      `${path}/predictions/${groupId}`,
      { seat: 0, answer: { format: 'direction', direction: 'more' }, because: 'so' },
    ],
    ['PUT', `${path}/conclusion`, { conclusion: whole.conclusion, version: 0 }],
    ['POST', `${path}/claim/check`, { claim }],
    ['PUT', `${path}/stimulus`, { text: 'A ball', picture: null }],
    ['PUT', `${path}/notes/${newId()}`, { kind: 'noticed', text: 'red', sort: null, settled: false }],
    ['PUT', `${path}/observations/${observationId}`, observation],
    ['PATCH', `${path}/observations/${observationId}`, { kind: 'guessed', text: 'x', onBoard: true }],
    ['POST', `${path}/parts`, { groupIds: [lesson.class.groups[2]!.id] }],
    ['PUT', `${path}/ticks`, { ticks: [{ materialId: 'm', place: groupId, amount: 1 }] }],
    [
      'PUT',
      `${path}/counts`,
      { counts: [{ materialId: kitMaterials(lesson.plan)[0]!.material.id, back: 3, broken: 0 }] },
    ],
    ['PUT', '/api/school/ways', school.ways],
    ['PUT', '/api/school/cupboard', { cupboard: school.cupboard }],
    ['PUT', '/api/school/calendar', school.calendar],
    ['POST', '/api/school/calendar-preview', { text: 'BEGIN:VCALENDAR\nEND:VCALENDAR' }],
    ['PUT', `/api/school/supplies/${supplyId}`, supply],
    ['POST', '/api/school/supplies', { csv: 'name,amount\ncard,40' }],
    ['POST', '/api/school/supplies/preview', { csv: 'name,amount\ncard,40' }],
    ['POST', '/api/investigations/import', { text: writeInvestigation(lesson.plan) }],
  ]
  return sent.map(([method, at, body]) => ({
    method,
    path: at,
    body: JSON.parse(JSON.stringify(body)) as Json,
  }))
}

it('every door takes what a page sends', async () => {
  const refused: string[] = []
  for (const { method, path, body } of await doors()) {
    const { status, body: answer } = await app.call<ApiProblem>(method, path, body)
    if (status >= 400) refused.push(`${status} ${method} ${path} ${answer.error.message}`)
  }
  expect(refused).toEqual([])
})

it('nothing that a client sends is an error of the server, and every refusal says what to do', async () => {
  const random = seededRandom(20261126)
  const wrong: string[] = []
  const counts = { taken: 0, refused: 0 }
  let all = await doors()
  for (let turn = 0; turn < 3000; turn++) {
    // A fresh lesson now and then: plans and classes get worn by what is taken of all this.
    if (turn % 300 === 299) all = await doors()
    const { method, path, body } = all[turn % all.length]!
    const sent = madeOdd(body, random)
    const { status, body: answer } = await app.call<ApiProblem>(method, path, sent)
    counts[status < 400 ? 'taken' : 'refused']++
    if (status >= 500 || (status >= 400 && !answer.error?.message))
      wrong.push(`${status} ${method} ${path} ${JSON.stringify(sent).slice(0, 600)}`)
  }
  expect(wrong).toEqual([])
  // Neither all nothing nor all nonsense: both ways are walked.
  expect(Math.min(counts.taken, counts.refused)).toBeGreaterThan(300)
}, 120_000)

it('half an emoji, cut by a field that was full, goes; all else of the text stays', async () => {
  const { path } = await bounceLesson(app)
  const stimulus = { text: 'It bounces 😀 \ud83d', picture: null }
  expect((await app.call('PUT', `${path}/stimulus`, stimulus)).body).toEqual({
    text: 'It bounces 😀',
    picture: null,
  })
})

it('an identifier in capitals is the same one', async () => {
  const { lesson, path } = await bounceLesson(app)
  const one = sentEntry(lesson)
  for (const id of [one.id, one.id.toUpperCase()])
    expect((await app.call('POST', `${path}/entries`, { entries: [{ ...one, id }] })).status).toBe(200)
  expect((await app.call<{ entries: unknown[] }>('GET', path)).body.entries).toHaveLength(1)
})

it.each(['1970-01-01T00:00:07.000Z', '9999-01-01T00:00:00.000Z'])(
  'what a tablet saw while its clock said %s is kept, at the time at which it comes',
  async (takenAt) => {
    const { lesson, path } = await bounceLesson(app)
    const before = Date.now()
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson, { takenAt })] })
    const [kept] = (await app.call<{ entries: { takenAt: string }[] }>('GET', path)).body.entries
    expect(Date.parse(kept!.takenAt)).toBeGreaterThanOrEqual(before)
    expect(Date.parse(kept!.takenAt)).toBeLessThanOrEqual(Date.now())
  },
)
