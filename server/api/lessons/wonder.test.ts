import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId, type Plan } from '#core/plan'
import { wonderLimits, type Note } from '#core/wonder'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan } from '../../testing/examples'
import { collectMessages, positionOf } from '../../testing/collectMessages'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const note = (changes: Partial<Note> = {}): Note => ({
  id: newId(),
  kind: 'asking',
  text: 'Does it bounce on carpet?',
  sort: null,
  settled: false,
  ...changes,
})
const send = (path: string, { id, ...body }: Note) => app.call<Note>('PUT', `${path}/notes/${id}`, body)
const notesOf = async (path: string) => (await app.call<LessonDto>('GET', path)).body.notes
const pixel = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='),
  (letter) => letter.charCodeAt(0),
)
/** What there is to be seen: a picture is drawn anew when it is kept. */
const dots = (picture: ArrayBuffer | Uint8Array) => sharp(picture).ensureAlpha().raw().toBuffer()
const upload = async (bytes: Uint8Array<ArrayBuffer>) => {
  const answer = await fetch(`${app.url}/api/pictures`, {
    method: 'POST',
    body: bytes,
    headers: { origin: app.url, 'content-type': 'application/octet-stream' },
  })
  return { status: answer.status, body: (await answer.json()) as { id: string } }
}

describe('notes', () => {
  it('are written, changed in their place, taken off and brought back', async () => {
    const { path } = await bounceLesson(app)
    const [first, second] = [note({ kind: 'noticed', text: 'It is red' }), note()]
    for (const one of [first, second]) expect((await send(path, one)).status).toBe(200)
    await send(path, { ...first, kind: 'guessed', settled: true })
    expect(await notesOf(path)).toEqual([{ ...first, kind: 'guessed', settled: true }, second])
    expect((await app.call('DELETE', `${path}/notes/${first.id}`)).status).toBe(200)
    expect(await notesOf(path)).toEqual([second])
    expect((await app.call('DELETE', `${path}/notes/${first.id}`)).status).toBe(404)
    await send(path, first)
    expect(await notesOf(path)).toEqual([first, second])
  })

  it('reach every screen that has the lesson open', async () => {
    const { path, lesson } = await bounceLesson(app)
    const one = note()
    await send(path, one)
    expect(await collectMessages(app, [positionOf(lesson)], 1)).toMatchObject([
      { event: { kind: 'note', note: one } },
    ])
  })

  it.each([
    [{ text: '' }, 'text'],
    [{ text: 'x'.repeat(5000) }, 'text'],
    [{ kind: 'shouted' as never }, 'kind'],
    [{ sort: 'perhaps' as never }, 'sort'],
  ])('refuse %o at the right field', async (changes, field) => {
    const { path } = await bounceLesson(app)
    const answer = await send(path, note(changes))
    expect(answer).toMatchObject({ status: 400, body: { error: { fields: [{ path: field }] } } })
    expect(await notesOf(path)).toEqual([])
  })

  it('keep an emoji and stop when the board is full', async () => {
    const { path } = await bounceLesson(app)
    expect((await send(path, note({ text: 'Why 🎈?' }))).body.text).toBe('Why 🎈?')
    for (let index = 1; index < wonderLimits.notes; index++) await send(path, note({ text: `note ${index}` }))
    expect(await send(path, note())).toMatchObject({
      status: 409,
      body: { error: { message: expect.stringContaining('full') } },
    })
  })

  it('do not wander into another lesson', async () => {
    const [mine, theirs] = [await bounceLesson(app), await bounceLesson(app)]
    const one = note()
    await send(mine.path, one)
    expect((await send(theirs.path, one)).status).toBe(409)
    expect((await app.call('DELETE', `${theirs.path}/notes/${one.id}`)).status).toBe(404)
  })

  it('stay in the logbook as next questions until they are tested', async () => {
    const { path, lesson } = await bounceLesson(app)
    await send(path, note({ text: 'On carpet?' }))
    await send(path, note({ text: 'Who made the ball?', sort: 'look-up' }))
    await send(path, note({ text: lesson.plan.question, sort: 'test' }))
    const all = (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body
    expect(all.find((one) => one.id === lesson.id)!.nextQuestions).toEqual(['On carpet?'])
  })
})

describe('pictures of kinds', () => {
  it('travel with the investigation file and are opened again elsewhere', async () => {
    const { path, lesson } = await bounceLesson(app)
    const { id } = (await upload(pixel)).body
    const [first, ...rest] = lesson.plan.levels
    const plan = changedPlan(lesson, { levels: [{ ...first!, picture: id }, ...rest] })
    await app.call('PUT', `${path}/plan`, { plan, version: 0 })
    const text = await (await fetch(`${app.url}${path}/investigation.json`)).text()
    const opened = await app.call<{ plan: Plan }>('POST', '/api/investigations/import', { text })
    const copied = opened.body.plan.levels[0]!.picture
    expect(copied).not.toBe(id)
    const shown = await fetch(`${app.url}/api/pictures/${copied}`)
    expect(await dots(await shown.arrayBuffer())).toEqual(await dots(pixel))
  })

  it('that are no pictures are refused, and nothing is added', async () => {
    const { path, lesson } = await bounceLesson(app)
    const [first, ...rest] = lesson.plan.levels
    const plan = changedPlan(lesson, { levels: [{ ...first!, picture: lesson.id }, ...rest] })
    const file = { format: 'jolly-beaker-investigation', version: 2, plan, pictures: { [lesson.id]: 'QUJD' } }
    const before = (await app.call<unknown[]>('GET', '/api/investigations')).body.length
    const text = JSON.stringify(file)
    expect((await app.call('POST', '/api/investigations/import', { text })).status).toBe(400)
    expect((await app.call<unknown[]>('GET', '/api/investigations')).body).toHaveLength(before)
    expect((await app.call('GET', path)).status).toBe(200)
  })
})

describe('the stimulus', () => {
  it('is words and a picture that is here', async () => {
    const { path } = await bounceLesson(app)
    const { id } = (await upload(pixel)).body
    const shown = await fetch(`${app.url}/api/pictures/${id}`)
    expect(shown.headers.get('content-type')).toBe('image/png')
    expect(await dots(await shown.arrayBuffer())).toEqual(await dots(pixel))
    const stimulus = { text: 'A ball fell down the stairs.', picture: id }
    expect((await app.call('PUT', `${path}/stimulus`, stimulus)).status).toBe(200)
    expect((await app.call<LessonDto>('GET', path)).body.stimulus).toEqual(stimulus)
    expect((await app.call('PUT', `${path}/stimulus`, { text: '', picture: newId() })).status).toBe(404)
  })

  it('takes no file that is not a picture, nor a huge one', async () => {
    const answer = await upload(new TextEncoder().encode('<svg onload="alert(1)"/>'))
    expect(answer).toMatchObject({ status: 400, body: { error: { message: expect.stringMatching(/JPEG/) } } })
    expect((await upload(new Uint8Array(3_100_000))).status).toBe(413)
  })
})
