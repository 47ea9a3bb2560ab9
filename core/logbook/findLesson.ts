import type { SearchedPlace, SearchedTexts } from './searchedTexts'

/** Where the words of a search stand that are not to be seen. */
export interface FoundIn {
  place: SearchedPlace
  text: string
}

/** Letters without case and accents, so that "Senor" finds "señor". */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/**
 * Whether a lesson has all the words of a search, and where those stand that are not in the texts that the logbook shows.
 * @param shown the texts that are to be seen
 * @param searched what is searched beside them
 * @returns null where any word is missing
 * @example findLesson(['Ball bounce'], { materials: ['tennis ball'], words: [], variables: [], conclusion: [] }, 'ball tennis') // [{ place: 'materials', text: 'tennis ball' }]
 */
export function findLesson(
  shown: readonly string[],
  searched: SearchedTexts,
  query: string,
): FoundIn[] | null {
  const isIn = (text: string) => {
    const own = plain(text)
    return (word: string) => own.includes(word)
  }
  const seen = shown.map(isIn)
  let missing = plain(query)
    .split(/\s+/)
    .filter((word) => word !== '' && !seen.some((has) => has(word)))
  const texts = Object.entries(searched).flatMap(([place, of]) =>
    of.map((text) => ({ found: { place: place as SearchedPlace, text }, has: isIn(text) })),
  )
  const found: FoundIn[] = []
  // First the text that has most of the words: "metre stick" is in no box of sticky dots.
  while (missing.length > 0) {
    const counts = texts.map(({ has }) => missing.filter(has).length)
    const best = texts[counts.indexOf(Math.max(0, ...counts))]
    const left = best ? missing.filter((word) => !best.has(word)) : missing
    if (!best || left.length === missing.length) return null
    found.push(best.found)
    missing = left
  }
  return found
}
