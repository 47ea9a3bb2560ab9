import fc from 'fast-check'
import { expect, it } from 'vitest'
import type { Summary } from '../plan'
import { kindsPlan, examplePlan, numberLevel } from '../testing/examplePlan'
import { comparisonOf } from '../recording'
import { weighEvidence } from './evidence'
import type { Score } from './score'

const groups = 4
const levels = 3

/** What a class read, in whole millimetres, group by group, level by level. */
const tries = (most: number) =>
  fc.array(
    fc.array(fc.array(fc.integer({ min: 100, max: 112 }), { minLength: 1, maxLength: most }), {
      minLength: levels,
      maxLength: levels,
    }),
    { minLength: groups, maxLength: groups },
  )

function judged(read: number[][][], asked: 'numbers' | 'kinds', summary: Summary, millimetres: number) {
  const names = ['tile', 'wood', 'carpet']
  const plan =
    asked === 'kinds'
      ? kindsPlan(names)
      : examplePlan({ levels: names.map((id, index) => numberLevel(index, id)) })
  const comparison = comparisonOf({ ...plan, summary })
  const scores = read.flatMap((own, group) =>
    own.flatMap((values, level) =>
      values.map((value, index): Score => ({
        id: `${group}|${level}|${index}`,
        groupId: `g${group}`,
        levelId: names[level]!,
        tryNumber: index + 1,
        value: value / millimetres,
      })),
    ),
  )
  const scaled = {
    ...comparison,
    mark: 1 / millimetres,
    error: 0.29 / millimetres,
    worth: { least: 2 / millimetres, share: 0.1 },
  }
  const { verdict, order, ...rest } = weighEvidence(scaled, scores).judgement
  return {
    verdict,
    order,
    agreeing: rest.agreeing,
    shape: rest.kind === 'trend' ? rest.shape : null,
    effects: [...rest.effects].map((effect) => Number((effect * millimetres).toPrecision(6))),
  }
}

it('says the same of a class in millimetres, centimetres, metres and inches', () => {
  fc.assert(
    fc.property(
      tries(4),
      fc.constantFrom('numbers' as const, 'kinds' as const),
      fc.constantFrom<Summary>('mean', 'median', 'most-common'),
      (read, asked, summary) => {
        const inMillimetres = judged(read, asked, summary, 1)
        for (const millimetres of [10, 1000, 25.4])
          expect(judged(read, asked, summary, millimetres)).toEqual(inMillimetres)
      },
    ),
    { numRuns: 300 },
  )
})
