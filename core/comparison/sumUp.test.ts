import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Plan } from '../plan'
import { isWorkedOut } from '../recording'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { dough } from '../testing/sidesPlans'
import { canSumUp, sumUpSteps } from '.'

const of = (summary: Plan['summary'], changes: Partial<Plan> = {}) => examplePlan({ summary, ...changes })
const steps = (plan: Plan, ...tries: number[]) =>
  sumUpSteps(plan, entriesFrom({ leaf: { h20: tries } }), 'leaf', 'h20')
const said = (plan: Plan, ...tries: number[]) => steps(plan, ...tries).map((step) => step.said)

describe('the tries of a level as one number, worked out by children', () => {
  it('are added and shared out for the mean, which is rounded where it has to be', () => {
    expect(said(of('mean'), 12, 13, 15)).toEqual([
      '12 cm + 13 cm + 15 cm = 40 cm',
      '40 cm ÷ 3 = 13.3 cm, rounded',
    ])
    expect(said(of('mean'), 12, 13, 14).at(-1)).toBe('39 cm ÷ 3 = 13 cm')
  })

  it('stand as they were read for the middle, and for the most common where one comes twice', () => {
    expect(said(of('median'), 15, 12, 13)).toEqual(['the middle of 15 cm, 12 cm and 13 cm = 13 cm'])
    expect(said(of('median', { tries: 2 }), 12, 15)).toEqual(['the middle of 12 cm and 15 cm = 13.5 cm'])
    expect(said(of('most-common'), 15, 12, 15)).toEqual(['the most common of 15 cm, 12 cm and 15 cm = 15 cm'])
    expect(said(of('most-common'), 15, 12, 13)).toEqual(['the middle of 15 cm, 12 cm and 13 cm = 13 cm'])
  })

  it('wait until all of them are in', () => {
    expect(steps(of('mean'), 12, 13)).toEqual([])
  })

  it('are nothing to work out where there is one try, only dots, or one thing beside itself', () => {
    expect(canSumUp(of('mean', { tries: 1 }))).toBe(false)
    expect(canSumUp(of('none'))).toBe(false)
    expect(canSumUp(dough())).toBe(false)
  })
})

describe('what children worked out', () => {
  const third = { value: 40 / 3, unit: 'cm', mark: 1 } as const

  it.each([
    ['13', true],
    ['13.3 cm', true],
    ['13,33', true],
    ['13.8', false],
    ['13.4', false],
    ['14', false],
    ['thirteen', false],
    ['', false],
  ])('%j is right: %s', (typed, isRight) => {
    expect(isWorkedOut(third, typed)).toBe(isRight)
  })

  it('is right whenever it is what the step says, whatever the tries', () => {
    const tries = fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 3, maxLength: 3 })
    fc.assert(
      fc.property(tries, fc.constantFrom('mean', 'median', 'most-common'), (values, summary) => {
        for (const step of steps(of(summary), ...values))
          expect([step.said, isWorkedOut(step, step.short)]).toEqual([step.said, true])
      }),
    )
  })
})
