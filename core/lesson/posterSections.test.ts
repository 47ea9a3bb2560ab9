import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import { posterSections, type PosterFacts } from '.'

const found = {
  sentence: 'The higher the drop, the higher the bounce.',
  reasons: ['All six groups agree.', 'Each step is sure.', 'A third reason.'],
  detail: '',
  word: 'clear',
} as const

const facts = (changes: Partial<PosterFacts> = {}): PosterFacts => ({
  conclusion: emptyConclusion,
  found: { ...found, reasons: [...found.reasons] },
  said: found.sentence,
  predicted: '',
  caveats: [],
  ...changes,
})
const textOf = (id: string, changes: Partial<PosterFacts> = {}) =>
  posterSections(facts(changes)).find((one) => one.id === id)?.paragraphs

describe('a poster', () => {
  it('leaves out what nobody has said', () => {
    expect(posterSections(facts()).map(({ id }) => id)).toEqual(['answer', 'showed'])
  })

  it('says the finding once: as the answer, or beneath the class’s own', () => {
    expect(textOf('showed')).toEqual(['All six groups agree. Each step is sure.'])
    const own = { said: 'It bounces higher.', predicted: 'Four groups had predicted it.' }
    expect(textOf('answer', own)).toEqual(['It bounces higher.'])
    expect(textOf('showed', own)).toEqual([
      'The higher the drop, the higher the bounce. All six groups agree. Each step is sure. Four groups had predicted it.',
    ])
  })

  it('calls an idea why an idea, and sets caveats apart', () => {
    expect(textOf('why', { conclusion: { ...emptyConclusion, why: 'because it falls further' } })).toEqual([
      'because it falls further',
      'It is an idea: this test did not check it.',
    ])
    expect(textOf('showed', { caveats: ['One try was spoilt.'] })?.at(-1)).toBe('One try was spoilt.')
  })
})
