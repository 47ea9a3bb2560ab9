import type { Plan } from '../plan'
import { listed } from '../quantity'
import type { ReadPart } from './readSentence'

const ofBest = new Set(['best', 'better', 'worst', 'worse', 'good', 'bad', 'won', 'beat', 'wins', 'beats'])

const isOfBest = (word: string) => ofBest.has(word.toLowerCase())

/**
 * Whether a part could be read if the plan said what is best.
 * @example asksWhatIsBest({ best: null }, { text: 'Tile was best', statements: null, reaches: [], unknown: ['best'] }) // true
 */
export const asksWhatIsBest = ({ best }: Pick<Plan, 'best'>, { unknown }: ReadPart): boolean =>
  best === null && unknown.length > 0 && unknown.every(isOfBest)

/**
 * The word of a part that compares, where only that word isn't known: once somebody says which end it means, the part can be read.
 * @returns null where nothing can be asked
 * @example asksWhichEnd({ text: 'One spoon was gloopier', statements: null, reaches: [], unknown: ['gloopier'] }) // 'gloopier'
 */
export function asksWhichEnd({ unknown }: ReadPart): string | null {
  const [word, ...others] = [...new Set(unknown.map((one) => one.toLowerCase()))]
  return word && others.length === 0 && /^\p{L}{2,}(?:er|est)$/u.test(word) && !isOfBest(word) ? word : null
}

const quoted = (words: readonly string[]) => listed(words.map((word) => `“${word}”`))

/**
 * Why nothing can be said of a part that was not wholly understood.
 * @example unreadReason(plan, { text: 'Tile is cold', statements: null, reaches: [], unknown: ['cold'] }) // 'We don’t know “cold” here, so we can’t check it.'
 */
export function unreadReason({ best }: Pick<Plan, 'best'>, { reaches, unknown }: ReadPart): string {
  if (unknown.length === 0 && reaches.length > 0)
    return `${quoted(reaches)} ${reaches.length === 1 ? 'reaches' : 'reach'} further than what was tested.`
  const asked = best === null ? unknown.filter(isOfBest) : []
  if (asked.length > 0) return `What does ${quoted(asked)} mean here?`
  const known = [...new Set(unknown)].slice(0, 3)
  return known.length > 0
    ? `We don’t know ${quoted(known)} here, so we can’t check it.`
    : 'We couldn’t check it.'
}
