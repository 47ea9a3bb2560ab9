import type { Plan } from '../plan'
import { listed } from '../quantity'
import { withCalled } from '../words'
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
 * @example asksWhichEnd({ text: 'One spoon was gloopier than two', statements: null, reaches: [], unknown: ['gloopier'] }) // 'gloopier'
 */
export function asksWhichEnd({ text, unknown }: ReadPart): string | null {
  const [word, ...others] = [...new Set(unknown.map((one) => one.toLowerCase()))]
  if (!word || others.length > 0 || isOfBest(word)) return null
  // "Winter" and "forest" end so, too, but compare nothing.
  const compared = /(\p{L}{2,}er) than\b|\b(?:was|were|is|are) (?:the )?(\p{L}{2,}est)\b/u.exec(
    text.toLowerCase(),
  )
  return compared?.slice(1).includes(word) ? word : null
}

/**
 * Whether a word for a reading says something of what is compared: a change of it, but no time or rate.
 * @param scored the plan as its results are measured (`scoredPlan`)
 */
export const isSaidOfReadings = (plan: Plan, scored: Plan): boolean =>
  scored.measured.name.startsWith(plan.measured.name)

/**
 * The plan with the end that a class's word stands at. The word is kept for what was read: more was lost where less is left.
 * @param scored the plan as its results are measured (`scoredPlan`)
 */
export function withMeaning(plan: Plan, scored: Plan, word: string, end: 'more' | 'less'): Plan {
  const other = end === 'more' ? 'less' : 'more'
  const ofReading = / lost$/u.test(scored.measured.name) ? other : end
  const called = withCalled(plan.measured.called, ofReading, word)
  return { ...plan, measured: { ...plan.measured, called } }
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
