import { itemAt } from '../defined'
import type { ParsedLesson } from './parsedLesson'
import type { ParsedWord } from './parsedWord'
import { isSameWord, meantWord } from './sameWord'
import { fillers } from './vocabulary'

interface Named {
  length: number
  places: number[]
}

/** Words that say which round is meant. */
const ordinals = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
]

/** Finds the levels that a sentence names: by their whole names, the longest first, or by a word that only one of them has. */
export const nameLevel = { whole, part }

function whole({ levels, inRounds }: ParsedLesson, words: readonly ParsedWord[], at: number): Named | null {
  const round = inRounds ? roundNamed(levels.length, itemAt(words, at)) : null
  if (round !== null) return { length: 1, places: [round] }
  const found = levels
    .map((name, place) => ({ length: name.length, places: [place], name }))
    .filter(
      ({ name, length }) =>
        length > 0 &&
        name.every((word, index) => words[at + index] && isSaid(itemAt(words, at + index), word)),
    )
    .sort((a, b) => b.length - a.length)
  return found[0] ?? null
}

function roundNamed(count: number, { normal }: ParsedWord): number | null {
  if (normal === 'last' || normal === 'final') return count - 1
  const place = ordinals.indexOf(normal)
  return place >= 0 && place < count ? place : null
}

const isSaid = (typed: ParsedWord, name: ParsedWord) =>
  typed.normal === name.normal || isSameWord(typed, name)

/** A word of its own, such as "sock" of a woollen sock; words beside it that the level's name has too belong to it. */
function part(
  { levels, inRounds, changed }: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
): Named | null {
  if (inRounds) return null
  const typed = itemAt(words, at)
  if (changed.some((own) => isSameWord(own, typed)) && !startsName(levels, typed)) return null
  const places = placesOf(levels, typed)
  if (places.length === 0) return null
  // Words that several levels share name one of them only together with a word of its own.
  let length = 1
  let common = places
  while (words[at + length] && !itemAt(words, at + length - 1).stop) {
    const next = placesOf(levels, itemAt(words, at + length))
    const both = common.filter((place) => next.includes(place))
    if (both.length === 0) break
    common = both
    length++
  }
  if (common.length === 1) return { length, places: common }
  // "Rubber soles" are all that are of rubber, where some are not.
  return common.length < levels.length ? { length, places: common } : null
}

/** "Jacket" alone is none of the jackets, also where one is called "no jacket". */
const startsName = (levels: readonly ParsedWord[][], typed: ParsedWord) =>
  levels.some(([first]) => first && isSaid(typed, first))

function placesOf(levels: readonly ParsedWord[][], typed: ParsedWord): number[] {
  if (fillers.has(typed.normal)) return []
  const having = (is: (name: ParsedWord) => boolean) =>
    levels.flatMap((name, place) =>
      name.some((word) => !fillers.has(word.normal) && is(word)) ? [place] : [],
    )
  const said = having((word) => isSaid(typed, word))
  if (said.length > 0) return said
  const meant = meantWord(typed.normal, new Set(levels.flat().map((word) => word.normal)))
  return meant === null ? [] : having((word) => word.normal === meant)
}
