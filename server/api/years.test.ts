import { afterAll, beforeAll, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { YearsDto } from '#shared/types/year'
import { sentEntry } from '../testing/examples'
import { startSignedInSchool, type SignedInSchool } from '../testing/signedInSchool'

let school: SignedInSchool
beforeAll(async () => (school = await startSignedInSchool()))
afterAll(() => school.app.close())

const seenBy = async (who: 'thorne' | 'ashby') => (await school[who].call<YearsDto>('GET', '/api/years')).body

it('the year shows what was tested, and an admin all classes of the school', async () => {
  const { lesson, path, ashby, own } = school
  expect((await seenBy('ashby')).thisYear).toMatch(/^\d{4}\/\d\d$/)
  expect(await seenBy('ashby')).toMatchObject({ isWholeSchool: false, classes: [], lessons: [] })
  const entries = [sentEntry(lesson), sentEntry(lesson, { tryNumber: 2, value: 14 })]
  await ashby.call('POST', `${path}/entries`, { entries })
  await ashby.call('PUT', `${path}/predictions/${lesson.class.groups[0]!.id}`, {
    answer: { format: 'direction', direction: 'more' },
    because: ' ',
  })
  await ashby.call('PUT', `${path}/notes/${newId()}`, {
    ...{ kind: 'asking', text: 'And on grass?', sort: null, settled: false },
  })
  const [leaf, bell] = lesson.class.groups
  await ashby.call('PUT', `${path}/reviews/${leaf!.id}/${bell!.id}`, {
    ...{ convinced: '', question: 'How exactly did you do it?' },
  })
  const [shown] = (await seenBy('ashby')).lessons
  expect(shown).toMatchObject({ title: 'Ball bounce', date: '2026-03-09', year: '2025/26' })
  expect(shown!.met.sort()).toEqual([
    'instrument:metre stick',
    'skill:asked',
    'skill:fair',
    'skill:measured',
    'skill:questioned',
    'skill:repeated',
    'way:measure',
  ])
  // Nobody shares this class with the admin.
  const all = await seenBy('thorne')
  expect(all.isWholeSchool).toBe(true)
  expect(all.classes).toEqual([{ id: own.id, name: own.name }])
  const [first] = entries
  const corrected = { ...first!, id: newId(), supersedes: first!.id, reason: 'read wrongly' }
  await ashby.call('POST', `${path}/entries`, {
    entries: [
      { ...corrected, status: 'set-aside' },
      {
        ...entries[1]!,
        id: newId(),
        supersedes: entries[1]!.id,
        status: 'set-aside',
        reason: 'read wrongly',
      },
    ],
  })
  expect((await seenBy('ashby')).lessons).toEqual([])
})
