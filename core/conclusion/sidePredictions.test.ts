import { describe, expect, it } from 'vitest'
import { scoredPlan, weighLesson } from '../comparison'
import { dough, poured, read } from '../testing/sidesPlans'
import {
  comparePrediction,
  levelsNamed,
  predictionFormat,
  predictionFormatsFor,
  predictionWords,
  sideQuestions,
  type PredictionAnswer,
  type SidePrediction,
} from '.'

const groups = ['leaf', 'bell', 'key']
const answer = (
  direction: SidePrediction['direction'],
  changes: Partial<SidePrediction> = {},
): SidePrediction => ({ quantity: 0, levelId: null, sideId: 'side-2', direction, ...changes })
const predicted = (...sides: SidePrediction[]): PredictionAnswer => ({ format: 'sides', sides })

describe('what is asked of the sides of a thing', () => {
  it('is each later side of each quantity', () => {
    expect(sideQuestions(scoredPlan(dough()))).toEqual([{ quantity: 0, levelId: null, sideId: 'side-2' }])
    expect(sideQuestions(scoredPlan(poured())).map(({ quantity }) => quantity)).toEqual([0, 1])
  })

  it('is asked of each level while that is not too much', () => {
    const ids = (levels: string[]) => sideQuestions(scoredPlan(poured(levels))).map(({ levelId }) => levelId)
    expect(ids(['peas', 'rice'])).toEqual(['peas', 'peas', 'rice', 'rice'])
    expect(ids(['peas', 'rice', 'salt', 'sand'])).toEqual([null, null])
  })

  it('is put as more, less or the same, or as a number, and as nothing else', () => {
    const scored = scoredPlan(dough())
    expect(predictionFormatsFor(scored)).toEqual(['sides', 'number'])
    expect(predictionFormat(scored)).toBe('sides')
    const numbers = { ...scored, prediction: { ...scored.prediction, format: 'number' as const } }
    expect(predictionFormat(numbers)).toBe('number')
    const levels = dough(['lump', 'ball'], { comparison: 'levels' })
    expect(predictionFormat({ ...levels, prediction: { ...levels.prediction, format: 'sides' } })).toBe(
      'choice',
    )
  })

  it('is said in the words of what is read', () => {
    const scored = scoredPlan(poured(['peas', 'rice']))
    const words = predictionWords(
      scored,
      predicted(
        answer('same', { levelId: 'peas' }),
        answer('same', { quantity: 1, levelId: 'peas' }),
        answer('less', { levelId: 'rice' }),
        answer('same', { quantity: 1, levelId: 'rice' }),
      ),
    )
    expect(words).toBe(
      'rice will take up less together; peas will take up the same together; it will weigh the same together',
    )
    expect(predictionWords(scoredPlan(dough()), { format: 'number', levelId: 'side-2', value: 190 })).toBe(
      'the mass will be about 190 g after',
    )
    expect(
      levelsNamed(predicted(answer('less', { levelId: 'rice' }), answer('same', { levelId: 'rice' }))),
    ).toEqual(['rice', 'side-2'])
  })
})

describe('what was predicted of sides, beside what was found', () => {
  const plan = dough(['dough'], { tries: 2 })
  const lesson = (lost: number) =>
    read(
      plan,
      Object.fromEntries(
        groups.map((groupId, group) => [
          groupId,
          { dough: [0, 1].map((index) => ({ before: 200 + group + index, after: 200 + group - lost })) },
        ]),
      ),
    )
  const met = (lost: number, made: PredictionAnswer) => {
    const entries = lesson(lost)
    return comparePrediction(scoredPlan(plan, entries), made, weighLesson(plan, entries, groups))
  }

  it.each([
    [20, 'less', 'as-predicted'],
    [20, 'more', 'surprised'],
    [20, 'same', 'surprised'],
    [0, 'same', 'as-predicted'],
    [0, 'less', 'surprised'],
  ] as const)('of a thing that lost %d g: %s is %s', (lost, direction, outcome) => {
    expect(met(lost, predicted(answer(direction)))).toBe(outcome)
  })

  it('is open while nothing is clear, or where nobody can know', () => {
    const begun = lesson(20).slice(0, 2)
    const evidence = weighLesson(plan, begun, groups)
    expect(comparePrediction(scoredPlan(plan), predicted(answer('less')), evidence)).toBe('open')
    expect(met(20, predicted(answer('less', { sideId: 'side-9' })))).toBe('open')
    expect(met(20, predicted(answer('less', { quantity: 3 })))).toBe('open')
  })

  it('nearly came where one of two quantities did', () => {
    const both = poured()
    const entries = read(
      both,
      Object.fromEntries(
        groups.map((groupId) => [
          groupId,
          {
            'rice and peas': [0, 1].map((more) => ({
              ...{ rice: 100 + more, peas: 100, 'all together': 180 + more },
              ...{ 'rice, mass': 80, 'peas, mass': 80, 'all together, mass': 160 },
            })),
          },
        ]),
      ),
    )
    const evidence = weighLesson(both, entries, groups)
    const scored = scoredPlan(both, entries)
    const outcome = (volume: SidePrediction['direction'], mass: SidePrediction['direction']) =>
      comparePrediction(scored, predicted(answer(volume), answer(mass, { quantity: 1 })), evidence)
    expect([outcome('less', 'same'), outcome('less', 'less'), outcome('more', 'less')]).toEqual([
      'as-predicted',
      'nearly',
      'surprised',
    ])
  })
})
