import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Plan } from '#core/plan'
import { useLesson } from '~/stores/lesson'
import { fakeServer, lessonDto } from '~/testing/fakeServer'
import { examplePlan } from '../../core/testing/examplePlan'
import { useMethod } from './useMethod'

async function open(changes: Partial<Plan> = {}) {
  const server = fakeServer(() => ({ body: lessonDto({ plan: examplePlan(changes) }) }))
  await useLesson().load('one')
  return { server, ...useMethod() }
}
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a word of the plan', () => {
  it('is in the paragraph that it is a word of', async () => {
    const { words, text } = await open()
    expect(words.value.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['changed', 'levels', 'measured', 'tries']),
    )
    for (const word of words.value.filter((one) => !one.silent))
      expect(text.value.toLowerCase()).toContain(word.text.toLowerCase())
  })

  it('has what Fair says of it, and no other word has that', async () => {
    const { findingsOf, words } = await open({ tries: 1 })
    expect(findingsOf('tries').map(({ code }) => code)).toEqual(['too-few-tries'])
    const others = words.value.filter(({ id }) => id !== 'tries').flatMap(({ id }) => findingsOf(id))
    expect(others.map(({ code }) => code)).not.toContain('too-few-tries')
  })

  it('is mended in one press, and says nothing more then', async () => {
    const { findingsOf } = await open({ tries: 1 })
    useLesson().editPlan(findingsOf('tries')[0]!.remedies[0]!.apply)
    expect(findingsOf('tries')).toEqual([])
  })

  it('says where there are fewer instruments than groups', async () => {
    const { troubleOf } = await open()
    expect(troubleOf('instrument')).toBe(null)
    const { school } = useLesson().open
    const one = school.cupboard.map((each) => ({ ...each, howMany: 1 }))
    useLesson().patch({ school: { ...school, cupboard: one } })
    expect(troubleOf('instrument')).toBe('Only 1 in the cupboard for 3 groups.')
  })

  it('has what the server would not take of it', async () => {
    vi.useFakeTimers()
    const { server, troubleOf } = await open()
    server.answerWith(({ method }) =>
      method === 'GET'
        ? { body: lessonDto() }
        : {
            status: 400,
            problem: {
              code: 'invalid',
              message: 'no',
              fields: [{ path: 'plan.measured.name', message: 'Say what you measure.' }],
            },
          },
    )
    useLesson().editPlan((plan) => ({ ...plan, measured: { ...plan.measured, name: '' } }))
    await vi.advanceTimersByTimeAsync(3000)
    expect([troubleOf('measured'), troubleOf('unit')]).toEqual(['Say what you measure.', null])
  })

  it('says beside a choice what it would change of tries and time', async () => {
    const { effectsOf } = await open()
    const effects = effectsOf(examplePlan({ tries: 6 }))
    expect(effects.length).toBeGreaterThan(0)
  })
})
