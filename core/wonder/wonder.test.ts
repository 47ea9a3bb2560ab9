import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  guessHint,
  nextQuestions,
  suggestMeasures,
  suggestSort,
  testability,
  sortingHint,
  type Note,
} from '.'

const note = (text: string, changes: Partial<Note> = {}): Note => ({
  id: text,
  kind: 'noticed',
  text,
  sort: null,
  settled: false,
  ...changes,
})

describe('guessHint', () => {
  it.each([
    ['It is heavy because it is wet', '“because”'],
    ['There must be air inside', '“must”'],
    ['It’s a magnet', '“It’s a …”'],
    ['It wants to float', '“wants”'],
    ['It will fall soon', '“will”'],
  ])('asks about “%s”', (text, quoted) => expect(guessHint(text)).toContain(quoted))

  it.each(['The top is wet', 'Three drops ran down', 'One side is rough', ''])('leaves “%s” alone', (text) =>
    expect(guessHint(text)).toBeNull(),
  )

  it('takes any text without complaint', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const hint = guessHint(text)
        expect(hint === null || hint.length < 120).toBe(true)
      }),
    )
  })
})

describe('sortingHint', () => {
  it('asks about guesses among what was noticed, until the class has talked them over', () => {
    const guess = 'It is wet because it rained'
    expect(sortingHint(note(guess))).toContain('because')
    expect(sortingHint(note('It is wet'))).toBeNull()
    expect(sortingHint(note(guess, { kind: 'guessed' }))).toBeNull()
    expect(sortingHint(note(guess, { settled: true }))).toBeNull()
  })
})

describe('suggestSort', () => {
  it.each([
    ['What happens if we drop it from higher?', 'test'],
    ['Which paper soaks up most?', 'test'],
    ['Does the colour matter?', 'test'],
    ['How far does the shoe slide?', 'test'],
    ['What is chalk made of?', 'look-up'],
    ['Who was the first to make glass?', 'look-up'],
    ['Can we keep the snail?', 'ask'],
    ['Which is the prettiest stone?', 'unanswerable'],
    ['Why is the sky so blue?', null],
    ['Stones', null],
  ] as const)('%s → %s', (question, sort) => expect(suggestSort(question)).toBe(sort))
})

describe('testability', () => {
  const parts = { question: 'Why do balls bounce?', change: '', measure: '', best: null }

  it('turns a “why” into “what happens to … when we change …”', () => {
    expect(testability(parts)).toMatchObject({ testable: false, lacks: ['change', 'measure'], asked: null })
    expect(testability(parts).help).toMatch(/asks for a reason/)
    expect(testability({ ...parts, change: 'drop height', measure: 'bounce height' })).toMatchObject({
      testable: true,
      asked: 'What happens to the bounce height when we change the drop height?',
    })
  })

  it('wants a meaning with a direction for “best”', () => {
    const best = { ...parts, question: 'Which towel is best?', change: 'towel' }
    expect(testability(best).help).toMatch(/What does “best” mean/)
    const measured = { ...best, measure: 'water soaked up' }
    expect(testability(measured)).toMatchObject({ testable: false, lacks: ['meaning'] })
    expect(testability({ ...measured, best: 'most' })).toMatchObject({
      testable: true,
      asked: 'Which towel gives the most water soaked up?',
    })
  })

  it('does not offer again what is asked already, and says “the most washers”', () => {
    const bridges = {
      question: 'Which bridge is best?',
      change: 'shape of the bridge',
      measure: 'number of washers',
      best: 'most' as const,
    }
    const { asked } = testability(bridges)
    expect(asked).toBe('Which shape of the bridge gives the most washers?')
    expect(testability({ ...bridges, question: asked! })).toMatchObject({ testable: true, asked: null })
  })

  it('asks for what is missing, one thing at a time', () => {
    expect(testability({ ...parts, question: '' }).help).toMatch(/Pick a question/)
    expect(testability({ ...parts, question: 'Does water matter?' }).help).toMatch(/make different/)
    expect(testability({ ...parts, question: 'Does water matter?', change: 'water' }).help).toMatch(
      /see a difference/,
    )
  })
})

describe('suggestMeasures', () => {
  it('names what the words ask for, in their order', () => {
    expect(suggestMeasures('Why do wet balls bounce lower and slide less far?')).toEqual([
      'height',
      'distance',
    ])
    expect(suggestMeasures('Is it red?')).toEqual([])
    expect(suggestMeasures('far high fast hot heavy').length).toBe(3)
  })
})

describe('nextQuestions', () => {
  it('keeps what could still be tested, without the chosen one', () => {
    const notes = [
      note('Does it matter?', { kind: 'asking', sort: 'test' }),
      note('Who made it?', { kind: 'asking', sort: 'look-up' }),
      note('On carpet?', { kind: 'asking' }),
      note('It is red'),
    ]
    expect(nextQuestions(notes, ' does it matter? ')).toEqual(['On carpet?'])
  })
})
