import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { usualWays, type Plan } from '../plan'
import { variableWords } from '../class'
import { examplePlan } from '../testing/examplePlan'
import { dough, poured, tray } from '../testing/sidesPlans'
import { methodOf, methodText, methodWords } from '.'

const context = {
  age: '7-9',
  vocabulary: 'plain',
  ways: usualWays,
  words: variableWords('plain'),
  cupboard: instrumentCupboard,
} as const
const text = (plan: Plan) => methodText(plan, context)
const wordOf = (plan: Plan) => methodWords(methodOf(plan, context)).find(({ id }) => id === 'comparison')

describe('what is compared, in the paragraph', () => {
  it.each([
    [dough(), 'We compare it before and after.'],
    [poured(), 'We compare the parts with the whole.'],
    [tray(), 'We compare it at the window side and at the door side.'],
    [dough(['rolled', 'flat'], { comparison: 'levels' }), 'We compare the levels with each other.'],
  ])('is said', (plan, sentence) => {
    expect(text(plan)).toContain(sentence)
  })

  it('is not said where there is nothing but levels to compare, and nothing where one setting is tried', () => {
    expect(wordOf(examplePlan())).toBeUndefined()
    expect(wordOf({ ...dough(), comparison: 'variation' })).toBeUndefined()
  })

  it('is chosen, and chosen back, and leaves the rest of the plan', () => {
    const plan = dough(['rolled', 'flat'])
    const { edit } = wordOf(plan)!
    if (edit.kind !== 'choice') throw new Error('no list')
    const levels = edit.choices.find((choice) => choice.text === 'the levels with each other')!.apply(plan)
    expect(levels).toEqual({ ...plan, comparison: 'levels' })
    const back = wordOf(levels)!.edit
    if (back.kind !== 'choice') throw new Error('no list')
    expect(back.choices.find((choice) => choice.text === 'it before and after')!.apply(levels)).toEqual(plan)
  })

  it('says what is tested where nothing is changed, and asks how it is predicted', () => {
    expect(text(dough())).toMatch(/^We test one thing: dough\./)
    expect(text(dough())).toContain('predicts more, less or the same')
  })

  it('leaves out how levels would be compared', () => {
    const levels = text(dough(['rolled', 'flat'], { comparison: 'levels' }))
    expect(levels).toContain('look at how much it went down')
    expect(text(dough(['rolled', 'flat']))).not.toContain('look at how much it went down')
  })
})
