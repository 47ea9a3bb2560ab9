import { describe, expect, it } from 'vitest'
import { variableWords, type Vocabulary } from '../class'
import { instrumentCupboard } from '../instrument'
import { blankPlan, usualWays, type Plan } from '../plan'
import { withAim } from '../variables'
import { ways } from '../recording'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { dough, poured } from '../testing/sidesPlans'
import { inUnit } from './inUnit'
import {
  articleBefore,
  choiceEffects,
  levelsSaid,
  methodOf,
  methodText,
  methodWords,
  theNamed,
  tooFewInstruments,
  wordOfFinding,
  type MethodWord,
  type WordId,
} from '.'

const context = (vocabulary: Vocabulary = 'plain') => ({
  age: '7-9' as const,
  vocabulary,
  ways: usualWays,
  words: variableWords(vocabulary),
  cupboard: instrumentCupboard,
})
const wordsOf = (plan: Plan) => methodWords(methodOf(plan, context()))
const wordOf = (plan: Plan, id: WordId): MethodWord => wordsOf(plan).find((word) => word.id === id)!
function choose(plan: Plan, id: WordId, text: string): Plan {
  const { edit } = wordOf(plan, id)
  if (edit.kind !== 'choice') throw new Error('no list')
  return edit.choices.find((choice) => choice.text === text)!.apply(plan)
}

describe('the paragraph', () => {
  it('says the whole test', () => {
    expect(methodText(examplePlan({ levelOrder: 'own' }), context())).toBe(
      'We change the drop height: 20, 40 and 60 cm. We measure the bounce height in cm with a metre stick, to the nearest mark. ' +
        'We keep the ball the same. Every group tests all of them, 3 tries each after one practice try, each in its own order. ' +
        'Then we take the middle value. Before that each group predicts which way it goes, with because.',
    )
  })

  it('speaks the words of the school', () => {
    expect(methodText(examplePlan(), context('formal'))).toMatch(
      /^The independent variable, which we change, is the drop height: .*The dependent variable, which we measure, is the bounce height/,
    )
    expect(methodText(examplePlan(), context('tested'))).toMatch(/The controlled variables are the ball\./)
  })

  it('leaves out what nobody has said yet', () => {
    const text = methodText(blankPlan('7-9'), context())
    expect(text).toMatch(/^Every group tests/)
    expect(text).not.toMatch(/one thing|nothing yet/)
  })

  it('counts with its set time, or without', () => {
    const counted = (seconds?: number) =>
      examplePlan({
        recording: { kind: 'count', ...(seconds ? { seconds } : {}) },
        measured: { ...examplePlan().measured, name: 'beats', unit: 'count' },
      })
    expect(methodText(counted(15), context())).toContain('We count the beats, in 15 s. ')
    expect(methodText(counted(), context())).toContain('We count the beats. ')
  })

  it.each(ways.map((way) => [way.kind, way] as const))('brings the clause of %s', (_, way) => {
    const text = methodText(examplePlan({ recording: way.usualRecording }), context())
    expect(text).toContain(`We ${way.verb} the bounce height`)
    expect(text).not.toMatch(/undefined|null|NaN| ,|\.\./)
  })

  it('improves in rounds', () => {
    expect(methodText(withAim(examplePlan(), 'improve'), context())).toMatch(
      /^We improve the drop height in 3 rounds, altering one thing each time\./,
    )
  })

  it('says which end is best only where a question asks for one', () => {
    expect(wordOf(examplePlan(), 'best')).toBeUndefined()
    const asked = examplePlan({ question: 'Which height is best?' })
    expect(wordOf(asked, 'best').silent).toBe(true)
    expect(methodText(choose(asked, 'best', 'The most'), context())).toContain('The most is best.')
  })

  it('folds many levels, and says the unit once', () => {
    expect(levelsSaid(examplePlan())).toBe('20, 40 and 60 cm')
    const many = kindsPlan(Array.from({ length: 12 }, (_, index) => `kind ${index + 1}`))
    expect(levelsSaid(many)).toBe('12 kinds: kind 1 to kind 12')
  })
})

describe('its words', () => {
  it('are quiet when usual, strong when chosen', () => {
    expect(wordOf(examplePlan(), 'tries').chosen).toBe(false)
    expect(wordOf(choose(examplePlan(), 'tries', '5 tries'), 'tries')).toMatchObject({
      text: '5 tries',
      chosen: true,
    })
  })

  it('change the plan, each its own part', () => {
    const plan = examplePlan({ levelOrder: 'same' })
    expect(choose(plan, 'levelOrder', 'each in its own order').levelOrder).toBe('own')
    expect(choose(plan, 'whoTests', 'The groups share the levels').whoTests).toBe('shared-levels')
    expect(choose(plan, 'summary', 'take the mean').summary).toBe('mean')
    expect(choose(plan, 'rounding', 'the nearest half mark').rounding).toBe('half-mark')
    expect(choose(plan, 'practiceTries', 'without practice').practiceTries).toBe(0)
    expect(choose(plan, 'predictor', 'every child').prediction.who).toBe('child')
    expect(choose(plan, 'because', 'without a because').prediction.because).toBe(false)
    expect(choose(plan, 'unit', 'millimetres').measured).toMatchObject({ unit: 'mm' })
  })

  it('bring an instrument along with another kind of unit, and a unit with another kind of instrument', () => {
    expect(choose(examplePlan(), 'unit', 'grams').measured.instrument.unit).toBe('g')
    expect(choose(examplePlan(), 'instrument', 'thermometer').measured.unit).toBe('C')
    expect(choose(examplePlan(), 'way', 'count').measured.unit).toBe('count')
  })

  it('offer which way it goes only for numbers', () => {
    const { edit } = wordOf(kindsPlan(['tile', 'wood']), 'format')
    expect(edit.kind === 'choice' && edit.choices.map((choice) => choice.text)).not.toContain(
      'which way it goes',
    )
  })

  it('say what a number is predicted for, where there is something to choose', () => {
    const number = (plan: Plan) => choose(plan, 'format', 'a number')
    const bounce = number(examplePlan())
    expect(wordOf(bounce, 'numberMoment')).toBe(undefined)
    expect(methodText(bounce, context())).toMatch(/predicts a number for 60 cm, with because\.$/)
    expect(choose(bounce, 'numberLevel', '20 cm').prediction.numberFor?.levelId).toBe('h20')
    const mixed = choose(number(poured()), 'numberMoment', 'the mass of peas')
    expect(methodText(mixed, context())).toMatch(/predicts a number, the mass of peas, with because\.$/)
    const shapes = choose(number(dough(['lump', 'ball'])), 'numberMoment', 'the mass before')
    expect(methodText(shapes, context())).toMatch(/a number, the mass before for ball, with because\.$/)
  })

  it('say that the children take the mean or the middle themselves, where there is one to take', () => {
    const first = choose(examplePlan(), 'sumUp', 'worked out by the children first')
    expect(methodText(first, context())).toContain('take the middle value, worked out by the children first.')
    expect(methodText(examplePlan(), context())).toContain('take the middle value. Before')
    expect(wordOf(examplePlan({ summary: 'none' }), 'sumUp')).toBe(undefined)
  })

  it('are marked where a check stumbles', () => {
    expect(wordOfFinding({ code: 'same-order', field: 'levels' })).toBe('levelOrder')
    expect(wordOfFinding({ code: 'off-the-scale', field: 'measured' })).toBe('instrument')
    expect(wordOfFinding({ code: 'too-few-tries', field: 'tries' })).toBe('tries')
  })
})

describe('the way of recording', () => {
  it('says which value is to be reached, and forgets what was expected of another score', () => {
    const plan = examplePlan({
      recording: { kind: 'intervals', minutes: [0, 5], score: 'reached', target: 40 },
      expected: { first: 1, last: 2, apart: 1 },
      best: 'least',
    })
    expect(methodText(plan, context())).toContain('how long it took to reach 40 cm.')
    expect(choose(plan, 'option-score', 'how much it went up')).toMatchObject({ expected: null, best: null })
    expect(choose(plan, 'option-score', 'how long until it reached a value').expected).toEqual(plan.expected)
    expect(choose(plan, 'way', 'measure once')).toMatchObject({ expected: null, best: null })
  })
})

describe('names in a sentence', () => {
  it.each([
    ['drop height', 'the drop height'],
    ['how far it rolls', 'how far it rolls'],
    ['our design', 'our design'],
    ['', ''],
  ])('%s', (name, said) => expect(theNamed(name)).toBe(said))

  it.each([
    ['metre stick', 'a '],
    ['egg timer', 'an '],
    ['kitchen scales', ''],
    ['counting by eye', ''],
    ['unit jug', 'a '],
  ])('a before %s', (name, article) => expect(articleBefore(name, 'a')).toBe(article))
})

describe('what a choice would do', () => {
  const effects = (before: Plan, after: Plan) => choiceEffects(before, after, context(), 6)

  it('says what it settles, and what would be asked', () => {
    const same = examplePlan({ levelOrder: 'same' })
    expect(effects(same, { ...same, levelOrder: 'own' })).toEqual([
      { kind: 'settles', text: 'settles what Fair asks' },
    ])
    expect(effects(examplePlan(), same)[0]).toMatchObject({
      kind: 'asks',
      text: expect.stringMatching(/same order/),
    })
  })

  it('says only what is new', () => {
    const cupboard = instrumentCupboard.map((one) => ({ ...one, howMany: 4 }))
    const few = choiceEffects(examplePlan(), examplePlan({ summary: 'mean' }), { ...context(), cupboard }, 6)
    expect(few).toEqual([])
  })

  it('counts the readings', () => {
    expect(effects(examplePlan(), examplePlan({ tries: 4 }))).toEqual([
      { kind: 'says', text: '12 readings a group' },
    ])
    expect(effects(examplePlan(), examplePlan({ whoTests: 'whole-class' }))).toContainEqual({
      kind: 'says',
      text: '9 readings in all',
    })
  })

  it('counts the instruments, and tells of another unit', () => {
    const cupboard = instrumentCupboard.map((one) => ({ ...one, howMany: 4 }))
    expect(tooFewInstruments(examplePlan(), cupboard, 6)).toBe('Only 4 in the cupboard for 6 groups.')
    expect(tooFewInstruments(examplePlan(), cupboard, 4)).toBeNull()
    const warm = choose(examplePlan(), 'instrument', 'thermometer')
    expect(effects(examplePlan(), warm)).toContainEqual({
      kind: 'asks',
      text: 'would measure in degrees Celsius',
    })
  })
})

describe('what more and less of something are called', () => {
  const gloopy = examplePlan({ measured: { ...examplePlan().measured, name: 'gloop' } })

  it('is asked only where the name doesn’t say it', () => {
    expect(wordOf(examplePlan(), 'measuredMore')).toBe(undefined)
    expect(wordOf(gloopy, 'measuredMore')).toMatchObject({ text: 'more gloop', silent: true })
    expect(methodText(gloopy, context())).not.toContain('is called')
  })

  it('is kept with the plan, printed once both are said, and goes with the last letter', () => {
    const put = (plan: Plan, id: WordId, text: string) => {
      const { edit } = wordOf(plan, id)
      return edit.kind === 'text' ? edit.put(plan, text) : plan
    }
    const said = put(put(gloopy, 'measuredMore', 'gloopier'), 'measuredLess', 'runnier')
    expect(said.measured.called).toEqual({ more: 'gloopier', less: 'runnier' })
    expect(methodText(said, context())).toContain('More of the gloop is called gloopier, less of it runnier.')
    expect(put(put(said, 'measuredMore', ''), 'measuredLess', '').measured).toEqual(gloopy.measured)
  })
})

describe('a plan in another unit', () => {
  const plan = examplePlan({ expected: { first: 14, last: 56, apart: 4 } })

  it('brings an instrument that reads in it, and expects as much as before', () => {
    const inInches = inUnit(plan, 'in', instrumentCupboard)
    expect(inInches.measured.instrument).toMatchObject({ name: 'yardstick', unit: 'in' })
    expect(inInches.expected).toEqual({ first: 5.5, last: 22, apart: 1.625 })
    expect(inUnit(inInches, 'cm', instrumentCupboard).measured.instrument.name).toBe('metre stick')
  })

  it('keeps an instrument that reads in it', () => {
    expect(inUnit(plan, 'mm', instrumentCupboard).measured.instrument.name).toBe('metre stick')
    expect(inUnit(plan, 'mm', instrumentCupboard).expected).toEqual({ first: 140, last: 560, apart: 40 })
  })

  it('converts degrees with their offset, but a change of degrees without it', () => {
    const warm = {
      ...plan,
      measured: { ...plan.measured, name: 'temperature', unit: 'C' as const },
      expected: { first: 10, last: 20, apart: 1 },
    }
    expect(inUnit(warm, 'F', instrumentCupboard).expected).toEqual({ first: 50, last: 68, apart: 1.8 })
    const cooling = {
      ...warm,
      recording: { kind: 'intervals' as const, minutes: [0, 10], score: 'lost' as const },
    }
    expect(inUnit(cooling, 'F', instrumentCupboard).expected).toEqual({ first: 18, last: 36, apart: 1.8 })
  })

  it('lists levels in fractions', () => {
    const half = { ...plan, changed: { ...plan.changed, unit: 'in' as const } }
    const levels = [0.5, 1, 1.5].map((value, index) => ({ ...plan.levels[index]!, value }))
    expect(levelsSaid({ ...half, levels })).toBe('1/2, 1 and 1 1/2 inches')
  })
})

describe('a class that looks how much one setting varies', () => {
  const first = (plan: Plan) => methodText(plan, context()).split('. ')[0]

  it('says so, with the setting', () => {
    expect(first(withAim(examplePlan(), 'vary'))).toBe(
      'We change nothing and look how much it varies, with the drop height at 20 cm',
    )
    expect(first(withAim(kindsPlan(['tile', 'wood']), 'vary'))).toMatch(/, with this .+: tile$/)
    const unnamed = { ...examplePlan(), changed: { ...examplePlan().changed, name: '' } }
    expect(first(withAim(unnamed, 'vary'))).toBe(
      'We change nothing and look how much it varies, with our setting',
    )
  })

  it('takes numbers where only an order was recorded', () => {
    const race = kindsPlan(['felt', 'cotton'], { recording: { kind: 'race' } })
    expect(withAim(race, 'vary').recording).toEqual({ kind: 'measure' })
    expect(withAim(examplePlan(), 'vary').recording).toEqual(examplePlan().recording)
  })

  it('goes back to comparing, and to rounds', () => {
    const varying = withAim(examplePlan(), 'vary')
    expect(withAim(varying, 'compare')).toMatchObject({ comparison: 'levels', levels: varying.levels })
    expect(withAim(withAim(varying, 'improve'), 'vary').levels).toHaveLength(1)
    expect(withAim(varying, 'improve').comparison).toBe('levels')
  })
})
