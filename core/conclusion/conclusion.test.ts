// Long: each kind of claim against each kind of result.
import { describe, expect, it } from 'vitest'
import {
  checkClaim,
  claimSentence,
  classAnswer,
  comparePrediction,
  emptyConclusion,
  predictedNumbers,
  predictionWords,
  predictionsMet,
  predictorSeats,
  suggestClaim,
  type Claim,
  type PredictionAnswer,
} from '.'
import { weighLesson } from '../comparison'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { entriesFrom } from '../testing/exampleEntries'

const plan = examplePlan()
const up = { h20: [10, 11, 12], h40: [20, 21, 22], h60: [30, 31, 32] }
const down = { h20: [30, 31, 32], h40: [20, 21, 22], h60: [10, 11, 12] }
/** Three rows of tries that move on by one level from group to group, so that no level has more. */
const rows = [
  [31, 32, 31],
  [32, 31, 31],
  [31, 32, 32],
]
const levelAt = (index: number) =>
  Object.fromEntries(['h20', 'h40', 'h60'].map((id, level) => [id, rows[(level + index) % 3]!]))
const all = weighLesson(plan, entriesFrom({ a: up, b: up, c: up }))
const most = weighLesson(plan, entriesFrom({ a: up, b: up, c: up, d: up, e: up, f: up, g: up, h: down }))
const none = weighLesson(
  plan,
  entriesFrom(Object.fromEntries(Array.from({ length: 9 }, (_, index) => [`g${index}`, levelAt(index)]))),
)
const open = weighLesson(plan, entriesFrom({ a: up, b: down }))
const claim: Claim = {
  subject: 'trend',
  comparison: 'more',
  levelIds: [],
  strength: 'always',
  scope: { kind: 'tested' },
}
const most1 = (levelId: string, strength: Claim['strength'] = 'always'): Claim => ({
  ...claim,
  subject: 'most',
  levelIds: [levelId],
  strength,
})
const fit = (changes: Partial<Claim>, evidence = all) =>
  checkClaim(plan, { ...claim, ...changes }, evidence).fit

describe('claimSentence', () => {
  it('puts the parts together', () => {
    expect(claimSentence(plan, claim)).toBe(
      'Every time, the higher the drop, the higher the bounce, from 20 cm to 60 cm.',
    )
    expect(
      claimSentence(plan, {
        ...claim,
        strength: 'mostly',
        comparison: 'less',
        scope: { kind: 'between', fromId: 'h20', toId: 'h40' },
      }),
    ).toBe('In most groups, the higher the drop, the lower the bounce, between 20 cm and 40 cm.')
    const kinds = kindsPlan(['carpet', 'tiles'])
    expect(claimSentence(kinds, most1('tiles', 'think'))).toBe(
      'We think that tiles gave the highest bounce of the 2 we tested.',
    )
    expect(claimSentence(kinds, { ...claim, comparison: 'same' })).toMatch(
      /about the same whatever the surface/,
    )
  })
})

describe('classAnswer', () => {
  it('prefers the class’s own words', () => {
    expect(classAnswer(plan, emptyConclusion)).toBeNull()
    expect(classAnswer(plan, { ...emptyConclusion, claim })).toMatch(/^Every time/)
    expect(classAnswer(plan, { ...emptyConclusion, claim, ownWords: 'Higher is higher.' })).toBe(
      'Higher is higher.',
    )
  })
})

describe('claims about an uneven pattern and about rounds', () => {
  const groups = ['a', 'b', 'c', 'd', 'e', 'f']
  const table = (values: number[], ids: string[]) =>
    entriesFrom(
      Object.fromEntries(
        groups.map((group, index) => [
          group,
          Object.fromEntries(ids.map((id, level) => [id, [values[level]! + index]])),
        ]),
      ),
    )

  it('offers the part that goes one way where the measure turns, and calls the whole against the data', () => {
    const plan = examplePlan()
    const evidence = weighLesson(
      plan,
      entriesFrom(
        Object.fromEntries(
          groups.map((group, index) => [
            group,
            { h20: [20 + index, 21], h40: [50 + index, 52], h60: [21 + index, 22] },
          ]),
        ),
      ),
    )
    const offered = suggestClaim(plan, evidence)!
    expect(offered).toMatchObject({
      comparison: 'more',
      scope: { kind: 'between', fromId: 'h20', toId: 'h40' },
    })
    expect(checkClaim(plan, offered, evidence).fit).toBe('fits')
    expect(checkClaim(plan, { ...claim, strength: 'think' }, evidence)).toMatchObject({
      fit: 'contradicts',
      suggestion: offered,
    })
    expect(comparePrediction(plan, { format: 'direction', direction: 'more' }, evidence)).toBe('surprised')
  })

  it('speaks of later rounds where a design was improved', () => {
    const bridge = kindsPlan(['round 1', 'round 2', 'round 3'], { recording: { kind: 'rounds' } })
    const evidence = weighLesson(bridge, table([5, 9, 15], ['round 1', 'round 2', 'round 3']))
    const claim = suggestClaim(bridge, evidence)!
    expect(claimSentence(bridge, claim)).toBe(
      'Every time, the later the round, the higher the bounce, from round 1 to round 3.',
    )
    expect(checkClaim(bridge, claim, evidence).fit).toBe('fits')
  })
})

describe('predictorSeats', () => {
  const who = (one: 'child' | 'group' | 'class') => ({
    prediction: { ...examplePlan().prediction, who: one },
  })

  it('asks each group, each child of each group, or the class under its first group', () => {
    expect(predictorSeats(who('group'), ['a', 'b'], 9)).toEqual([
      { groupId: 'a', seat: 0 },
      { groupId: 'b', seat: 0 },
    ])
    expect(predictorSeats(who('class'), ['a', 'b'], 9)).toEqual([{ groupId: 'a', seat: 0 }])
    expect(predictorSeats(who('child'), ['a', 'b'], 5)).toHaveLength(6)
    expect(predictorSeats(who('child'), ['a'], 0).map((one) => one.seat)).toEqual([1, 2, 3, 4])
  })
})

describe('checkClaim', () => {
  it('fits when it says what the data say', () => {
    expect(fit({})).toBe('fits')
    expect(fit({ strength: 'mostly' }, most)).toBe('fits')
    expect(fit({ comparison: 'same', strength: 'together' }, none)).toBe('fits')
    expect(fit({ strength: 'think' }, open)).toBe('fits')
  })

  it('sees a claim that goes against the data', () => {
    expect(fit({ comparison: 'less' })).toBe('contradicts')
    expect(fit({ comparison: 'same' })).toBe('contradicts')
    expect(fit({}, none)).toBe('contradicts')
  })

  it('sees a claim that says more', () => {
    expect(fit({ scope: { kind: 'everything' } })).toBe('says-more')
    expect(fit({}, most)).toBe('says-more')
    expect(fit({}, open)).toBe('says-more')
  })

  it('sees a claim over levels that nobody has tested', () => {
    const half = weighLesson(
      plan,
      entriesFrom({ a: { h20: [1, 2, 3], h40: [13, 14, 15] }, b: { h20: [1, 2, 3], h40: [12, 13, 14] } }),
    )
    expect(checkClaim(plan, { ...claim, strength: 'think' }, half)).toMatchObject({
      fit: 'says-more',
      reason: '60 cm has no readings yet, so the claim reaches too far.',
    })
  })

  it('sees a guess that even the leaning of the data speaks against', () => {
    const kinds = kindsPlan(['carpet', 'tiles', 'grass'])
    // Medians: carpet 20 and 25, tiles 23 and 26. Tiles lead by 2, and overlap.
    const evidence = weighLesson(
      kinds,
      entriesFrom({ a: { carpet: [10, 30], tiles: [21, 25] }, b: { carpet: [15, 35], tiles: [24, 28] } }),
    )
    expect(evidence.judgement.verdict.word).toBe('cant-tell')
    const check = (levelId: string) => checkClaim(kinds, most1(levelId, 'think'), evidence).fit
    expect([check('tiles'), check('carpet'), check('grass')]).toEqual(['fits', 'says-more', 'says-more'])
  })

  it('sees a claim that says less', () => {
    expect(fit({ strength: 'think' })).toBe('says-less')
    expect(fit({ strength: 'mostly' })).toBe('says-less')
  })

  it('has nothing to check against without results', () => {
    expect(fit({}, weighLesson(plan, []))).toBe('not-checked')
  })

  it('accepts its own suggestion, whatever the data', () => {
    const half = weighLesson(
      plan,
      entriesFrom({ a: { h20: [1, 2, 3], h40: [3, 4, 5] }, b: { h20: [5, 6, 7], h40: [2, 3, 4] } }),
    )
    for (const evidence of [all, most, none, open, half])
      expect(checkClaim(plan, suggestClaim(plan, evidence)!, evidence).fit).toBe('fits')
    expect(suggestClaim(plan, half)).toMatchObject({
      strength: 'think',
      scope: { kind: 'between', fromId: 'h20', toId: 'h40' },
    })
    expect(suggestClaim(plan, weighLesson(plan, []))).toBeNull()
  })

  it('knows which kind came first, at the end that wins', () => {
    const kinds = kindsPlan(['carpet', 'tiles'])
    const readings = entriesFrom(
      Object.fromEntries(
        ['a', 'b', 'c', 'd', 'e', 'f'].map((group) => [group, { carpet: [10, 11], tiles: [20, 21] }]),
      ),
    )
    const evidence = weighLesson(kinds, readings)
    const check = (levelId: string, subject: Claim['subject'] = 'most') =>
      checkClaim(kinds, { ...most1(levelId), subject }, evidence).fit
    expect([check('tiles'), check('carpet'), check('carpet', 'least'), check('gone')]).toEqual([
      'fits',
      'contradicts',
      'fits',
      'not-checked',
    ])
    const least = { ...kinds, best: 'least' as const }
    expect(suggestClaim(least, weighLesson(least, readings))).toMatchObject({
      subject: 'least',
      levelIds: ['carpet'],
    })
  })
})

describe('comparePrediction', () => {
  const outcome = (answer: PredictionAnswer, evidence = all) => comparePrediction(plan, answer, evidence)

  it('compares directions', () => {
    expect(outcome({ format: 'direction', direction: 'more' })).toBe('as-predicted')
    expect(outcome({ format: 'direction', direction: 'same' })).toBe('surprised')
    expect(outcome({ format: 'direction', direction: 'same' }, none)).toBe('as-predicted')
    expect(outcome({ format: 'direction', direction: 'more' }, open)).toBe('open')
  })

  it('compares orders: neighbours swapped is nearly right', () => {
    expect(outcome({ format: 'order', levelIds: ['h60', 'h40', 'h20'] })).toBe('as-predicted')
    expect(outcome({ format: 'order', levelIds: ['h40', 'h60', 'h20'] })).toBe('nearly')
    expect(outcome({ format: 'order', levelIds: ['h20', 'h40', 'h60'] })).toBe('surprised')
  })

  it('compares numbers within a fifth of them, however much the tries wobble', () => {
    expect(outcome({ format: 'number', levelId: 'h60', value: 33 })).toBe('as-predicted')
    expect(outcome({ format: 'number', levelId: 'h60', value: 45 })).toBe('nearly')
    expect(outcome({ format: 'number', levelId: 'h60', value: 60 })).toBe('surprised')
    expect(outcome({ format: 'number', levelId: 'gone', value: 60 })).toBe('open')
  })

  it('compares a number with what its own group read, and in rounds with the best of them', () => {
    const wild = weighLesson(
      plan,
      entriesFrom({ a: { h20: [5], h60: [10, 50, 10] }, b: { h20: [5], h60: [50] } }),
    )
    const of = (groupId: string | null, value: number, over = plan) =>
      comparePrediction(over, { format: 'number', levelId: 'h60', value }, wild, groupId)
    expect([of('a', 11), of('a', 50), of('b', 50), of('c', 50)]).toEqual([
      'as-predicted',
      'surprised',
      'as-predicted',
      'open',
    ])
    const rounds = kindsPlan(['round 1', 'round 2'], { recording: { kind: 'rounds' } })
    const read = weighLesson(rounds, entriesFrom({ a: { 'round 1': [12], 'round 2': [7] } }))
    const best = { format: 'number' as const, levelId: 'round 2', value: 12 }
    expect(comparePrediction(rounds, best, read, 'a')).toBe('as-predicted')
    expect(comparePrediction({ ...rounds, best: 'least' }, best, read, 'a')).toBe('surprised')
  })

  it('compares choices', () => {
    expect(outcome({ format: 'choice', levelId: 'h60' })).toBe('as-predicted')
    expect(outcome({ format: 'choice', levelId: 'h20' })).toBe('surprised')
  })

  it('counts those who predicted, by what they are', () => {
    expect(predictionsMet('group', ['as-predicted', 'surprised', 'nearly'])).toBe(
      '1 of 3 groups had predicted this. 1 was surprised.',
    )
    expect(predictionsMet('child', ['as-predicted', 'as-predicted'])).toBe(
      '2 of 2 children had predicted this.',
    )
    expect(predictionsMet('class', ['surprised'])).toBe('The class was surprised.')
    expect(predictionsMet('group', ['open', 'open'])).toBe('')
  })

  it('has words for each', () => {
    expect(predictionWords(plan, { format: 'direction', direction: 'less' })).toBe(
      'the higher the drop, the lower the bounce',
    )
    expect(predictionWords(plan, { format: 'choice', levelId: 'h40' })).toBe(
      '40 cm will give the highest bounce',
    )
    expect(predictionWords(plan, { format: 'number', levelId: 'h40', value: 22.5 })).toMatch(
      /about 22\.5 cm$/,
    )
    expect(predictionWords(plan, { format: 'number', levelId: 'h40', value: 22 })).toBe(
      '40 cm will give about 22 cm',
    )
    expect(predictionWords(plan, { format: 'order', levelIds: ['h60', 'gone'] })).toMatch(
      /60 cm, a level no longer in the plan/,
    )
  })
})

describe('predictedNumbers', () => {
  const number = (groupId: string, value: number, levelId = 'h60', seat = 0) => ({
    groupId,
    seat,
    answer: { format: 'number', levelId, value } as PredictionAnswer,
  })

  it('stand beside what the predictor read there: 30 was predicted, 30, 31 and 32 were read', () => {
    expect(predictedNumbers('group', [number('a', 30), number('b', 12, 'h20')], all, () => [])).toEqual([
      {
        groupId: 'a',
        seat: 0,
        ofClass: false,
        levelId: 'h60',
        moment: null,
        predicted: 30,
        tries: [30, 31, 32],
        found: 31,
        apart: 1,
      },
      {
        groupId: 'b',
        seat: 0,
        ofClass: false,
        levelId: 'h20',
        moment: null,
        predicted: 12,
        tries: [10, 11, 12],
        found: 11,
        apart: -1,
      },
    ])
  })

  it('of the class stand beside what all groups read', () => {
    expect(predictedNumbers('class', [number('a', 30)], all, () => [])).toMatchObject([
      { ofClass: true, found: 31, tries: [30, 31, 32, 30, 31, 32, 30, 31, 32] },
    ])
  })

  it('have nothing beside them before the first try, and leave other kinds of prediction out', () => {
    expect(predictedNumbers('group', [number('nobody', 30)], all, () => [])).toMatchObject([
      { found: null, apart: null, tries: [] },
    ])
    const direction = { groupId: 'a', seat: 0, answer: { format: 'direction', direction: 'more' } as const }
    expect(predictedNumbers('group', [direction], all, () => [])).toEqual([])
  })
})
