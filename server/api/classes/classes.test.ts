import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Entry } from '#core/entries'
import type { Observation } from '#core/observation'
import type { ApiProblem, ClassDto } from '#shared/types/api'
import { newId } from '#core/plan'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson, classInput, sentEntry } from '../../testing/examples'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

const make = async (changes = {}) =>
  (await app.call<ClassDto>('POST', '/api/classes', classInput(changes))).body
const fields = (problem: ApiProblem) => problem.error.fields.map((field) => field.path)

describe('classes', () => {
  it('are made, read, changed, taken off the list and put back', async () => {
    const made = await app.call<ClassDto>('POST', '/api/classes', classInput())
    expect(made.status).toBe(201)
    const { id, ...input } = made.body
    expect((await app.call('GET', `/api/classes/${id}`)).body).toEqual(made.body)
    const changed = await app.call<ClassDto>('PUT', `/api/classes/${id}`, {
      ...input,
      name: 'Heron',
      groups: [input.groups[1], input.groups[0]],
    })
    expect(changed.body).toMatchObject({ name: 'Heron', groups: [{ emblem: 'bell' }, { emblem: 'leaf' }] })
    await app.call('DELETE', `/api/classes/${id}`)
    expect((await app.call('GET', `/api/classes/${id}`)).status).toBe(404)
    expect((await app.call<ClassDto>('POST', `/api/classes/${id}/restore`)).body.name).toBe('Heron')
  })

  it('say which field is wrong, and never half of it', async () => {
    const twin = classInput()
    twin.groups[1]!.emblem = 'leaf'
    const bad = await app.call<ApiProblem>('POST', '/api/classes', {
      ...twin,
      name: ' ',
      ageBand: '3-4',
      extra: 1,
    })
    expect(bad.status).toBe(400)
    expect(bad.body.error.code).toBe('invalid')
    expect(fields(bad.body)).toEqual(expect.arrayContaining(['name', 'ageBand', 'groups.1', 'extra']))
    expect(JSON.stringify(bad.body)).not.toMatch(/\bat .*\.ts|node_modules/)
  })

  it.each([
    ['one group', { groups: classInput().groups.slice(0, 1) }, 'groups'],
    [
      'two groups of one name',
      { groups: classInput().groups.map((group) => ({ ...group, name: 'Owls' })) },
      'groups.1',
    ],
    ['a family name', { pupils: [{ id: newId(), name: 'Sam Taylor', groupId: null }] }, 'pupils.0.name'],
    ['a group of nobody', { pupils: [{ id: newId(), name: 'Sam', groupId: newId() }] }, 'pupils.0.groupId'],
  ])('refuse %s', async (_, changes, path) => {
    const { status, body } = await app.call<ApiProblem>('POST', '/api/classes', classInput(changes))
    expect(status).toBe(400)
    expect(fields(body)).toContain(path)
  })

  it('keep a group that has recorded something', async () => {
    const { own, lesson, path } = await bounceLesson(app)
    await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson)] })
    const { id, ...input } = own
    const { status, body } = await app.call<ApiProblem>('PUT', `/api/classes/${id}`, {
      ...input,
      groups: input.groups.slice(1),
    })
    expect(status).toBe(409)
    expect(body.error.message).toMatch(/Leaf has already/)
    expect((await app.call<ClassDto>('GET', `/api/classes/${id}`)).body.groups).toHaveLength(3)
  })

  it('do not take a group from another class', async () => {
    const other = await make()
    const { status } = await app.call('POST', '/api/classes', classInput({ groups: other.groups }))
    expect(status).toBe(409)
  })
})

describe('rosters', () => {
  it('are read without a sign that no database keeps', async () => {
    const { id } = await make()
    const { status, body } = await app.call<ClassDto>('POST', `/api/classes/${id}/roster`, {
      csv: 'name\nA\0da',
    })
    expect([status, body.pupils.map(({ name }) => name)]).toEqual([200, ['Ada']])
  })

  it('show first what will happen and then do it', async () => {
    const { id } = await make()
    const csv = 'name,group\nAda,Leaf\nBruno,Bell\nChidi,'
    const preview = await app.call<{ rows: { problem: string | null }[] }>(
      'POST',
      `/api/classes/${id}/roster-preview`,
      { csv },
    )
    expect(preview.body.rows.map((row) => row.problem)).toEqual([null, null, null])
    expect((await app.call<ClassDto>('GET', `/api/classes/${id}`)).body.pupils).toEqual([])
    const { body } = await app.call<ClassDto>('POST', `/api/classes/${id}/roster`, { csv })
    expect(
      body.pupils.map((pupil) => [pupil.name, body.groups.find((group) => group.id === pupil.groupId)?.name]),
    ).toEqual([
      ['Ada', 'Leaf'],
      ['Bruno', 'Bell'],
      ['Chidi', undefined],
    ])
  })

  it('are taken in once where one is sent twice at once', async () => {
    const { id } = await make()
    const send = () => app.call<ClassDto>('POST', `/api/classes/${id}/roster`, { csv: 'name\nAda\nBruno' })
    const statuses = (await Promise.all([send(), send()])).map(({ status }) => status)
    // The second meets what the first has added, before or after it was read.
    expect(statuses.filter((status) => status === 200)).toHaveLength(1)
    const { body } = await app.call<ClassDto>('GET', `/api/classes/${id}`)
    expect(body.pupils.map(({ name }) => name)).toEqual(['Ada', 'Bruno'])
  })

  it('import nothing when one line is wrong, and say which', async () => {
    const { id } = await make()
    const { status, body } = await app.call<ApiProblem>('POST', `/api/classes/${id}/roster`, {
      csv: 'name\nAda\nSam Taylor\nAda',
    })
    expect(status).toBe(400)
    expect(fields(body)).toEqual(['csv.3', 'csv.4'])
    expect((await app.call<ClassDto>('GET', `/api/classes/${id}`)).body.pupils).toEqual([])
  })
})

describe('any route', () => {
  it('answers 404 for what is not there, 413 for too much, 400 for what is no JSON', async () => {
    expect((await app.call('GET', '/api/classes/not-an-id')).status).toBe(404)
    expect((await app.call('GET', `/api/classes/${newId()}`)).status).toBe(404)
    expect((await app.call<ApiProblem>('GET', '/api/nothing')).body.error.code).toBe('not-found')
    const large = await app.call<ApiProblem>(
      'POST',
      '/api/classes',
      classInput({ name: 'x'.repeat(300_000) }),
    )
    expect([large.status, large.body.error.code]).toEqual([413, 'too-large'])
    for (const [body, type] of [
      ['{"name":', 'application/json'],
      ['{}', 'text/plain'],
    ] as const) {
      const response = await fetch(`${app.url}/api/classes`, {
        method: 'POST',
        body,
        headers: { 'content-type': type },
      })
      expect(response.status).toBe(400)
      expect(((await response.json()) as ApiProblem).error.code).toBe('invalid')
    }
  })

  it('measures a body that hides its length', async () => {
    const body = new ReadableStream({
      start(controller) {
        for (let part = 0; part < 40; part++) controller.enqueue(new TextEncoder().encode('x'.repeat(10_000)))
        controller.close()
      },
    })
    const response = await fetch(`${app.url}/api/classes`, {
      method: 'POST',
      body,
      duplex: 'half',
      headers: { 'content-type': 'application/json' },
    } as RequestInit)
    expect(response.status).toBe(413)
  })

  it('does not let another website write', async () => {
    const response = await fetch(`${app.url}/api/classes`, {
      method: 'POST',
      body: JSON.stringify(classInput()),
      headers: { 'content-type': 'application/json', origin: 'http://elsewhere.example' },
    })
    expect(response.status).toBe(403)
    expect(((await response.json()) as ApiProblem).error.code).toBe('not-allowed')
  })
})

it('all that is held about a class is one file: children, lessons, what they wrote and their pictures', async () => {
  const { own, lesson, path } = await bounceLesson(app)
  await app.call('PUT', `/api/classes/${own.id}`, {
    ...classInput({ groups: own.groups }),
    pupils: [{ id: newId(), name: 'Ada', groupId: own.groups[0]!.id }],
    allergies: [{ allergen: 'peanuts', children: 1 }],
  })
  await app.call('POST', `${path}/entries`, { entries: [sentEntry(lesson, { note: 'it rolled' })] })
  const dot =
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
  const seen = {
    groupId: own.groups[0]!.id,
    kind: 'noticed',
    text: 'a dent',
    about: null,
    source: 'sheet',
    seenAt: new Date().toISOString(),
    picture: dot,
  }
  expect((await app.call('PUT', `${path}/observations/${newId()}`, seen)).status).toBe(200)
  await app.call('DELETE', path)
  const { status, body } = await app.call<{
    class: ClassDto
    lessons: { id: string; entries: Entry[]; observations: Observation[] }[]
    pictures: Record<string, { type: string; base64: string }>
  }>('GET', `/api/classes/${own.id}/export.json`)
  expect(status).toBe(200)
  expect(body.class).toMatchObject({ pupils: [{ name: 'Ada' }], allergies: [{ allergen: 'peanuts' }] })
  expect(body.lessons).toMatchObject([
    { id: lesson.id, entries: [{ note: 'it rolled' }], observations: [{ text: 'a dent' }] },
  ])
  const [picture] = Object.values(body.pictures)
  expect(picture!.type).toBe('image/png')
  expect(picture!.base64.length).toBeGreaterThan(50)
})
