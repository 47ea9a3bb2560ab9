import Ajv2020 from 'ajv/dist/2020'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { EvidenceDocument } from '#core/format'
import type { ClaimCheckDto } from '#shared/types/api'
import { newId } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import checkFormat from '../../../docs/schemas/claim-check.schema.json'
import requestFormat from '../../../docs/schemas/claim-check-request.schema.json'
import evidenceFormat from '../../../docs/schemas/evidence.schema.json'
import { startApiApp, type ApiApp } from '../../testing/apiApp'
import { bounceLesson } from '../../testing/examples'

let app: ApiApp
let lesson: LessonDto
const ajv = new Ajv2020({ strict: true, allowUnionTypes: true })
const [isEvidence, isCheck, isRequest] = [evidenceFormat, checkFormat, requestFormat].map((one) =>
  ajv.compile(one),
)
const claim = {
  subject: 'trend',
  comparison: 'more',
  levelIds: [],
  scope: { kind: 'tested' },
  strength: 'always',
}

beforeAll(async () => {
  app = await startApiApp()
  lesson = (await bounceLesson(app)).lesson
})
afterAll(() => app.close())

async function read(values: (group: number, level: number) => number[]) {
  const readings = lesson.class.groups.flatMap((group, g) =>
    lesson.plan.levels.flatMap((level, l) =>
      values(g, l).map((value, index) => ({
        id: newId(),
        groupId: group.id,
        levelId: level.id,
        tryNumber: index + 1,
        value,
        typed: String(value),
        status: 'counted',
        reason: '',
        source: 'desk',
        takenAt: new Date(Date.UTC(2026, 2, 9, 10, g, l * 3 + index)).toISOString(),
        supersedes: null,
      })),
    ),
  )
  const { status } = await app.call('POST', `/api/lessons/${lesson.id}/readings`, { readings })
  expect(status).toBe(200)
}

describe('what the data say, as open data', () => {
  it('is nothing yet before the first reading, in the documented form', async () => {
    const { status, body } = await app.call<EvidenceDocument>(
      'GET',
      `/api/lessons/${lesson.id}/evidence.json`,
    )
    expect([status, isEvidence!(body), isEvidence!.errors]).toEqual([200, true, null])
    expect(body).toMatchObject({
      verdict: 'cannot-tell',
      reason: { code: 'too-little-data' },
      suggestedClaim: null,
    })
    const check = await app.call<ClaimCheckDto>('POST', `/api/lessons/${lesson.id}/claim/check`, { claim })
    expect(check.body).toMatchObject({ fit: 'not-checked', suggestion: null })
  })

  it('tells verdict, sentence, levels, steps and what stands apart', async () => {
    await read((g, l) => [
      12 * (l + 1) + g,
      12 * (l + 1) + g + 1,
      g === 0 && l === 1 ? 240 : 12 * (l + 1) + g - 1,
    ])
    const { body } = await app.call<EvidenceDocument>('GET', `/api/lessons/${lesson.id}/evidence.json`)
    expect([isEvidence!(body), isEvidence!.errors]).toEqual([true, null])
    expect(body).toMatchObject({ scale: 'number', verdict: 'clear', offsets: [] })
    expect(body.steps.every((step) => step.direction === 'up')).toBe(true)
    expect(body.odd).toHaveLength(1)
    expect(body.order.flat()).toEqual([...lesson.plan.levels].reverse().map((level) => level.id))
    expect(body.suggestedClaim).toMatchObject({ subject: 'trend', comparison: 'more' })
  })

  it('checks claims and own words', async () => {
    const check = async (body: unknown) => {
      const answer = await app.call<ClaimCheckDto>('POST', `/api/lessons/${lesson.id}/claim/check`, body)
      expect([answer.status, isCheck!(answer.body), isCheck!.errors]).toEqual([200, true, null])
      return answer.body
    }
    expect(isRequest!({ claim, words: 'x' })).toBe(true)
    expect((await check({ claim: { ...claim, scope: { kind: 'everything' } } })).fit).toBe('says-more')
    expect((await check({ claim: { ...claim, comparison: 'less' } })).fit).toBe('contradicts')
    expect(await check({ claim, words: 'We had fun.' })).toMatchObject({
      fit: 'not-checked',
      parts: [{ fit: 'yours' }],
    })
    expect(
      await check({ words: 'It bounced higher from higher up because it had more energy.' }),
    ).toMatchObject({
      fit: 'fits',
      why: 'because it had more energy',
    })
    expect(await check({ words: 'The higher we dropped it, the lower it bounced.' })).toMatchObject({
      fit: 'contradicts',
      suggestion: { subject: 'trend' },
    })
    expect((await app.call('POST', `/api/lessons/${lesson.id}/claim/check`, {})).status).toBe(400)
  })

  it('refuses what is no claim, and lessons that are not there', async () => {
    const wrong = await app.call('POST', `/api/lessons/${lesson.id}/claim/check`, {
      claim: { subject: 'all' },
    })
    expect(wrong.status).toBe(400)
    expect((await app.call('GET', `/api/lessons/${newId()}/evidence.json`)).status).toBe(404)
  })
})
