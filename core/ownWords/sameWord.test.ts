import { describe, expect, it } from 'vitest'
import { isSameWord, meantWord } from './sameWord'

const word = (normal: string, root = normal) => ({ normal, root })

describe('isSameWord', () => {
  it.each([
    [word('woolly', 'wool'), word('woollen')],
    [word('bounced', 'bounce'), word('bounces', 'bounce')],
    [word('cups', 'cup'), word('cup')],
  ])('%o is %o', (one, other) => expect(isSameWord(one, other)).toBe(true))

  it.each([
    [word('car'), word('carpet')],
    [word('wood'), word('wool')],
    [word('red'), word('bed')],
  ])('%o is not %o', (one, other) => expect(isSameWord(one, other)).toBe(false))
})

describe('meantWord', () => {
  it('takes one wrong letter, or two that changed places, and two in a long word', () => {
    expect(meantWord('cubboard', ['cupboard', 'window'])).toBe('cupboard')
    expect(meantWord('bubbel', ['bubble', 'paper'])).toBe('bubble')
    expect(meantWord('newsppaer', ['newspaper'])).toBe('newspaper')
  })

  it('is nobody’s while two are as near, or the word is short', () => {
    expect(meantWord('stone', ['store', 'stole'])).toBeNull()
    expect(meantWord('red', ['bed', 'rod'])).toBeNull()
    expect(meantWord('planet', ['carpet'])).toBeNull()
  })
})
