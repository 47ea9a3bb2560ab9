import type { ParsedLesson } from '../parsedLesson'

/** What else a quantity is called. */
const nouns: Readonly<Record<string, RegExp>> = {
  volume: /^(?:amount|room|space)$/,
  mass: /^(?:amount|weight)$/,
}

/**
 * Whether a word is what else a quantity is called: "space" of a volume, where the sides of a thing are compared.
 * @example isCalled(lesson, 'space') // false: a bounce height is compared
 */
export const isCalled = ({ plan }: Pick<ParsedLesson, 'plan'>, word: string): boolean =>
  plan.besides !== undefined && (nouns[plan.measured.name.toLowerCase()]?.test(word) ?? false)
