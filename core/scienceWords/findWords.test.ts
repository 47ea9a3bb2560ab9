import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findWords, wordsUsed } from '.'

const used = (text: string, ...words: string[]) =>
  findWords(text, words).map(({ word, at, end }) => [word, text.slice(at, end)])

describe('a word of science', () => {
  it.each([
    ['The bumpy paper absorbs most', 'absorb', 'absorbs'],
    ['it ABSORBED it', 'absorb', 'ABSORBED'],
    ['water is evaporating', 'evaporate', 'evaporating'],
    ['It gripped well', 'grip', 'gripped'],
    ['slate is harder', 'hard', 'harder'],
    ['the rusty clip', 'rust', 'rusty'],
    ['two bridges', 'bridge', 'bridges'],
    ['the paper’s fibres', 'fibre', 'fibres'],
    ['we used two light sources', 'light source', 'light sources'],
    ['It cools down', 'cool down', 'cools down'],
    ['three mixtures', 'mixture', 'mixtures'],
    ['it carries it', 'carry', 'carries'],
  ])('is found in “%s”', (text, word, form) => {
    expect(used(text, word)).toEqual([[word, form]])
  })

  it.each([
    ['a rocket', 'rock'],
    ['hardly any', 'hard'],
    ['the restaurant', 'rest'],
    ['a massive ball', 'mass'],
    ['a light red source', 'light source'],
    ['forks', 'force'],
    ['', 'rock'],
  ])('is not in “%s”', (text, word) => {
    expect(used(text, word)).toEqual([])
  })

  it('is taken whole before a part of it', () => {
    expect(used('a measuring cylinder', 'cylinder', 'measuring cylinder')).toEqual([
      ['measuring cylinder', 'measuring cylinder'],
    ])
  })

  it('is counted as used once, in the order of the list', () => {
    expect(wordsUsed(['It absorbs. It absorbed.', 'fibres'], ['fibre', 'mass', 'absorb'])).toEqual([
      'fibre',
      'absorb',
    ])
    expect(wordsUsed([], ['fibre'])).toEqual([])
  })

  it('has slices that lie apart, within any text', () => {
    const words = ['rock', 'hard', 'light source', 'light']
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('rocks', 'light', 'source', 'hard', '-', '’s', '\n', 'x', '🪨')),
        (parts) => {
          const text = parts.join(' ')
          let end = 0
          for (const one of findWords(text, words)) {
            expect(one.at).toBeGreaterThanOrEqual(end)
            expect(one.end).toBeLessThanOrEqual(text.length)
            end = one.end
          }
        },
      ),
    )
  })
})
