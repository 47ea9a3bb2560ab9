import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asksForRounds, guessHint, nextQuestions, suggestParts, testability, sortingHint, type Note } from '.'

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

  it.each(['toughest', 'bubbliest', 'coldest', 'best', 'spongiest'])('asks what “%s” means', (word) => {
    const { lacks } = testability({ question: `Which is ${word}?`, change: 'a', measure: 'b', best: null })
    expect(lacks).toEqual(['meaning'])
  })

  it.each(['test', 'first', 'most', 'interest', 'honest', 'rest', 'west', 'harvest', 'latest test'])(
    'asks nothing of “%s”',
    (word) => {
      const question = `Is it the ${word}?`
      expect(testability({ question, change: 'a', measure: 'b', best: null }).lacks).toEqual([])
    },
  )

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

describe('suggestParts', () => {
  it.each([
    ['Does a heavier ball bounce higher?', 'weight of the ball', 'bounce height'],
    ['What happens to the bounce if we drop it from higher?', 'drop height', 'bounce height'],
    ['Which kitchen paper is best for soaking up water?', 'kind of kitchen paper', 'water soaked up'],
    ['If we add more sugar, do bubbles last longer?', 'amount of sugar', 'time it lasts'],
    ['Do beans grow faster in the dark?', 'light', 'height'],
    ['How does the number of layers change how many clips it holds?', 'number of layers', 'number counted'],
    ['How does the height change the bounce?', 'height', 'bounce height'],
    ['Which sole grips best?', 'sole', 'pulling force'],
  ])('of “%s” are the %s and the %s', (question, change, measure) => {
    const { change: changes, measure: measures } = suggestParts(question)
    expect([changes[0], measures[0]]).toEqual([change, measure])
  })

  it('are none where the words name none, and at most three', () => {
    expect(suggestParts('Is it red?')).toEqual({ change: [], measure: [] })
    expect(suggestParts('far high fast hot heavy').measure.length).toBe(3)
  })
})

describe('asksForRounds', () => {
  it.each([
    ['How can we make our bridge stronger?', true],
    ['Can we build a boat that holds more?', true],
    ['How does the height change the bounce?', false],
    ['Can we keep the snail?', false],
  ])('“%s”: %s', (question, rounds) => expect(asksForRounds(question)).toBe(rounds))
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
