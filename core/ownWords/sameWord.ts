import { distance } from 'fastest-levenshtein'
import { stem } from '../catalogue'
import type { ParsedWord } from './parsedWord'

type Spelt = Pick<ParsedWord, 'normal' | 'root'>

/** A word shorter than this stands for no longer one: "car" is not "carpet". */
const shortestPart = 4
/** The fewest letters in which one, or two, may be wrong. */
const [lettersForOne, lettersForTwo] = [5, 9]

/**
 * Whether two words are forms of one: "wool" and "woollen", "bounced" and "bounces".
 * @example isSameWord({ normal: 'woolly', root: 'wool' }, { normal: 'woollen', root: 'woollen' }) // true
 */
export function isSameWord(one: Spelt, other: Spelt): boolean {
  const forms = (word: Spelt) => [word.root, stem(word.normal)]
  return forms(one).some((a) =>
    forms(other).some((b) => {
      const [short, long] = a.length < b.length ? [a, b] : [b, a]
      return short === long || (short.length >= shortestPart && long.startsWith(short))
    }),
  )
}

/**
 * Which of some words a misspelt one was meant to be: the only one within a letter, or two in a long word. Where two are as near it is
 * nobody's.
 * @example meantWord('cubboard', ['cupboard', 'window']) // 'cupboard'
 */
export function meantWord(typed: string, words: Iterable<string>): string | null {
  const allowed = typed.length >= lettersForTwo ? 2 : typed.length >= lettersForOne ? 1 : 0
  let [nearest, meant]: [number, string | null] = [allowed + 1, null]
  for (const word of words) {
    if (Math.abs(word.length - typed.length) > allowed || word[0] !== typed[0]) continue
    // Two letters that changed places are one mistake.
    const away = isSwapped(typed, word) ? 1 : distance(typed, word)
    if (away === nearest && word !== meant) meant = null
    if (away < nearest) [nearest, meant] = [away, word]
  }
  return nearest <= allowed ? meant : null
}

const isSwapped = (one: string, other: string) =>
  one.length === other.length &&
  distance(one, other) === 2 &&
  [...one].sort().join('') === [...other].sort().join('')
