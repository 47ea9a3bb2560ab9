import { expect, it } from 'vitest'
import { examplePlan } from '../testing/examplePlan'
import { dough, poured } from '../testing/sidesPlans'
import type { Plan } from '../plan'
import { groupProgress } from '../recording'
import { standingOf, type Entry } from '../entries'
import { read } from '../testing/sidesPlans'
import { isAtStep, laterSteps, predictionSteps } from '.'

const again = (plan: Plan, step: 'begun' | 'parts'): Plan => ({
  ...plan,
  prediction: { ...plan.prediction, again: step },
})
const at = (plan: Plan, step: 'begun' | 'parts', entries: Entry[]) =>
  isAtStep(plan, step, groupProgress(plan, 'leaf', 0, standingOf(entries)))

it('is asked once, or once more where the plan says so and the way has such a moment', () => {
  expect(predictionSteps(examplePlan())).toEqual(['before'])
  expect(predictionSteps(again(examplePlan(), 'begun'))).toEqual(['before', 'begun'])
  expect(laterSteps(examplePlan())).toEqual(['begun'])
  expect(laterSteps(poured())).toEqual(['begun', 'parts'])
  // Since the way was changed there are no parts any more.
  expect(predictionSteps(again(dough(), 'parts'))).toEqual(['before'])
})

it('comes after the first try, and not in the middle of it', () => {
  const plan = dough()
  const one = { leaf: { dough: [{ before: 200 }] } }
  expect(at(plan, 'begun', [])).toBe(false)
  expect(at(plan, 'begun', read(plan, one))).toBe(false)
  expect(at(plan, 'begun', read(plan, { leaf: { dough: [{ before: 200, after: 199 }] } }))).toBe(true)
})

it('comes when all parts are measured and before they are put together', () => {
  const plan = poured()
  const parts = { rice: 40, 'rice, mass': 30, peas: 40 }
  const of = (moments: Record<string, number>) => read(plan, { leaf: { 'rice and peas': [moments] } })
  expect(at(plan, 'parts', of(parts))).toBe(false)
  expect(at(plan, 'parts', of({ ...parts, 'peas, mass': 33 }))).toBe(true)
})

it('has nothing more to ask once everything is read', () => {
  const plan = dough(['dough'], { tries: 1 })
  expect(at(plan, 'begun', read(plan, { leaf: { dough: [{ before: 200, after: 199 }] } }))).toBe(false)
})
