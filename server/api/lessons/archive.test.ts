// Long: one lesson goes out and comes back in many ways, and a file from outside can be wrong in many.
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { v7 as newId } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openArchiveText, type LessonArchive } from '#core/archive'
import type { ApiProblem, LessonDto, LessonSummaryDto } from '#shared/types/api'
import type { ArchivePreviewDto } from '#shared/types/archive'
import type { ApiApp } from '../../testing/apiApp'
import { startApiApp } from '../../testing/apiApp'
import { bounceLesson, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const nobody = '00000000-0000-4000-8000-000000000000'

async function photo(): Promise<string> {
  const picture = sharp({ create: { width: 24, height: 16, channels: 3, background: '#0a7a6a' } })
  return (await picture.png().toBuffer()).toString('base64')
}

/** A lesson with a little of everything, a part with a test of its own among it. */
async function recordedLesson() {
  const { own, lesson, path } = await bounceLesson(app)
  const [leaf, , key] = lesson.class.groups
  await app.call('PUT', `/api/classes/${own.id}`, {
    ...{ name: own.name, ageBand: own.ageBand, vocabulary: own.vocabulary, groups: own.groups },
    pupils: [{ id: newId(), name: 'Ada', groupId: leaf!.id }],
  })
  const part = await app.call<{ id: string }>('POST', `${path}/parts`, { groupIds: [key!.id] })
  await app.call('PUT', `${path}/predictions/${leaf!.id}`, {
    answer: { format: 'direction', direction: 'more' },
    because: 'it falls for longer',
  })
  const first = sentEntry(lesson, { value: 13 })
  const better = sentEntry(lesson, { value: 14, supersedes: first.id })
  await app.call('POST', `${path}/entries`, { entries: [first] })
  await app.call('POST', `${path}/entries`, { entries: [better] })
  await app.call('PUT', `${path}/notes/${newId()}`, {
    ...{ kind: 'asking', text: 'And on grass?', sort: null, settled: false },
  })
  await app.call('PUT', `${path}/observations/${newId()}`, {
    ...{ groupId: leaf!.id, kind: 'noticed', text: 'it spins', about: null, source: 'desk' },
    ...{ seenAt: '2026-03-09T10:20:00.000Z', picture: await photo() },
  })
  await app.call('PUT', `${path}/reviews/${leaf!.id}/${own.groups[1]!.id}`, {
    ...{ convinced: 'We found the same.', question: 'How exactly did you do it?' },
  })
  return { own, path, partId: part.body.id, lesson: (await app.call<LessonDto>('GET', path)).body }
}

const zipOf = async (path: string, query = '') =>
  new Uint8Array(await (await fetch(`${app.url}${path}/archive.zip${query}`)).arrayBuffer())

async function send<Answer>(
  method: string,
  path: string,
  bytes: Uint8Array,
): Promise<{ status: number; body: Answer }> {
  const response = await fetch(app.url + path, {
    method,
    headers: { origin: app.url },
    body: Buffer.from(bytes),
  })
  return { status: response.status, body: (await response.json()) as Answer }
}
const restore = (bytes: Uint8Array, as = newId()) =>
  send<{ id: string; pictures: number }>('PUT', `/api/lessons/archive/${as}`, bytes)
const preview = (bytes: Uint8Array) => send<ArchivePreviewDto>('POST', '/api/lessons/archive/preview', bytes)

/** What of a lesson must come back, without its identifiers. */
const essence = ({ class: own, predictions, entries, observations, notes, ...lesson }: LessonDto) => ({
  ...{ plan: lesson.plan, date: lesson.date, stage: lesson.stage, conclusion: lesson.conclusion },
  class: { ...own, id: '', groups: own.groups.map(({ name }) => name) },
  predictions: predictions.map(({ groupId: _, ...one }) => one),
  entries: entries.map(({ id: _, groupId: _g, supersedes, ...one }) => [one, supersedes !== null]),
  observations: observations.map(({ id: _, groupId: _g, picture, ...one }) => [one, picture !== null]),
  notes: notes.map(({ id: _, ...one }) => one),
  reviews: lesson.reviews.map(({ byGroupId: _, ofGroupId: _o, ...one }) => one),
  parts: lesson.parts.map(({ groups }) => groups.map(({ name }) => name)),
})

describe('a whole lesson as a file', () => {
  it('comes back into its class as a second one, with all that was recorded', async () => {
    const { path, lesson, partId } = await recordedLesson()
    const bytes = await zipOf(path)
    expect((await preview(bytes)).body).toEqual({
      ...{ title: 'Ball bounce', date: '2026-03-09', className: 'Heron class', isNewClass: false },
      ...{ children: 1, tests: 2, readings: 1, noticed: 1, pictures: 1, isHere: true },
    })
    const made = await restore(bytes)
    expect([made.status, made.body.pictures]).toEqual([200, 1])
    const { body: again } = await app.call<LessonDto>('GET', `/api/lessons/${made.body.id}`)
    expect(essence(again)).toEqual(essence(lesson))
    expect(again.class.id).toBe(lesson.class.id)
    const [kept, sent] = [again.observations[0]!.picture!, lesson.observations[0]!.picture!]
    expect(kept).not.toBe(sent)
    expect((await fetch(`${app.url}/api/pictures/${kept}`)).status).toBe(200)
    expect(again.parts).toHaveLength(2)
    expect(again.parts.map(({ id }) => id)).not.toContain(partId)
    // Nobody has checked the risk assessment for this one.
    expect(again.safety).toBeNull()
  })

  it('is the same asked for by a part', async () => {
    const { path, partId } = await recordedLesson()
    const lessonIn = async (of: string) => {
      const opened = openArchiveText(strFromU8(unzipSync(await zipOf(of))['lesson.json']!))
      return { ...(opened as { archive: LessonArchive }).archive, writtenAt: '' }
    }
    expect(await lessonIn(`/api/lessons/${partId}`)).toEqual(await lessonIn(path))
  })

  it('brings its class along where that is not here', async () => {
    const { own, path } = await recordedLesson()
    const bytes = await zipOf(path)
    await app.call('DELETE', `/api/classes/${own.id}`)
    expect((await preview(bytes)).body).toMatchObject({ className: 'Heron class', isNewClass: true })
    const made = await restore(bytes)
    const { body: again } = await app.call<LessonDto>('GET', `/api/lessons/${made.body.id}`)
    expect(again.class.id).not.toBe(own.id)
    expect(again.class).toMatchObject({ name: 'Heron class', children: 1 })
    expect(again.entries.map(({ groupId }) => groupId)).toEqual(
      again.entries.map(() => again.class.groups[0]!.id),
    )
  })

  it('has no first names where they are left out', async () => {
    const { path } = await recordedLesson()
    const files = unzipSync(await zipOf(path, '?names=no'))
    for (const [name, text] of Object.entries(files))
      if (!name.startsWith('pictures/')) expect(strFromU8(text)).not.toContain('Ada')
    expect((await preview(await zipOf(path, '?names=no'))).body.children).toBe(0)
  })

  it('is taken in once, however often it is sent', async () => {
    const { path } = await recordedLesson()
    const [bytes, as] = [await zipOf(path), newId()]
    const answers = [await restore(bytes, as), await restore(bytes, as)]
    expect(answers.map(({ status, body }) => [status, body.id])).toEqual([
      [200, as],
      [200, as],
    ])
    const { body } = await app.call<LessonSummaryDto[]>('GET', '/api/lessons')
    expect(body.filter(({ id }) => id === as)).toHaveLength(1)
  })

  it('does without a picture that is missing or is none', async () => {
    const { path } = await recordedLesson()
    const files = unzipSync(await zipOf(path))
    const name = Object.keys(files).find((one) => one.startsWith('pictures/'))!
    const { [name]: _, ...without } = files
    for (const odd of [without, { ...files, [name]: strToU8('no picture') }]) {
      const made = await restore(zipSync(odd))
      expect([made.status, made.body.pictures]).toEqual([200, 0])
      const { body: again } = await app.call<LessonDto>('GET', `/api/lessons/${made.body.id}`)
      expect(again.observations[0]).toMatchObject({ text: 'it spins', picture: null, pictureDeleted: true })
    }
  })
})

describe('a file that is no lesson', () => {
  const bytesOf = async (change: (lesson: LessonArchive) => unknown) => {
    const files = unzipSync(await zipOf((await recordedLesson()).path))
    const lesson = JSON.parse(strFromU8(files['lesson.json']!)) as LessonArchive
    return zipSync({ ...files, 'lesson.json': strToU8(JSON.stringify(change(lesson))) })
  }
  const odd: [name: string, bytes: () => Promise<Uint8Array>, message: RegExp][] = [
    ['nothing', async () => new Uint8Array(), /damaged or incomplete/],
    ['words', async () => strToU8('Ball bounce'), /damaged or incomplete/],
    [
      'half of one',
      async () => {
        const bytes = await zipOf((await recordedLesson()).path)
        return bytes.slice(0, bytes.length / 2)
      },
      /damaged or incomplete/,
    ],
    ['another archive', async () => zipSync({ 'a.txt': strToU8('a') }), /isn’t a lesson file/],
    [
      'one with a path that climbs',
      async () => zipSync({ '../../lesson.json': strToU8('{}') }),
      /isn’t a lesson file/,
    ],
    ['one with too many files', async () => zipSync(many(2100)), /too many files/],
    ['a newer one', () => bytesOf((lesson) => ({ ...lesson, version: 99 })), /newer Jolly Beaker/],
    [
      'one with a field that nobody knows',
      () => bytesOf((lesson) => ({ ...lesson, owner: 'me' })),
      /can’t be used\. At “owner”/,
    ],
    [
      'one of a group that it has not',
      () =>
        bytesOf(({ tests: [test, ...parts], ...lesson }) => ({
          ...lesson,
          tests: [{ ...test, entries: test!.entries.map((one) => ({ ...one, groupId: nobody })) }, ...parts],
        })),
      /belongs to a group that it does not have/,
    ],
    [
      'one with a hundred thousand readings',
      () =>
        bytesOf(({ tests: [test], ...lesson }) => ({
          ...lesson,
          tests: [{ ...test, entries: Array.from({ length: 100_000 }, () => test!.entries[0]) }],
        })),
      /at most 20000 readings/,
    ],
  ]
  it.each(odd)('is refused with words: %s', async (_, bytes, message) => {
    const sent = await bytes()
    const lessons = async () => (await app.call<LessonSummaryDto[]>('GET', '/api/lessons')).body.length
    const before = await lessons()
    const ways = [
      ['POST', '/api/lessons/archive/preview'],
      ['PUT', `/api/lessons/archive/${newId()}`],
    ] as const
    for (const [method, path] of ways) {
      const { status, body } = await send<ApiProblem>(method, path, sent)
      expect(status).toBe(400)
      expect(body.error.message).toMatch(message)
    }
    expect(await lessons()).toBe(before)
  })

  it('is refused where it says that it unpacks to more than a lesson can be', async () => {
    const zip = zipSync({ 'lesson.json': strToU8('{}'), [`pictures/${newId()}.png`]: new Uint8Array(8) })
    // In the list of its files, each entry begins with these bytes and has the unpacked size 24 bytes on.
    const view = Buffer.from(zip.buffer)
    view.writeUInt32LE(130_000_000, view.lastIndexOf('PK\u0001\u0002', undefined, 'latin1') + 24)
    const { status, body } = await send<ApiProblem>('POST', '/api/lessons/archive/preview', zip)
    expect([status, body.error.message]).toEqual([400, 'This lesson file is too large to open here.'])
  })
})

const many = (count: number) =>
  Object.fromEntries(Array.from({ length: count }, (_, index) => [`${index}.txt`, new Uint8Array(1)]))
