import { itemAt } from '../defined'

/** Where a text uses one of the words, as a slice of the text. */
export interface UsedWord {
  word: string
  at: number
  end: number
}

interface Token {
  text: string
  at: number
  end: number
}

const tokens = (text: string): Token[] =>
  [...text.matchAll(/[\p{L}\p{N}]+(?:[’'][\p{L}]+)?/gu)].map((match) => ({
    text: match[0].toLowerCase().replace(/[’']s$/, ''),
    at: match.index,
    end: match.index + match[0].length,
  }))

/** What a word may end in and still be the same word: "absorbs", "gripped", "evaporating", "harder", "rusty". */
const endings = ['', 's', 'es', 'd', 'ed', 'ing', 'r', 'er', 'st', 'est', 'y', 'ies', 'ied']

/** Whether a token is a form of a word; a doubled last letter, a dropped e and a y that became i make no other word of it. */
function isFormOf(token: string, word: string): boolean {
  if (!token.startsWith(word.slice(0, Math.max(2, word.length - 1)))) return false
  const last = word.at(-1) ?? ''
  const stems = [word, `${word}${last}`, ...(/[ey]$/.test(word) ? [word.slice(0, -1)] : [])]
  return stems.some((stem) =>
    endings.some((ending) => token === stem + ending && (stem === word || ending.length > 1)),
  )
}

/**
 * Where a text uses the given words, in any of their forms, from left to right; a longer word before a shorter one that begins alike.
 * @example findWords('It absorbed most.', ['absorb']) // [{ word: 'absorb', at: 3, end: 11 }]
 */
export function findWords(text: string, words: readonly string[]): UsedWord[] {
  const all = tokens(text)
  const wanted = words
    .map((word) => ({ word, parts: tokens(word).map((token) => token.text) }))
    .filter(({ parts }) => parts.length > 0)
    .sort((a, b) => b.parts.length - a.parts.length)
  const found: UsedWord[] = []
  for (let place = 0; place < all.length; place++) {
    const match = wanted.find(
      ({ parts }) =>
        place + parts.length <= all.length &&
        parts.every((part, step) => isFormOf(itemAt(all, place + step).text, part)),
    )
    if (!match) continue
    const last = place + match.parts.length - 1
    found.push({ word: match.word, at: itemAt(all, place).at, end: itemAt(all, last).end })
    place = last
  }
  return found
}

/**
 * Which of the words are used in any of the texts, in the order of the words.
 * @example wordsUsed(['The felt absorbs water.'], ['fibre', 'absorb']) // ['absorb']
 */
export function wordsUsed(texts: readonly string[], words: readonly string[]): string[] {
  const used = new Set(texts.flatMap((text) => findWords(text, words).map(({ word }) => word)))
  return words.filter((word) => used.has(word))
}
