import type { MethodSentence, MethodWord } from '#core/method'

/** A piece of a sentence: a word with the signs that follow it, or the text between words. */
export interface Piece {
  word: MethodWord | null
  text: string
}

const signs = /^[^\s\p{L}\p{N}]+/u

/** A sentence whose commas and full stops stay with their words, so that no line begins with one. */
export const withPunctuation = (parts: MethodSentence): Piece[] =>
  parts.map((part, at) => {
    if (typeof part !== 'string') return { word: part, text: signsOf(parts[at + 1]) }
    const isAfterWord = at > 0 && typeof parts[at - 1] !== 'string'
    return { word: null, text: isAfterWord ? part.slice(signsOf(part).length) : part }
  })

const signsOf = (part: MethodSentence[number] | undefined): string =>
  (typeof part === 'string' && signs.exec(part)?.[0]) || ''
