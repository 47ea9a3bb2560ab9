import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkClaim, claimSentence, suggestClaim, upgradeConclusion, emptyConclusion, type Claim } from '.'
import { normalRandom, seededRandom } from '../random'
import { weighLesson } from '../comparison'
import { examplePlan, kindsPlan, numberLevel } from '../testing/examplePlan'
import { entriesFrom } from '../testing/exampleEntries'

const heights = [20, 40, 60, 80, 100]
const plan = examplePlan({ levels: heights.map((value) => numberLevel(value)) })
const six = Array.from({ length: 6 }, (_, index) => `g${index}`)
const class6 = (cells: (g: number) => Record<string, number[]>) =>
  entriesFrom(Object.fromEntries(six.map((id, index) => [id, cells(index)])))
const around = (value: number, g: number) => [value + g, value + g + 1, value + g - 1]
const lesson = (centres: number[]) =>
  weighLesson(
    plan,
    class6((g) =>
      Object.fromEntries(heights.map((height, level) => [`h${height}`, around(centres[level]!, g)])),
    ),
    six,
  )
const rising = lesson([12, 24, 36, 48, 60])
const plateau = lesson([12, 24, 36, 36, 36])
const claim: Claim = {
  subject: 'trend',
  comparison: 'more',
  levelIds: [],
  strength: 'always',
  scope: { kind: 'tested' },
}
const between = (from: number, to: number) => ({
  kind: 'between' as const,
  fromId: `h${from}`,
  toId: `h${to}`,
})
const fit = (changes: Partial<Claim>, evidence = rising) =>
  checkClaim(plan, { ...claim, ...changes }, evidence).fit

describe('a claim about a part of the levels', () => {
  it('is judged on that part', () => {
    expect(fit({ scope: between(60, 100), strength: 'mostly' }, plateau)).toBe('contradicts')
    expect(fit({ scope: between(60, 100), strength: 'together', comparison: 'same' }, plateau)).toBe('fits')
    expect(fit({ scope: between(20, 60) }, plateau)).toBe('fits')
    expect(fit({}, plateau)).toBe('says-more')
    expect(fit({ scope: between(60, 100) })).toBe('fits')
  })

  it('takes the ends in either order', () => {
    expect(fit({ scope: { kind: 'between', fromId: 'h100', toId: 'h60' } })).toBe('fits')
  })

  it('is not checked over one level, or one that is gone', () => {
    expect(fit({ scope: between(60, 60) })).toBe('not-checked')
    expect(fit({ scope: { kind: 'between', fromId: 'h20', toId: 'gone' } })).toBe('not-checked')
  })
})

describe('the most, the least and pairs', () => {
  const floors = kindsPlan(['carpet', 'tiles', 'grass', 'wood'], { best: 'most' })
  const evidence = weighLesson(
    floors,
    class6((g) => ({
      carpet: around(20, g),
      tiles: around(60, g),
      grass: around(8, g),
      wood: g % 2 ? around(59, g) : around(61, g),
    })),
    six,
  )
  const check = (subject: Claim['subject'], levelIds: string[], changes: Partial<Claim> = {}) =>
    checkClaim(
      floors,
      { ...claim, subject, levelIds, comparison: subject === 'least' ? 'less' : 'more', ...changes },
      evidence,
    ).fit

  it('judges the least by the least against the next', () => {
    expect(check('least', ['grass'])).toBe('fits')
    expect(check('least', ['carpet'])).toBe('contradicts')
  })

  it('does not let one of two level ones be the most', () => {
    expect(evidence.judgement.order[0]).toHaveLength(2)
    expect(check('most', ['tiles'])).toBe('contradicts')
    expect(check('most', ['tiles'], { strength: 'think' })).toBe('contradicts')
    expect(check('most', ['tiles', 'wood'], { comparison: 'same', strength: 'together' })).toBe('fits')
    expect(check('most', ['carpet'])).toBe('contradicts')
  })

  it('judges a pair by its two levels', () => {
    expect(check('pair', ['carpet', 'grass'])).toBe('fits')
    expect(check('pair', ['grass', 'carpet'])).toBe('contradicts')
    expect(check('pair', ['grass', 'carpet'], { comparison: 'less' })).toBe('fits')
    expect(check('pair', ['tiles', 'wood'])).toBe('contradicts')
    expect(check('pair', ['tiles', 'wood'], { comparison: 'same', strength: 'together' })).toBe('fits')
    expect(check('pair', ['tiles', 'tiles'])).toBe('not-checked')
    expect(check('pair', ['tiles'])).toBe('not-checked')
  })

  it('says all are alike only where they are', () => {
    expect(check('trend', [], { comparison: 'same', strength: 'together' })).toBe('contradicts')
  })
})

describe('a lean', () => {
  // Three groups, two tries, a small rise: leaning, not clear.
  const small = examplePlan({ levels: [20, 40, 60].map((value) => numberLevel(value)) })
  const leaning = weighLesson(
    small,
    entriesFrom({
      a: { h20: [10, 14], h40: [13, 11], h60: [14, 12] },
      b: { h20: [11, 13], h40: [12, 11], h60: [13, 12] },
      c: { h20: [12, 11], h40: [11, 13], h60: [12, 14] },
    }),
  )
  const check = (changes: Partial<Claim>) => checkClaim(small, { ...claim, ...changes }, leaning).fit

  it('proves nothing either way', () => {
    expect(leaning.judgement).toMatchObject({ verdict: { word: 'leaning' }, direction: 'rising' })
    expect(check({ strength: 'think' })).toBe('fits')
    expect(check({})).toBe('says-more')
    expect(check({ comparison: 'less', strength: 'think' })).toBe('says-more')
    expect(check({ comparison: 'same', strength: 'together' })).toBe('says-more')
  })
})

describe('a claim while most groups are still testing', () => {
  it('is no more than what we think', () => {
    const half = weighLesson(
      plan,
      entriesFrom(
        Object.fromEntries(
          ['g0', 'g1'].map((id, g) => [
            id,
            Object.fromEntries(heights.map((h) => [`h${h}`, around(h * 0.6, g)])),
          ]),
        ),
      ),
      six,
    )
    expect(checkClaim(plan, { ...claim, strength: 'mostly' }, half).fit).toBe('says-more')
    expect(suggestClaim(plan, half)?.strength).toBe('think')
  })
})

describe('claims of older lessons', () => {
  const kept = (comparison: 'more' | 'less' | 'same', levelId: string | null) => ({
    ...emptyConclusion,
    claim: { comparison, levelId, strength: 'always' as const, scope: { kind: 'tested' as const } },
  })

  it('open with the subject that they had without saying so', () => {
    const floors = kindsPlan(['carpet', 'tiles'])
    expect(upgradeConclusion(plan, kept('more', null)).claim).toEqual(claim)
    expect(upgradeConclusion(floors, kept('more', 'tiles')).claim).toMatchObject({
      subject: 'most',
      levelIds: ['tiles'],
    })
    expect(upgradeConclusion(floors, kept('less', 'tiles')).claim).toMatchObject({
      subject: 'least',
      levelIds: ['tiles'],
    })
    expect(upgradeConclusion(floors, kept('same', null)).claim).toMatchObject({
      subject: 'trend',
      comparison: 'same',
    })
    expect(upgradeConclusion(plan, { ...emptyConclusion, claim }).claim).toBe(claim)
  })
})

describe('suggestClaim', () => {
  it('offers what the check accepts, for every shape', () => {
    for (const centres of [
      [12, 24, 36, 48, 60],
      [12, 24, 36, 36, 36],
      [12, 12, 12, 12, 36],
      [12, 24, 36, 24, 12],
      [60, 48, 36, 24, 12],
      [30, 30, 30, 30, 30],
    ]) {
      const evidence = lesson(centres)
      const offered = suggestClaim(plan, evidence)
      expect(offered).not.toBeNull()
      expect(checkClaim(plan, offered!, evidence).fit).toBe('fits')
    }
  })
})

describe('a stretch that was chosen after looking', () => {
  it('is by luck clear in few classes with nothing true', () => {
    const normal = normalRandom(seededRandom(11))
    let found = 0
    for (let one = 0; one < 120; one++) {
      const evidence = weighLesson(
        plan,
        class6(() =>
          Object.fromEntries(
            heights.map((height) => [`h${height}`, [0, 1, 2].map(() => Math.round(30 + 3 * normal()))]),
          ),
        ),
        six,
      )
      const stretches = heights.flatMap((from, index) =>
        heights.slice(index + 1).map((to) => between(from, to)),
      )
      const says = (scope: Claim['scope'], comparison: 'more' | 'less') =>
        checkClaim(plan, { ...claim, strength: 'together', scope, comparison }, evidence).fit
      if (
        stretches.some((scope) =>
          (['more', 'less'] as const).some((way) => ['fits', 'says-less'].includes(says(scope, way))),
        )
      )
        found++
    }
    // Without a word about how many there are to choose from it was one in four.
    expect(found / 120).toBeLessThan(0.1)
  })
})

describe('how strongly a claim is suggested', () => {
  /** Six groups at three kinds, the first ahead by so much, everybody wobbling. */
  const kinds = kindsPlan(['tiles', 'wood', 'carpet'])
  const classOf = (wobble: readonly number[], ahead: number) =>
    entriesFrom(
      Object.fromEntries(
        six.map((id, group) => [
          id,
          Object.fromEntries(
            ['tiles', 'wood', 'carpet'].map((kind, level) => [
              kind,
              [0, 1, 2].map((one) => 30 + (level === 0 ? ahead : 0) + wobble[group * 9 + level * 3 + one]!),
            ]),
          ),
        ]),
      ),
    )

  it('says most groups of more than half of them only, and else of all tries together', () => {
    const seen = new Set<string>()
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 54, maxLength: 54 }),
        fc.integer({ min: 2, max: 6 }),
        (wobble, ahead) => {
          const evidence = weighLesson(kinds, classOf(wobble, ahead), six)
          const claim = suggestClaim(kinds, evidence)
          if (!claim) return
          const { agreeing, groups } = evidence.judgement
          seen.add(claim.strength)
          if (claim.strength === 'mostly') expect(2 * agreeing).toBeGreaterThan(groups)
          if (claim.strength === 'together' && claim.comparison !== 'same')
            expect(2 * agreeing).toBeLessThanOrEqual(groups)
        },
      ),
      { numRuns: 400, seed: 25 },
    )
    expect([...seen].sort()).toEqual(['always', 'mostly', 'think', 'together'])
  })

  it('never says of no group that most found it', () => {
    const level = weighLesson(kinds, classOf(new Array(54).fill(0) as number[], 0), six)
    const claim = suggestClaim(kinds, level)!
    expect(claimSentence(kinds, claim)).toMatch(
      /^Taking all our tries together, the bounce height was about the same whatever the surface/,
    )
    expect(checkClaim(kinds, { ...claim, strength: 'mostly' }, level).fit).toBe('says-more')
  })
})
