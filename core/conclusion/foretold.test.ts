import { describe, expect, it } from 'vitest'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { weighLesson } from '../comparison'
import type { Claim } from './claim'
import { checkClaim, comparePrediction, foretoldBy, judgeClaim, predictionFormat, predictionWords } from '.'
import type { PredictionAnswer } from './prediction'

const early = '2026-05-04T08:00:00Z'
const late = '2026-05-04T12:00:00Z'
const firstReading = { takenAt: '2026-05-04T09:00:00Z' }
const stretch = (fromId: string, toId: string): PredictionAnswer => ({ format: 'stretch', fromId, toId })
const pair = (levelId: string, overId: string): PredictionAnswer => ({ format: 'pair', levelId, overId })

describe('foretoldBy', () => {
  const of = (...made: [PredictionAnswer, string][]) =>
    foretoldBy(
      made.map(([answer, madeAt]) => ({ answer, madeAt })),
      [firstReading],
    )

  it('takes what was predicted before the first reading, each stretch or pair once', () => {
    expect(
      of([stretch('h20', 'h40'), early], [stretch('h40', 'h20'), early], [pair('a', 'b'), early]),
    ).toEqual([
      ['h20', 'h40'],
      ['a', 'b'],
    ])
  })

  it('leaves out what came later, and predictions of another kind', () => {
    expect(of([stretch('h20', 'h40'), late], [{ format: 'choice', levelId: 'h20' }, early])).toEqual([])
  })

  it('takes all while nothing was read', () => {
    expect(foretoldBy([{ answer: pair('a', 'b'), madeAt: late }], [])).toEqual([['a', 'b']])
  })
})

describe('a stretch predicted before testing', () => {
  const plan = { ...examplePlan(), tries: 3 }
  const groups = ['a', 'b', 'c', 'd']
  // From 20 to 40 cm it rises beyond chance once, but not among three stretches.
  const entries = entriesFrom(
    Object.fromEntries(
      groups.map((group, index) => [
        group,
        {
          h20: [40, 48, 44],
          h40: index < 1 ? [44, 48, 44] : [52, 48, 48],
          h60: [56, 44, 48],
        },
      ]),
    ),
  )
  const claim: Claim = {
    subject: 'trend',
    comparison: 'more',
    levelIds: [],
    strength: 'together',
    scope: { kind: 'between', fromId: 'h20', toId: 'h40' },
  }
  const judged = (foretold: (readonly [string, string])[]) =>
    judgeClaim(plan, claim, weighLesson(plan, entries, groups, false, foretold)).verdict

  it('keeps its full 5%; one chosen afterwards shares it with all three', () => {
    const [alone, chosen] = [judged([['h20', 'h40']]), judged([])]
    expect(chosen.p).toBeCloseTo(Math.min(1, 3 * alone.p), 10)
    expect([alone.word, chosen.word]).toEqual(['clear', 'leaning'])
  })

  it('shares it with as many as were predicted', () => {
    const two = judged([
      ['h20', 'h40'],
      ['h40', 'h60'],
    ])
    expect(two.p).toBeCloseTo(2 * judged([['h20', 'h40']]).p, 10)
    expect(judged([['h40', 'h60']]).p).toBe(judged([]).p)
  })

  it('is said to have been predicted', () => {
    const reason = (foretold: (readonly [string, string])[]) =>
      checkClaim(plan, claim, weighLesson(plan, entries, groups, false, foretold)).reason
    expect(reason([['h40', 'h20']])).toContain('It was predicted before we tested.')
    expect(reason([])).not.toContain('predicted')
  })
})

describe('comparing a stretch with the result', () => {
  const plan = { ...examplePlan(), tries: 3 }
  const groups = ['a', 'b', 'c', 'd']
  const read = (h20: number, h40: number, h60: number) =>
    weighLesson(
      plan,
      entriesFrom(
        Object.fromEntries(
          groups.map((group, index) => [
            group,
            Object.fromEntries(
              Object.entries({ h20, h40, h60 }).map(([id, value]) => [
                id,
                [0, 1, 2].map((more) => value + more + index),
              ]),
            ),
          ]),
        ),
      ),
      groups,
      false,
      [['h20', 'h40']],
    )

  it('it was right where more than half of the way lies in it beyond chance, wrong where less does', () => {
    const outcome = (evidence: ReturnType<typeof read>) =>
      comparePrediction(plan, stretch('h20', 'h40'), evidence)
    expect(outcome(read(10, 40, 44))).toBe('as-predicted')
    expect(outcome(read(10, 14, 44))).toBe('surprised')
    expect(outcome(read(40, 14, 10))).toBe('as-predicted')
    expect(outcome(read(10, 10, 10))).not.toBe('as-predicted')
  })

  it('it is open where about half does', () => {
    const halves = weighLesson(
      plan,
      entriesFrom({
        a: { h20: [10, 11, 12], h40: [26, 25, 24], h60: [40, 41, 39] },
        b: { h20: [10, 11, 12], h40: [24, 25, 26], h60: [40, 39, 40] },
        c: { h20: [10, 11, 13], h40: [27, 24, 26], h60: [41, 41, 40] },
      }),
      ['a', 'b', 'c'],
    )
    expect(halves.judgement.verdict.word).toBe('clear')
    expect(comparePrediction(plan, stretch('h20', 'h40'), halves)).toBe('open')
    expect(comparePrediction(plan, stretch('h20', 'gone'), halves)).toBe('open')
  })
})

describe('comparing a pair with the result', () => {
  const plan = { ...kindsPlan(['tile', 'wood', 'carpet']), tries: 3 }
  const groups = ['a', 'b', 'c', 'd', 'e', 'f']
  const evidence = weighLesson(
    plan,
    entriesFrom(
      Object.fromEntries(
        groups.map((group, index) => [
          group,
          { tile: [50 + index, 51, 52], wood: [40, 41 + index, 42], carpet: [20, 21, 22 + index] },
        ]),
      ),
    ),
    groups,
  )

  it('goes by what is best', () => {
    expect(comparePrediction(plan, pair('tile', 'carpet'), evidence)).toBe('as-predicted')
    expect(comparePrediction(plan, pair('carpet', 'wood'), evidence)).toBe('surprised')
    expect(comparePrediction({ ...plan, best: 'least' }, pair('carpet', 'wood'), evidence)).toBe(
      'as-predicted',
    )
  })

  it('is open before anything is clear', () => {
    expect(comparePrediction(plan, pair('tile', 'carpet'), weighLesson(plan, [], groups))).toBe('open')
  })
})

describe('stretches and pairs in words', () => {
  const heights = {
    ...examplePlan(),
    prediction: { ...examplePlan().prediction, format: 'stretch' as const },
  }
  const floors = kindsPlan(['tile', 'wood', 'carpet'])

  it('say what is expected', () => {
    expect(predictionWords(heights, stretch('h20', 'h40'))).toBe(
      'most of the change will happen between 20 cm and 40 cm',
    )
    expect(predictionWords(floors, pair('tile', 'carpet'))).toMatch(/^tile .* than carpet$/)
  })

  it('are asked only where they make sense', () => {
    expect(predictionFormat(heights)).toBe('stretch')
    expect(predictionFormat({ ...heights, levels: heights.levels.slice(0, 2) })).toBe('direction')
    const ofPair = { ...floors.prediction, format: 'pair' as const }
    expect(predictionFormat({ ...floors, prediction: ofPair })).toBe('pair')
    expect(predictionFormat({ ...floors, levels: floors.levels.slice(0, 2), prediction: ofPair })).toBe(
      'choice',
    )
    expect(predictionFormat({ ...heights, prediction: ofPair })).toBe('direction')
  })
})
