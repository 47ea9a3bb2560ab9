import { afterEach, expect, it, vi } from 'vitest'
import { fakeServer } from '../testing/fakeServer'
import { useSchool } from './school'

afterEach(() => vi.unstubAllGlobals())

it('lists that were asked for before something was changed here do not take the change back', async () => {
  const held = [{ id: 'new', kind: 'investigation', title: 'Shadows', question: '', about: '' }]
  let answerOld: () => void = () => {}
  let isFirst = true
  fakeServer(({ method, path }) => {
    if (method === 'POST') return { body: { id: 'new' } }
    if (path !== '/api/investigations') return { body: [] }
    if (!isFirst) return { body: held }
    isFirst = false
    return new Promise((done) => (answerOld = () => done({ body: [] })))
  })
  const school = useSchool()
  const loading = school.load()
  await school.importInvestigation('{}')
  answerOld()
  await loading
  expect(school.investigations.map((one) => one.title)).toEqual(['Shadows'])
})
