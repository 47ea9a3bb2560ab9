import { describe, expect, it } from 'vitest'
import { ownWords } from '.'
import { checkCorpus } from './tally'

const checked = checkCorpus(ownWords)
const texts = (which: typeof checked) => which.map(({ text }) => text)

describe('what classes say in their own words, of all starters', () => {
  it('is a corpus of more than three hundred sentences, about half of those that can be judged true', () => {
    const judged = checked.filter(({ truth }) => truth !== 'neither')
    const share = judged.filter(({ truth }) => truth === 'true').length / judged.length
    expect(checked.length).toBeGreaterThan(300)
    expect(share).toBeGreaterThan(0.45)
    expect(share).toBeLessThan(0.6)
  })

  it('goes against the data never where it is true, or neither', () => {
    expect(texts(checked.filter((one) => one.truth !== 'false' && one.fit === 'contradicts'))).toEqual([])
  })

  it('fits never where it is false', () => {
    expect(texts(checked.filter((one) => one.truth === 'false' && one.fit === 'fits'))).toEqual([])
  })

  it('is told to be wrong, or to say too much, wherever it is false and understood', () => {
    const missed = checked.filter(
      ({ truth, understood, fit }) =>
        truth === 'false' && understood && fit !== 'contradicts' && fit !== 'says-more',
    )
    expect(texts(missed)).toEqual([])
  })

  it.each([false, true])('is understood in three of four sentences, kept back or not (%s)', (held) => {
    const judged = checked.filter((one) => one.truth !== 'neither' && one.held === held)
    expect(judged.filter((one) => one.understood).length / judged.length).toBeGreaterThan(0.75)
  })
})
