import { firstOf, itemAt } from '../defined'
import { stems, type Token } from './stems'
import type { Thing } from './thing'
import { things } from './things'

/** A thing that a text speaks of, and the words that say so. */
export interface FoundThing {
  thing: Thing
  words: string
  /** Where the words stand in the text. */
  at: number
}

interface Phrase {
  stems: string[]
  thing: Thing
  /** Whether the words say so only on a list, not in a sentence. */
  onLists: boolean
}

/** Phrases by their first word, the longest first, so that "paper cup" is never taken for paper. */
const phrases = new Map<string, Phrase[]>()
for (const thing of things) {
  const add = (name: string, onLists: boolean) => {
    const words = stems(name).map((token) => token.stem)
    phrases.set(firstOf(words), [...(phrases.get(firstOf(words)) ?? []), { stems: words, thing, onLists }])
  }
  for (const name of [thing.name, ...thing.also]) add(name, false)
  for (const name of thing.named) add(name, true)
}
for (const list of phrases.values()) list.sort((a, b) => b.stems.length - a.stems.length)

/** Words before a thing that say it is not there. */
const without = new Set(['no', 'not', 'without', 'never', 'nor'])
/** Words that may stand between those and the thing. */
const between = new Set(['a', 'an', 'any', 'the', 'use', 'of', 'hot', 'more', 'other'])

/**
 * The things of the catalogue that a text speaks of, in order, each by its longest name. What the text says is
 * not there ("no glue, no tape", "without a candle", "instead of glass") is left out.
 * @param where whether the text is a name on a list or a sentence; the acid on a list is one, "kind of acid" may be lemon juice
 * @example findThings('Pour hot water into the glass jar').map((one) => one.thing.name) // ['hot water', 'glass jar']
 */
export function findThings(text: string, where: 'list' | 'sentence' = 'list'): FoundThing[] {
  const tokens = stems(text)
  const found: FoundThing[] = []
  for (let at = 0; at < tokens.length;) {
    const phrase = phraseAt(tokens, at, text, where)
    if (!phrase) at += 1
    else {
      const last = itemAt(tokens, at + phrase.stems.length - 1)
      if (!isDenied(tokens, at, text))
        found.push({
          thing: phrase.thing,
          words: text.slice(itemAt(tokens, at).at, last.end),
          at: itemAt(tokens, at).at,
        })
      at += phrase.stems.length
    }
  }
  return found
}

function phraseAt(
  tokens: readonly Token[],
  at: number,
  text: string,
  where: 'list' | 'sentence',
): Phrase | undefined {
  return phrases
    .get(itemAt(tokens, at).stem)
    ?.find(
      ({ stems: words, onLists }) =>
        (where === 'list' || !onLists) &&
        words.every((word, index) => tokens[at + index]?.stem === word) &&
        !/[.,;:!?()]/.test(text.slice(itemAt(tokens, at).end, itemAt(tokens, at + words.length - 1).at)),
    )
}

function isDenied(tokens: readonly Token[], at: number, text: string): boolean {
  for (let back = at - 1; back >= 0 && back >= at - 3; back--) {
    const word = itemAt(tokens, back)
    if (/[.,;:!?()]/.test(text.slice(word.end, itemAt(tokens, back + 1).at))) return false
    if (without.has(word.stem)) return true
    if (word.stem === 'instead' && itemAt(tokens, back + 1).stem === 'of') return true
    if (!between.has(word.stem)) return false
  }
  return false
}

/**
 * The thing that a name on a list stands for: the last that its first part speaks of, as "plastic bottle, 300 mL"
 * is a bottle and "water for the tray" is water. Null when the catalogue knows none.
 * @example thingNamed('large sheet of paper')?.name // 'paper'
 */
export function thingNamed(name: string): Thing | null {
  const head = firstOf(name.split(/,|\(| for | with | of each | to /i))
  return (findThings(head).at(-1) ?? findThings(name)[0])?.thing ?? null
}
