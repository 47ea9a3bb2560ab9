import { defined } from '../defined'
import type { Called } from '../plan'
import { adjectiveForm, formsOf, type AdjectiveForm } from './degrees'
import type { Sign } from './sign'

/** An adjective in its three forms. */
export interface AdjectiveForms {
  adjective: string
  comparative: string
  superlative: string
}

/** Longer ones take "more" in front of them, unless they end in y. */
const lettersBeforeMore = 6

/**
 * The forms of an adjective, from whichever form was typed.
 * @example formsTyped('runnier') // { adjective: 'runny', comparative: 'runnier', superlative: 'runniest' }
 */
export function formsTyped(typed: string): AdjectiveForms {
  const [, lead, word] = defined(/^(?:the )?(more |most )?(.*)$/u.exec(typed.trim().toLowerCase()))
  const known = adjectiveForm(defined(word))
  const adjective = known ? known.adjective : lead ? defined(word) : plainOf(defined(word))
  const isLong = adjective.length > lettersBeforeMore && !adjective.endsWith('y') && adjective === word
  return lead || (isLong && !known)
    ? { adjective, comparative: `more ${adjective}`, superlative: `most ${adjective}` }
    : { adjective, ...formsOf(adjective) }
}

/** "Runny" of "runnier", "thin" of "thinnest"; a word without such an ending is plain. */
function plainOf(word: string): string {
  const stem = /^(.{2,})(?:er|est)$/u.exec(word)?.[1]
  if (!stem) return word
  return stem.replace(/i$/, 'y').replace(/([bdgmnpt])\1$/u, '$1')
}

const typedWords = (typed: string) =>
  typed
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean)

/**
 * What sentences call more and less of a variable, where a plan says both.
 * @returns null where it says neither, or one of them only
 * @example calledForms({ more: 'gloopier', less: 'runnier' })?.less.superlative // 'runniest'
 */
export function calledForms(called: Called | undefined): Record<'more' | 'less', AdjectiveForms> | null {
  const [more, less] = [called?.more, called?.less].map((typed) => typedWords(typed ?? '')[0])
  return more && less ? { more: formsTyped(more), less: formsTyped(less) } : null
}

/**
 * A word as a form of an adjective that a plan gives an end of some variable; null for any other word.
 * @example calledForm([{ more: 'gloopier', less: '' }], 'gloopiest') // { adjective: 'gloopy', degree: 'superlative' }
 */
export function calledForm(all: readonly (Called | undefined)[], word: string): AdjectiveForm | null {
  for (const called of all)
    for (const typed of typedWords(`${called?.more ?? ''},${called?.less ?? ''}`)) {
      const { adjective, comparative, superlative } = formsTyped(typed)
      if (word === adjective) return { adjective, degree: 'plain' }
      if (word === comparative) return { adjective, degree: 'comparative' }
      if (word === superlative) return { adjective, degree: 'superlative' }
    }
  return null
}

/**
 * Which end an adjective stands at, as the plan calls it; null where the plan says nothing of it.
 * @example calledSign({ more: 'gloopier', less: 'runnier' }, 'runny') // -1
 */
export function calledSign(called: Called | undefined, adjective: string): Sign | null {
  const has = (typed = '') => typedWords(typed).some((one) => formsTyped(one).adjective === adjective)
  const [more, less] = [has(called?.more), has(called?.less)]
  return more === less ? null : more ? 1 : -1
}

/**
 * What a variable's ends are called, with one more word for one of them.
 * @example withCalled({ more: 'gloopier', less: '' }, 'less', 'runnier') // { more: 'gloopier', less: 'runnier' }
 */
export function withCalled(called: Called | undefined, end: keyof Called, word: string): Called {
  const before = called ?? { more: '', less: '' }
  const [first, ...others] = [...typedWords(before[end]), word]
  // The first is said in sentences; of the others the oldest goes where there is no room for all.
  while (others.length > 1 && [first, ...others].join(', ').length > calledLetters) others.shift()
  return { ...before, [end]: [first, ...others].join(', ').slice(0, calledLetters) }
}

/** How long what an end is called may be. */
export const calledLetters = 60
