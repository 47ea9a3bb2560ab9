import { eq } from 'drizzle-orm'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { observationLimits, type Observation } from '#core/observation'
import { newId } from '#core/plan'
import type { ApiProblem, LessonDto, LessonEvent, ObservationInput } from '#shared/types/api'
import { events, observations, pictures } from '../../database/schema'
import type { ApiError } from '../../errors/apiError'
import { drawPicture } from '../../queries/pictures'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, changedPlan } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

/** A photo as a camera makes it: it says where and when it was taken, and lies on its side. */
const photo = async (width = 2000, height = 1000) =>
  sharp({ create: { width, height, channels: 3, background: '#e8a317' } })
    .withExif({
      IFD0: { Model: 'Pretend camera', Orientation: '6' },
      IFD3: { GPSLatitude: '51/1 28/1 0/1', GPSLatitudeRef: 'N' },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer()

const seen = (lesson: LessonDto, changes: Partial<ObservationInput> = {}): ObservationInput => ({
  groupId: lesson.class.groups[0]!.id,
  kind: 'noticed',
  text: 'It spins when it lands',
  about: { levelId: lesson.plan.levels[0]!.id, tryNumber: 2, moment: '' },
  source: 'sheet',
  seenAt: '2026-03-09T10:20:00.000Z',
  picture: null,
  ...changes,
})
const put = (path: string, input: unknown, id = newId()) =>
  app.call<Observation>('PUT', `${path}/observations/${id}`, input)
const patch = (path: string, id: string, changes: unknown) =>
  app.call<Observation>('PATCH', `${path}/observations/${id}`, changes)
const deletePicture = (path: string, id: string) =>
  app.call<Observation>('DELETE', `${path}/observations/${id}/picture`)
const kept = async (path: string) => (await app.call<LessonDto>('GET', path)).body.observations
const told = async (lessonId: string): Promise<LessonEvent[]> =>
  (await app.database.db.select().from(events).where(eq(events.lessonId, lessonId))).map((row) => row.event)

describe('observations', () => {
  it('are kept with group, kind, place and moment, in the order in which they were seen', async () => {
    const { lesson, path } = await bounceLesson(app)
    const late = await put(path, seen(lesson, { seenAt: '2026-03-09T10:30:00.000Z', text: 'late' }))
    const early = await put(path, seen(lesson, { text: '  early ', kind: 'guessed', about: null }))
    expect(late.status).toBe(200)
    expect(early.body).toEqual({
      id: early.body.id,
      ...seen(lesson, { text: 'early', kind: 'guessed', about: null }),
      pictureDeleted: false,
      onBoard: false,
      removed: false,
    })
    expect(await kept(path)).toEqual([early.body, late.body])
  })

  it('are kept once, however often they are sent, and told to every screen', async () => {
    const { lesson, path } = await bounceLesson(app)
    const id = newId()
    const first = await put(path, seen(lesson), id)
    expect((await put(path, seen(lesson, { text: 'sent once more' }), id)).body).toEqual(first.body)
    expect(await kept(path)).toHaveLength(1)
    expect((await told(lesson.id)).filter((event) => event.kind === 'observation')).toEqual([
      { seq: lesson.seq + 1, kind: 'observation', observation: first.body },
    ])
  })

  it('from a device that was away stay whatever has become of the plan and the groups', async () => {
    const { lesson, path } = await bounceLesson(app)
    const other = await bounceLesson(app)
    await app.call('PUT', `${path}/plan`, {
      plan: changedPlan(lesson, { levels: lesson.plan.levels.slice(1) }),
      version: 0,
    })
    expect((await put(path, seen(lesson))).body).toMatchObject({
      text: 'It spins when it lands',
      groupId: lesson.class.groups[0]!.id,
      about: null,
    })
    const strange = seen(lesson, { groupId: other.lesson.class.groups[0]!.id })
    expect((await put(path, strange)).body).toMatchObject({ groupId: null, about: null })
  })

  it('are worded anew, sorted, put on the Board, taken off and put back', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { id } = (await put(path, seen(lesson))).body
    await patch(path, id, { kind: 'guessed', text: 'It must spin', onBoard: true })
    expect(await kept(path)).toMatchObject([{ kind: 'guessed', text: 'It must spin', onBoard: true }])
    await patch(path, id, { removed: true })
    expect(await kept(path)).toMatchObject([{ removed: true, onBoard: false }])
    // What comes back is not at once in front of the whole room.
    await patch(path, id, { removed: false })
    expect(await kept(path)).toMatchObject([{ removed: false, onBoard: false }])
    expect((await told(lesson.id)).filter((event) => event.kind === 'observation')).toHaveLength(4)
  })

  it('keep their group from being taken out of the class', async () => {
    const { own, lesson, path } = await bounceLesson(app)
    await put(path, seen(lesson))
    const { id, ...input } = own
    const lost = await app.call<ApiProblem>('PUT', `/api/classes/${id}`, {
      ...input,
      groups: input.groups.slice(1),
    })
    expect(lost.body.error).toMatchObject({ code: 'conflict', message: expect.stringMatching(/noticed/) })
  })

  it('go into a CSV file that no spreadsheet runs', async () => {
    const { lesson, path } = await bounceLesson(app)
    await put(path, seen(lesson, { text: '=1+1, "quoted"' }))
    const csv = await (await fetch(`${app.url}${path}/observations.csv`)).text()
    expect(csv.split('\r\n')[1]).toMatch(
      /^2026-03-09T10:20:00\.000Z,Leaf,noticed,"'=1\+1, ""quoted""",25 cm,2,,,stands,sheet,/,
    )
  })
})

describe('photos', () => {
  const withPhoto = async (lesson: LessonDto, path: string, changes: Partial<ObservationInput> = {}) =>
    (await put(path, seen(lesson, { picture: (await photo()).toString('base64'), ...changes }))).body

  it('are made smaller, set upright, and lose what the camera wrote beside them', async () => {
    const { lesson, path } = await bounceLesson(app)
    expect((await sharp(await photo()).metadata()).exif?.toString('latin1')).toContain('Pretend camera')
    const { picture } = await withPhoto(lesson, path)
    const shown = await fetch(`${app.url}/api/pictures/${picture}`)
    const { width, height, exif, format } = await sharp(Buffer.from(await shown.arrayBuffer())).metadata()
    expect({ width, height, exif, format }).toEqual({
      width: 800,
      height: 1600,
      exif: undefined,
      format: 'jpeg',
    })
    // It stays on no device, so that it is gone once it is deleted.
    expect(shown.headers.get('cache-control')).toBe('private, no-store')
  })

  it('are deleted for good: the bytes are gone, the words stay, and it is told', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { id, picture } = await withPhoto(lesson, path)
    await patch(path, id, { onBoard: true })
    expect((await deletePicture(path, id)).body).toMatchObject({
      picture: null,
      pictureDeleted: true,
      text: 'It spins when it lands',
      onBoard: true,
    })
    expect((await fetch(`${app.url}/api/pictures/${picture}`)).status).toBe(404)
    expect(await app.database.db.select().from(pictures).where(eq(pictures.id, picture!))).toEqual([])
    expect((await told(lesson.id)).at(-1)).toMatchObject({
      kind: 'observation',
      observation: { picture: null, pictureDeleted: true },
    })
    // Once more changes nothing, and neither does sending the observation once more bring it back.
    expect((await deletePicture(path, id)).status).toBe(200)
    expect((await put(path, await withPicture(lesson), id)).body).toMatchObject({ picture: null })
    expect(await kept(path)).toHaveLength(1)
  })
  const withPicture = async (lesson: LessonDto) =>
    seen(lesson, { picture: (await photo(40, 40)).toString('base64') })

  it('with nothing beside them leave the Board with their picture', async () => {
    const { lesson, path } = await bounceLesson(app)
    const { id } = await withPhoto(lesson, path, { text: '' })
    await patch(path, id, { onBoard: true })
    await deletePicture(path, id)
    expect(await kept(path)).toMatchObject([{ onBoard: false, pictureDeleted: true, text: '' }])
    // Sorting it is still possible; it never had words.
    expect((await patch(path, id, { kind: 'guessed' })).status).toBe(200)
  })
})

describe('what cannot be kept', () => {
  it.each<[string, object, string | RegExp]>([
    ['neither words nor a picture', { text: ' ' }, 'Write what was seen, or add a photo or a sketch.'],
    ['too many words', { text: 'a'.repeat(401) }, 'This is too long. Use at most 400 letters.'],
    ['a NUL', { text: 'a\0b' }, 'There’s a character in this text that we can’t keep. Type it again.'],
    ['no kind we know', { kind: 'asking' }, 'Choose one of: noticed, guessed.'],
    ['a picture in other letters', { picture: 'ö' }, /not a picture we can show/],
    [
      'a file that is no picture',
      { picture: Buffer.from('hello there').toString('base64') },
      /not a picture/,
    ],
    [
      'half a picture',
      { picture: Buffer.from([0xff, 0xd8, 0xff, 1, 2]).toString('base64') },
      /not a picture we can show/,
    ],
  ])('%s is told', async (_what, changes, message) => {
    const { lesson, path } = await bounceLesson(app)
    const answer = await put(path, { ...seen(lesson), ...changes })
    const said = (answer.body as unknown as ApiProblem).error.message
    expect(answer.status).toBe(400)
    if (typeof message === 'string') expect(said).toBe(message)
    else expect(said).toMatch(message)
    expect(await kept(path)).toEqual([])
  })

  it('what has more dots than are opened is told, and what cannot wait comes again later', async () => {
    const { lesson, path } = await bounceLesson(app)
    const wide = await sharp({ create: { width: 6000, height: 5000, channels: 3, background: '#fff' } })
      .png()
      .toBuffer()
    const refused = await put(path, seen(lesson, { picture: wide.toString('base64') }))
    expect([refused.status, (refused.body as unknown as ApiProblem).error.message]).toEqual([
      400,
      'This picture has 30 million pixels; we can take up to 25 million. Make it smaller, or take a photo of it.',
    ])
    const small = await photo(1200, 900)
    const all = await Promise.allSettled(Array.from({ length: 90 }, () => drawPicture(small)))
    const late = all.flatMap((one) => (one.status === 'rejected' ? [one.reason as ApiError] : []))
    expect([late.length, late[0]!.code, late[0]!.toBody().error.message]).toEqual([
      30,
      'busy',
      'Too many photos are arriving at once. Try again in a moment.',
    ])
  })

  it('what is in no lesson, in another lesson, or over the most is told', async () => {
    const { lesson, path } = await bounceLesson(app)
    const other = await bounceLesson(app)
    const { id } = (await put(path, seen(lesson))).body
    expect((await put(other.path, seen(other.lesson), id)).status).toBe(409)
    expect((await patch(other.path, id, { removed: true })).status).toBe(404)
    expect((await deletePicture(other.path, id)).status).toBe(404)
    expect((await put(`/api/lessons/${newId()}`, seen(lesson))).status).toBe(404)
    expect((await patch(path, id, { text: '' })).status).toBe(400)
    expect((await patch(path, id, {})).status).toBe(400)
    const rows = Array.from({ length: observationLimits.count - 1 }, () => ({
      ...seen(lesson),
      seenAt: new Date(),
      picture: null,
      id: newId(),
      lessonId: lesson.id,
    }))
    await app.database.db.insert(observations).values(rows)
    const full = await put(path, seen(lesson))
    expect([full.status, (full.body as unknown as ApiProblem).error.message]).toEqual([
      409,
      'This lesson keeps 300 observations, which is all it can. Write the rest on paper.',
    ])
  })
})
