import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Plan } from '#core/plan'
import type { Entry, Slot } from '#core/entries'
import { useLesson } from '~/stores/lesson'
import { fakeServer, lessonDto } from '~/testing/fakeServer'
import { entry } from '../../core/testing/exampleEntries'
import { examplePlan } from '../../core/testing/examplePlan'
import { dough, read } from '../../core/testing/sidesPlans'
import { useToWorkOut } from './useToWorkOut'

const slot = (tryNumber: number, changes: Partial<Slot> = {}): Slot => ({
  ...{ groupId: 'leaf', levelId: 'h20', tryNumber, moment: '' },
  ...changes,
})

/** What a Sheet of Leaf has to work out in a lesson with these entries. */
async function workOut(plan: Plan, entries: Entry[]) {
  fakeServer(() => ({ body: lessonDto({ plan, entries }) }))
  await useLesson().load('one')
  const next = ref<Slot | null>(null)
  return { next, ...useToWorkOut(ref('one'), ref('leaf'), next) }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('the middle of tries, worked out by the children', () => {
  const plan = examplePlan({ sumUp: 'children' })
  const tries = (...values: number[]) => values.map((value, index) => entry({ value, tryNumber: index + 1 }))

  it('is asked once, after the last try of a level', async () => {
    const { first, written, done } = await workOut(plan, tries(15, 12, 13))
    for (const one of [1, 2, 3]) written(slot(one))
    expect(first.value?.asked.map((step) => step.said)).toEqual([
      'the middle of 15 cm, 12 cm and 13 cm = 13 cm',
    ])
    done(first.value!.slot)
    expect(first.value).toBe(null)
  })

  it('is not asked before all tries are in', async () => {
    const { first, written } = await workOut(plan, tries(15, 12))
    for (const one of [1, 2]) written(slot(one))
    expect(first.value).toBe(null)
  })

  it('is not asked where the tool works it out, nor of another group', async () => {
    const shown = await workOut(examplePlan(), tries(15, 12, 13))
    shown.written(slot(3))
    expect(shown.first.value).toBe(null)
    const other = await workOut(plan, tries(15, 12, 13))
    other.written(slot(3, { groupId: 'bell' }))
    expect(other.first.value).toBe(null)
  })
})

describe('what a try comes to', () => {
  const plan = dough(['dough'], { comparison: 'levels', workOut: 'children', sumUp: 'children', tries: 1 })
  const entries = read(plan, { leaf: { dough: [{ before: 200, after: 188 }] } })

  it('is asked of the children step by step, and a share is worked out for them', async () => {
    const { first, written } = await workOut(plan, entries)
    written(slot(1, { levelId: 'dough', moment: 'after' }))
    expect(first.value?.asked.map((step) => step.said)).toEqual(['200 g − 188 g = 12 g'])
    expect(first.value!.steps.length).toBeGreaterThan(first.value!.asked.length)
  })

  it('is shown where the tool does the sums', async () => {
    const { first, written } = await workOut({ ...plan, workOut: 'shown' }, entries)
    written(slot(1, { levelId: 'dough', moment: 'after' }))
    expect(first.value?.steps.map((step) => step.said)).toEqual([
      '200 g − 188 g = 12 g',
      '188 g of 200 g left: lost 6%',
    ])
    expect(first.value?.asked).toEqual([])
  })
})
