import { expect, it } from 'vitest'
import { seededRandom } from '../random'
import { dough } from '../testing/sidesPlans'
import { isRehearsable, rehearse } from '.'

const expected = (first: number, last: number, apart = 1) => ({ first, last, apart })
const shares = (last: number, tries = 3) => {
  const { right, wrong, classes } = rehearse(
    dough(['dough'], { tries }),
    expected(200, last),
    4,
    200,
    seededRandom(5),
  )
  return { right: right / classes, wrong: wrong / classes }
}

it('one level beside itself can be rehearsed, and none beside another', () => {
  const plan = dough(['dough'], { expected: expected(200, 190) })
  expect(isRehearsable(plan)).toBe(true)
  expect(isRehearsable({ ...plan, comparison: 'levels' })).toBe(false)
})

it.each([180, 220])('a thing that goes from 200 g to %d g is seen to, the right way round', (last) => {
  expect(shares(last).right).toBeGreaterThan(0.75)
  expect(shares(last).wrong).toBeLessThan(0.02)
})

it('a thing that stays the same is said to, and never to have changed', () => {
  const { right, wrong } = shares(200)
  expect(right).toBeGreaterThan(0.8)
  expect(wrong).toBe(0)
})

it('one try shows less than six', () => {
  expect(shares(197, 1).right).toBeLessThan(shares(197, 6).right)
})
