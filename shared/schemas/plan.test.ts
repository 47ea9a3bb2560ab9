import { expect, it } from 'vitest'
import { examplePlan } from '../../core/testing/examplePlan'
import { planSchema, validate } from '.'

it('a plan from before version 0.2.0 is understood in files too', () => {
  const { formatVersion: _now, ...others } = examplePlan()
  const plan = { ...others, recording: { kind: 'intervals', everyMinutes: 10, times: 3 } }
  const read = validate(planSchema, plan)
  expect(read.ok && read.value.recording).toEqual({
    kind: 'intervals',
    minutes: [0, 10, 20, 30],
    score: 'lost',
  })
  expect(validate(planSchema, { ...plan, recording: { kind: 'daily', days: 5 } }).ok).toBe(true)
  const soaked = validate(planSchema, { ...plan, recording: { kind: 'before-after' } })
  expect(soaked.ok && soaked.value.recording).toMatchObject({
    moments: ['before', 'after'],
    change: 'gained',
  })
  expect(validate(planSchema, { ...plan, recording: { kind: 'parts-whole' } }).ok).toBe(true)
  const words = validate(planSchema, { ...plan, recording: { kind: 'word-scale', words: ['a', 'b'] } })
  expect(words.ok && words.value.recording).toMatchObject({ seen: 'once', awaited: 'b' })
  const improved = validate(planSchema, { ...plan, aim: 'improve', recording: { kind: 'measure' } })
  expect(improved.ok && improved.value).toMatchObject({ recording: { kind: 'rounds' } })
  expect(improved.ok && 'aim' in improved.value).toBe(false)
  const best = validate(planSchema, { ...plan, aim: 'compare', recording: { kind: 'rounds' } })
  expect(best.ok && best.value.recording).toEqual({ kind: 'measure', was: 'rounds' })
})
