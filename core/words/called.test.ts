import { describe, expect, it } from 'vitest'
import { calledForm, calledForms, calledSign, formsTyped, withCalled } from './called'
import { gaveMore, gaveMost } from './gave'
import { changedSign, measuredSign } from './polarity'
import { trendPhrase } from './trendPhrase'
import { hasOwnWords } from './variableWords'
import { kindsPlan } from '../testing/examplePlan'

const called = { more: 'gloopier, stickier', less: 'runnier' }
const glue = { name: 'gloop', unit: 'count' as const, called }

describe('an adjective that a plan names', () => {
  it.each([
    ['gloopier', 'gloopy', 'gloopier', 'gloopiest'],
    ['gloopy', 'gloopy', 'gloopier', 'gloopiest'],
    ['the gloopiest', 'gloopy', 'gloopier', 'gloopiest'],
    ['thinner', 'thin', 'thinner', 'thinnest'],
    ['faster', 'fast', 'faster', 'fastest'],
    ['more slippery', 'slippery', 'more slippery', 'most slippery'],
    ['wrinkled', 'wrinkled', 'more wrinkled', 'most wrinkled'],
    ['Worse', 'bad', 'worse', 'worst'],
  ])('%s is %s, %s, %s', (typed, adjective, comparative, superlative) =>
    expect(formsTyped(typed)).toEqual({ adjective, comparative, superlative }),
  )

  it('is read in each of its forms, and every one of several', () => {
    expect(calledForm([undefined, called], 'runniest')).toEqual({ adjective: 'runny', degree: 'superlative' })
    expect(calledForm([called], 'sticky')).toEqual({ adjective: 'sticky', degree: 'plain' })
    expect(calledForm([called], 'higher')).toBe(null)
    expect(calledForm([{ more: '', less: ' , ' }], '')).toBe(null)
  })

  it('has the end that the plan gives it, before any usual one', () => {
    expect(calledSign(called, 'sticky')).toBe(1)
    expect(calledSign(called, 'high')).toBe(null)
    const dim = { more: 'dimmer', less: 'brighter' }
    const { changed, measured } = kindsPlan(['one', 'two'])
    expect(measuredSign({ ...measured, name: 'brightness', called: dim }, 'bright')).toBe(-1)
    expect(changedSign({ ...changed, name: 'brightness', called: dim }, 'dim')).toBe(1)
    // What is warmer has lost less warmth.
    const gloopLost = { ...measured, name: 'gloop lost', called }
    expect(measuredSign(gloopLost, 'runny')).toBe(1)
  })

  it('takes one more word for an end', () => {
    expect(withCalled(undefined, 'less', 'flatter')).toEqual({ more: '', less: 'flatter' })
    expect(withCalled(called, 'less', 'thinner').less).toBe('runnier, thinner')
    expect(withCalled({ more: 'x'.repeat(60), less: '' }, 'more', 'gloopier').more).toHaveLength(60)
  })
})

describe('sentences', () => {
  it('say what a school calls it where it names both ends', () => {
    expect(gaveMost(glue, 'most')).toBe('was the gloopiest')
    expect(gaveMore(glue, 'less')).toBe('was runnier than')
    expect(calledForms({ more: 'gloopier', less: '' })).toBe(null)
    expect(gaveMost({ ...glue, called: { more: 'gloopier', less: '' } }, 'most')).toBe('gave the most gloop')
  })

  it('say it of what is changed, too', () => {
    const { measured } = kindsPlan(['one', 'two'])
    const changed = {
      name: 'light',
      kind: 'number' as const,
      unit: 'count' as const,
      range: null,
      called: { more: 'brighter', less: 'dimmer' },
    }
    expect(trendPhrase({ changed, measured: { ...measured, ...glue } }, 'less')).toBe(
      'the brighter it was, the runnier it was',
    )
  })

  it('say a quality as its adjective', () => {
    const bounciness = { name: 'bounciness', unit: 'cm' as const }
    expect(gaveMost(bounciness, 'most')).toBe('was the bounciest')
    expect(hasOwnWords(bounciness)).toBe(true)
    expect(gaveMost({ name: 'thickness', unit: 'mm' as const }, 'most')).toBe('gave the greatest thickness')
  })

  it('know which names need no asking', () => {
    const asked = ['gloop', 'rust', 'wobble'].map((name) => hasOwnWords({ name, unit: 'count' }))
    const known = ['bounce height', 'number of clips', 'pulling force', 'amount of light'].map((name) =>
      hasOwnWords({ name, unit: 'cm' }),
    )
    expect([asked, known]).toEqual([
      [false, false, false],
      [true, true, true, true],
    ])
  })
})
