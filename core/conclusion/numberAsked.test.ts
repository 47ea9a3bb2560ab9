import { describe, expect, it } from 'vitest'
import { scoredPlan, weighLesson } from '../comparison'
import type { Plan } from '../plan'
import { readingsAt } from '../recording'
import { examplePlan } from '../testing/examplePlan'
import { dough, poured, read, tray } from '../testing/sidesPlans'
import {
  comparePrediction,
  numberAsked,
  numberLevels,
  numberQuestion,
  predictedNumbers,
  predictionWords,
  type PredictionAnswer,
} from '.'

const groups = ['leaf', 'bell', 'key']
const asked = (plan: Plan, levelId: string | null, moment: string | null = null): Plan => ({
  ...plan,
  prediction: { ...plan.prediction, format: 'number', numberFor: { levelId, moment } },
})
const questionOf = (plan: Plan) => {
  const scored = scoredPlan(plan)
  return numberQuestion(plan, scored, numberAsked(plan, scored)!)
}
const number = (levelId: string, value: number, moment?: string): PredictionAnswer => ({
  ...{ format: 'number', levelId, value },
  ...(moment === undefined ? {} : { moment }),
})

describe('what a number is asked for', () => {
  it('is the result at the last level, or at the one that was chosen', () => {
    expect(questionOf(examplePlan())).toBe('What will the bounce height be at 60 cm?')
    expect(questionOf(asked(examplePlan(), 'h20'))).toBe('What will the bounce height be at 20 cm?')
  })

  it('is a reading at one moment, of one level where there are several', () => {
    expect(questionOf(asked(tray(), null, 'day 1, door side'))).toBe(
      'What will the height on day 1 at the door side be?',
    )
    expect(questionOf(asked(dough(['lump', 'ball']), 'lump', 'after'))).toBe(
      'What will the mass after be, for lump?',
    )
    expect(questionOf(asked(poured(), null, 'peas, mass'))).toBe('What will the mass of peas be?')
    expect(questionOf(asked(poured(), null, 'all together, mass'))).toBe(
      'What will the mass all together be?',
    )
  })

  it('goes back to the result where the plan has lost the level or the moment', () => {
    expect(questionOf(asked(examplePlan(), 'gone', 'after'))).toBe('What will the bounce height be at 60 cm?')
    expect(questionOf(asked(dough(), 'dough', 'tomorrow'))).toBe('What will the mass be after?')
    expect(numberAsked(examplePlan({ levels: [] }), examplePlan({ levels: [] }))).toBe(null)
  })

  it('offers no level of sides before one of their moments is chosen, since their result is of all levels', () => {
    const two = dough(['lump', 'ball'])
    expect(numberLevels(two, scoredPlan(two))).toEqual([])
    const chosen = asked(two, null, 'after')
    expect(numberLevels(chosen, scoredPlan(chosen)).map(({ id }) => id)).toEqual(['lump', 'ball'])
  })
})

describe('a number for one reading', () => {
  const plan = poured()
  const rows = { leaf: [62, 74], bell: [60, 74], key: [64, 75] }
  const entries = read(
    plan,
    Object.fromEntries(
      Object.entries(rows).map(([groupId, [volume, mass]]) => [
        groupId,
        {
          'rice and peas': [
            {
              ...{ rice: 50, peas: 40, 'all together': volume! },
              ...{ 'rice, mass': 41, 'peas, mass': 33, 'all together, mass': mass! },
            },
          ],
        },
      ]),
    ),
  )
  const evidence = weighLesson(plan, entries, groups)
  const met = (answer: PredictionAnswer, groupId: string | null = 'leaf') =>
    comparePrediction(scoredPlan(plan), answer, evidence, groupId, readingsAt(plan, entries))

  it('is said with its quantity and its unit', () => {
    const said = (answer: PredictionAnswer) => predictionWords(scoredPlan(plan), answer, plan)
    expect(said(number('rice and peas', 33, 'peas, mass'))).toBe('the mass of peas will be about 33 g')
    const two = dough(['lump', 'ball'])
    expect(predictionWords(scoredPlan(two), number('ball', 190, 'after'), two)).toBe(
      'for ball, the mass after will be about 190 g',
    )
  })

  it('is compared with what the own group read then, in its own quantity', () => {
    expect(met(number('rice and peas', 74, 'all together, mass'))).toBe('as-predicted')
    expect(met(number('rice and peas', 90, 'all together, mass'))).toBe('as-predicted')
    expect(met(number('rice and peas', 110, 'all together, mass'))).toBe('nearly')
    expect(met(number('rice and peas', 110, 'all together'))).toBe('surprised')
    expect(met(number('rice and peas', 74, 'all together, mass'), 'drum')).toBe('open')
  })

  it('of a class that predicts together is compared with the middle of all', () => {
    expect(met(number('rice and peas', 62, 'all together'), null)).toBe('as-predicted')
    const lines = predictedNumbers(
      'class',
      [{ groupId: 'leaf', seat: 0, answer: number('rice and peas', 70, 'all together') }],
      evidence,
      readingsAt(plan, entries),
    )
    expect(lines).toEqual([
      {
        ...{ groupId: 'leaf', seat: 0, ofClass: true, levelId: 'rice and peas', moment: 'all together' },
        ...{ predicted: 70, tries: [62, 60, 64], found: 62, apart: -8 },
      },
    ])
  })

  it('leaves out what its container weighs, and is open while nobody has weighed it', () => {
    const contained = dough(['jar'], {
      recording: { ...(dough().recording as { kind: 'before-after' }), container: 'weighed' } as never,
    })
    const weighed = read(contained, { leaf: { jar: [{ before: 240, after: 238 }] } })
    const empty = read(contained, { leaf: { jar: [{ 'container, empty': 40 }] } })
    expect(readingsAt(contained, weighed)('jar', 'after', 'leaf')).toEqual([])
    expect(readingsAt(contained, [...weighed, ...empty])('jar', 'after', 'leaf')).toEqual([198])
  })
})
