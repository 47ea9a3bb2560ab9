import { describe, expect, it } from 'vitest'
import type { Plan } from '../plan'
import { variableWords } from '../class'
import { caveatsOf } from '../lesson'
import { standingOf } from '../entries'
import { entry } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { checkFair } from '.'

const context = { age: '7-9', words: variableWords('plain') } as const
const findings = (plan: Plan) => checkFair(plan, context).findings
const starting = (plan: Plan, code: string) => findings(plan).find((one) => one.code.startsWith(code))

/** The plan once a finding of it was written down, with what it then is. */
function writtenDown(plan: Plan, code: string) {
  const remedy = starting(plan, code)!.remedies.find(({ label }) => label === 'Write it down as it is')!
  expect(remedy.done).toMatch(/^Written down/)
  return remedy.apply(plan)
}

describe('a difference that can’t be helped is written down', () => {
  it('and is no fault of the plan any more, but stands beside the result', () => {
    const plan = kindsPlan(['open jar of water', 'closed jar of juice'])
    expect(starting(plan, 'levels-differ-twice')!.severity).toBe('mend')
    const then = writtenDown(plan, 'levels-differ-twice')
    expect(starting(then, 'levels-differ-twice')).toBeUndefined()
    expect(starting(then, 'second-property')).toMatchObject({
      severity: 'think',
      reason: expect.stringContaining('as you have written down'),
    })
    const [open, closed] = then.levels
    const counted = then.levels.map(({ id }) => entry({ levelId: id }))
    expect(caveatsOf(then, standingOf(counted))).toEqual([
      `The lid differed, too: ${open!.name} open and ${closed!.name} closed.`,
    ])
  })

  it('where the teacher states it', () => {
    const plan = kindsPlan(['oak', 'pine'])
    const at = Object.fromEntries(plan.levels.map(({ id }, index) => [id, ['old', 'new'][index]!]))
    const stated = { ...plan, properties: [{ id: 'age', name: 'age', at }] }
    expect(starting(stated, 'second-property')!.severity).toBe('mend')
    const then = writtenDown(stated, 'second-property')
    expect(starting(then, 'second-property')!.severity).toBe('think')
    expect(starting(then, 'second-property')!.remedies.map(({ label }) => label)).not.toContain(
      'Write it down as it is',
    )
  })

  it('where each group has its own', () => {
    const plan = examplePlan({
      keptSame: [{ id: 's', name: 'ball', how: 'whatever each group brings', was: null }],
    })
    expect(starting(plan, 'left-to-groups')!.severity).toBe('mend')
    const then = writtenDown(plan, 'left-to-groups')
    expect(starting(then, 'left-to-groups')!.severity).toBe('think')
    // Said how after all, it is neither.
    const kept = { ...then, keptSame: then.keptSame.map((one) => ({ ...one, how: 'the same ball' })) }
    expect(starting(kept, 'left-to-groups')).toBeUndefined()
    expect(caveatsOf(kept, standingOf([entry()]))).toEqual([])
  })
})
