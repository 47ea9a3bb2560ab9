import { describe, expect, it } from 'vitest'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { claimEffects, claimScopes, claimSentence, effectKey, firstClaim, scopeKey, type Claim } from '.'

const plan = examplePlan()
const kinds = kindsPlan(['tile', 'wood', 'carpet'])
const all = <Part>(some: { key: string; words: string; part: Part }[]) => some.map((one) => one.words)

describe('what a claim may be about', () => {
  it('is the trend, each end and each pair of levels that have an order', () => {
    const effects = claimEffects(plan, firstClaim(plan))
    expect(effects).toHaveLength(3 + 2 * 3 + 3 * 2)
    expect(all(effects)[0]).toBe('the higher the drop, the higher the bounce')
    expect(new Set(effects.map((one) => one.key)).size).toBe(effects.length)
  })

  it('is each kind as the most or the least, that all came out level, and each pair', () => {
    const effects = claimEffects(kinds, firstClaim(kinds))
    expect(effects.map(({ part }) => part.subject).filter((one) => one === 'trend')).toHaveLength(1)
    expect(effects).toHaveLength(2 * 3 + 1 + 3 * 2)
  })

  it('also offers what is chosen now where it is none of these', () => {
    const together: Claim = { ...firstClaim(kinds), levelIds: ['tile', 'wood'] }
    const effects = claimEffects(kinds, together)
    expect(effects[0]!.key).toBe(effectKey(together))
    expect(effects[0]!.words).toContain('tile and wood together')
  })

  it('each part put into the claim says what its words say', () => {
    const claim = firstClaim(plan)
    for (const { words, part } of claimEffects(plan, claim))
      expect(claimSentence(plan, { ...claim, ...part })).toContain(words)
    for (const { words, part } of claimScopes(plan, claim))
      expect(claimSentence(plan, { ...claim, scope: part })).toContain(words)
  })
})

describe('how far a claim may reach', () => {
  it('is what was tested, each shorter stretch, or everything; kinds have no stretches', () => {
    expect(all(claimScopes(plan, firstClaim(plan)))).toEqual([
      'from 20 cm to 60 cm',
      'between 20 cm and 40 cm',
      'between 40 cm and 60 cm',
      'for any drop height at all',
    ])
    expect(claimScopes(kinds, firstClaim(kinds)).map(({ part }) => part.kind)).toEqual([
      'tested',
      'everything',
    ])
  })

  it('is the same whatever the order of its fields', () => {
    expect(scopeKey({ toId: 'b', kind: 'between', fromId: 'a' })).toBe(
      scopeKey({ kind: 'between', fromId: 'a', toId: 'b' }),
    )
  })
})

it('a claim begins with the trend, or with the first kind as the most', () => {
  expect(firstClaim(plan)).toMatchObject({ subject: 'trend', levelIds: [], strength: 'think' })
  expect(firstClaim(kinds)).toMatchObject({ subject: 'most', levelIds: ['tile'] })
})
