import { describe, expect, it } from 'vitest'
import { examplePlan } from '../testing/examplePlan'
import { adjectiveForm, adjectives, changedSign, formsOf, measuredSign, verbSign } from '.'
import { nouns, qualitiesOf } from './nouns'

const { measured, changed } = examplePlan()
const of = (name: string, changes: Partial<typeof measured> = {}) => ({ ...measured, name, ...changes })

describe('forms of adjectives', () => {
  it.each([
    ['heavy', 'heavier', 'heaviest'],
    ['big', 'bigger', 'biggest'],
    ['pale', 'paler', 'palest'],
    ['good', 'better', 'best'],
    ['far', 'further', 'furthest'],
    ['much', 'more', 'most'],
  ])('%s, %s, %s', (adjective, comparative, superlative) => {
    expect(formsOf(adjective)).toEqual({ comparative, superlative })
    expect(adjectiveForm(comparative)).toEqual({ adjective, degree: 'comparative' })
    expect(adjectiveForm(superlative)).toEqual({ adjective, degree: 'superlative' })
  })

  it('are known of more than a hundred, and of no other word', () => {
    expect(adjectives.size).toBeGreaterThan(100)
    expect(adjectiveForm('paper')).toBeNull()
  })
})

describe('what an adjective says of a result', () => {
  it.each([
    [of('bounce height'), 'high', 1],
    [of('bounce height'), 'low', -1],
    [of('bounce height'), 'warm', null],
    [of('temperature lost', { unit: 'C' }), 'warm', -1],
    [of('temperature lost', { unit: 'C' }), 'cold', 1],
    [of('mass gained', { unit: 'g' }), 'heavy', 1],
    [of('mass lost', { unit: 'g' }), 'heavy', -1],
    [of('lifetime', { unit: 's' }), 'slow', 1],
    [of('finishing place', { scale: { kind: 'place' } }), 'fast', -1],
    [of('finishing place', { scale: { kind: 'place' } }), 'slow', 1],
    [of('hardness', { scale: { kind: 'rank', of: 5 } }), 'soft', -1],
    [of('heart beats a minute', { unit: 'count' }), 'fast', 1],
    [of('pulling force', { unit: 'N' }), 'easy', -1],
  ] as const)('%o: %s', (thing, adjective, sign) => expect(measuredSign(thing, adjective)).toBe(sign))

  it('and of what is changed', () => {
    expect(changedSign(changed, 'low')).toBe(-1)
    expect(changedSign({ ...changed, name: 'lamp distance' }, 'close')).toBe(-1)
    expect(changedSign({ ...changed, name: 'layers of card', unit: 'count' }, 'thick')).toBe(1)
  })
})

describe('what a verb says', () => {
  it.each([
    ['shadow length', 'shrink', -1],
    ['temperature lost', 'cool', 1],
    ['temperature', 'cool', -1],
    ['mass gained', 'grow', 1],
    ['shadow length', 'cool', null],
    ['heart beats a minute', 'slow', -1],
  ] as const)('of %s: %s', (name, verb, sign) => expect(verbSign(name, null, verb)).toBe(sign))
})

describe('nouns', () => {
  it('are at least 150, each with a quality', () => {
    expect(nouns.size).toBeGreaterThanOrEqual(150)
  })

  it.each([
    ['root', 'mm', ['length']],
    ['tower', 'cm', ['height']],
    ['puddle', 'cm', ['width', 'depth']],
    ['dough', 'g', ['mass']],
    ['magnet', 'count', ['strength']],
    ['puddle', 'g', []],
    ['tower', null, []],
  ] as const)('%s in %s has %j', (noun, unit, qualities) =>
    expect(qualitiesOf(noun, unit)).toEqual(qualities),
  )

  it('say which adjectives compare, where no other word of the name does', () => {
    const { measured } = examplePlan()
    expect(measuredSign({ ...measured, name: 'root', unit: 'mm' }, 'long')).toBe(1)
    expect(measuredSign({ ...measured, name: 'root', unit: 'mm' }, 'high')).toBe(1)
    expect(measuredSign({ ...measured, name: 'root', unit: 'mm' }, 'deep')).toBe(null)
    expect(measuredSign({ ...measured, name: 'depth of the root', unit: 'mm' }, 'deep')).toBe(1)
  })
})
