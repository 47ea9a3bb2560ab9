import { firstOf, lastOf } from '../defined'
import { adjectives } from './scales'

/** How strongly an adjective compares: "high", "higher", "highest". */
export type Degree = 'plain' | 'comparative' | 'superlative'

/** An adjective or adverb in one of its forms. */
export interface AdjectiveForm {
  /** In its plain form. */
  adjective: string
  degree: Degree
}

const irregular: Record<string, [comparative: string[], superlative: string[]]> = {
  good: [['better'], ['best']],
  bad: [['worse'], ['worst']],
  far: [
    ['further', 'farther'],
    ['furthest', 'farthest'],
  ],
  much: [['more'], ['most']],
  // "Less" and "least" are the other end of "more", whatever is counted.
  few: [
    ['fewer', 'less'],
    ['fewest', 'least'],
  ],
}

/** Adjectives that double their last letter before an ending. */
const doubling = /^(?:big|hot|thin|fat|wet|dim|flat|slim|sad|fit)$/

/**
 * The comparative and the superlative of an adjective.
 * @example formsOf('heavy') // { comparative: 'heavier', superlative: 'heaviest' }
 */
export function formsOf(adjective: string): { comparative: string; superlative: string } {
  const own = irregular[adjective]
  if (own) return { comparative: firstOf(own[0]), superlative: firstOf(own[1]) }
  const stem = doubling.test(adjective)
    ? adjective + lastOf(adjective)
    : adjective.replace(/([^aeiou])y$/, '$1i').replace(/e$/, '')
  return { comparative: `${stem}er`, superlative: `${stem}est` }
}

const forms = new Map<string, AdjectiveForm>()
/** Nobody says that something was "giantest". */
const neverCompared = new Set('huge giant massive enormous'.split(' '))

for (const adjective of [...adjectives, ...Object.keys(irregular)]) {
  const { comparative, superlative } = formsOf(adjective)
  forms.set(adjective, { adjective, degree: 'plain' })
  if (neverCompared.has(adjective)) continue
  forms.set(comparative, { adjective, degree: 'comparative' })
  forms.set(superlative, { adjective, degree: 'superlative' })
  for (const one of irregular[adjective]?.[0] ?? []) forms.set(one, { adjective, degree: 'comparative' })
  for (const one of irregular[adjective]?.[1] ?? []) forms.set(one, { adjective, degree: 'superlative' })
}

/**
 * Reads a word as a form of an adjective that compares.
 * @returns null for any other word
 * @example adjectiveForm('highest') // { adjective: 'high', degree: 'superlative' }
 */
export const adjectiveForm = (word: string): AdjectiveForm | null => forms.get(word) ?? null

/** Every form of every adjective, for finding what a misspelt word may have been. */
export const adjectiveWords: readonly string[] = [...forms.keys()]
