import { firstOf, lastOf } from '../defined'
import type { Unit } from '../quantity'
import { formsOf } from './degrees'
import { nounOf } from './nounOf'
import { predicateOf } from './predicate'

/** The words in which a sentence says that there is more or less of a variable. */
export interface VariableWords {
  /** Fits behind "the": "bounce height", "distance the ball rolls". */
  noun: string
  /** What the adjectives are said of: "bounce" of a higher bounce, "clips" of fewer clips. */
  thing: string
  /** Whether there is more of it, and no article: more clips, the most clips, more light. */
  counted: boolean
  more: string
  most: string
  less: string
  least: string
}

type Poles = readonly [more: string, less: string]

/** Adjectives of what a name ends with, and whether what stands before it has them itself: a drop height is how high the drop is. */
const byHead: Readonly<Record<string, readonly [...Poles, ofThing: boolean]>> = {
  height: ['high', 'low', true],
  length: ['long', 'short', true],
  width: ['wide', 'narrow', true],
  depth: ['deep', 'shallow', true],
  thickness: ['thick', 'thin', true],
  temperature: ['high', 'low', false],
  time: ['long', 'short', false],
  lifetime: ['long', 'short', false],
  duration: ['long', 'short', false],
  speed: ['high', 'low', false],
  pulse: ['high', 'low', false],
}

/** What is greater or smaller; there is more or less of anything else: more rust, less light. */
const measures = new Set(
  `force distance mass weight area volume size angle strength pressure amount height length width depth thickness
  hardness loudness brightness wetness dryness share change result`.split(/\s+/),
)

/**
 * The words for more and less of a variable.
 * @param unit what it is measured in; null where it is a kind
 * @example wordsFor({ name: 'drop height', unit: 'cm' }).more // 'higher'
 */
export function wordsFor({ name, unit }: { name: string; unit: Unit | null }): VariableWords {
  const noun = nounOf(name, unit)
  const amount = /^amount of (.+)$/iu.exec(noun)?.[1]
  if (amount !== undefined)
    return { noun, thing: amount, counted: true, more: 'more', most: 'most', less: 'less', least: 'least' }
  const counted = countedThing(noun, unit)
  if (counted)
    return { noun, thing: counted, counted: true, more: 'more', most: 'most', less: 'fewer', least: 'fewest' }
  const parts = noun.split(' ')
  const head = byHead[lastOf(parts).toLowerCase()]
  if (!head) {
    const isMeasure = [firstOf(parts), lastOf(parts)].some((word) => measures.has(word.toLowerCase()))
    return isMeasure
      ? { noun, thing: noun, counted: false, ...polesOf('great', 'small') }
      : { noun, thing: noun, counted: true, more: 'more', most: 'most', less: 'less', least: 'least' }
  }
  const [more, less, ofThing] = head
  if (!ofThing) return { noun, thing: noun, counted: false, ...polesOf(more, less) }
  // "The height" alone is great, not high.
  return parts.length === 1
    ? { noun, thing: noun, counted: false, ...polesOf('great', 'small') }
    : { noun, thing: parts.slice(0, -1).join(' '), counted: false, ...polesOf(more, less) }
}

function polesOf(high: string, low: string) {
  const [up, down] = [formsOf(high), formsOf(low)]
  return { more: up.comparative, most: up.superlative, less: down.comparative, least: down.superlative }
}

/**
 * Whether a name has words of its own for more and less, so that nobody needs to be asked: heights are higher, clips are fewer.
 * @example hasOwnWords({ name: 'gloop', unit: null }) // false
 */
export function hasOwnWords({ name, unit }: { name: string; unit: Unit | null }): boolean {
  const words = wordsFor({ name, unit })
  if (predicateOf({ name })) return true
  return !words.counted || words.thing !== words.noun || words.less === 'fewer'
}

/** Things of which there are more or fewer: "clips" of a number of clips, "layers of card". */
function countedThing(noun: string, unit: Unit | null): string | null {
  const of = /^number of (.+)$/iu.exec(noun)?.[1]
  if (of !== undefined) return of
  const isPlural = firstOf(noun.split(' of '))
    .split(' ')
    .some((word) => /[^s]s$/.test(word))
  return unit === 'count' && isPlural ? noun : null
}

/** "the higher the bounce"; "the fewer clips". */
export const correlative = (words: VariableWords, way: 'more' | 'less'): string =>
  words.counted ? `the ${words[way]} ${words.thing}` : `the ${words[way]} the ${words.thing}`

/** "a higher bounce"; "fewer clips". */
export const comparativePhrase = (words: VariableWords, way: 'more' | 'less'): string =>
  words.counted
    ? `${words[way]} ${words.thing}`
    : `${/^[aeiou]/.test(words[way]) ? 'an' : 'a'} ${words[way]} ${words.thing}`

/** "the highest bounce"; "the fewest clips". */
export const superlativePhrase = (words: VariableWords, end: 'most' | 'least'): string =>
  `the ${words[end]} ${words.thing}`
