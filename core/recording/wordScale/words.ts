import { firstOf } from '../../defined'
import type { Plan, WordsRecording } from '../../plan'
import type { Entry } from '../../entries'
import type { FieldChoice } from '../way'
import { valueField } from '../numberOf'

/** What a plan of words says. */
export const wordsOf = (plan: Pick<Plan, 'recording'>): WordsRecording => plan.recording as WordsRecording

/**
 * Words that are seen once, with what the other answers would need.
 * @example seenOnce(['shiny', 'rusty']).awaited // 'rusty'
 */
export const seenOnce = (words: readonly string[]): Omit<WordsRecording, 'kind' | 'words'> => ({
  seen: 'once',
  minutes: [0, 5, 10],
  days: 5,
  score: 'end',
  awaited: words.at(-1) ?? '',
})

/** The fewest and the most words of a scale. */
export const wordLimits = { fewest: 2, most: 8, letters: 60 } as const

/**
 * The words of a scale, an example in brackets behind each apart: "spotted (brown dots)".
 * @example scaleWords(clips)[1] // { typed: 'spotted', label: 'spotted', like: 'brown dots' }
 */
export function scaleWords(plan: Pick<Plan, 'recording'>): FieldChoice[] {
  return wordsOf(plan).words.map((text) => {
    const [, word, like] = /^(.+?)\s*\(([^)]*)\)\s*$/u.exec(text) ?? []
    const name = (word ?? text).trim()
    return { typed: name, label: name, like: like?.trim() ?? '' }
  })
}

/** The words alone, from first to last. */
export const wordNames = (plan: Pick<Plan, 'recording'>): string[] =>
  scaleWords(plan).map(({ label }) => label)

/**
 * The word that a text means: as it is written, by its number from 1, or by its beginning where only one begins so.
 * @example wordMeant(['shiny', 'spotted', 'rusty'], 'sp') // 'spotted'
 */
export function wordMeant(words: readonly string[], text: string): string | null {
  const meant = text.trim().toLowerCase()
  const whole = words.find((word) => word.toLowerCase() === meant)
  if (whole || meant === '') return whole ?? null
  if (/^\d+$/u.test(meant)) return words[Number(meant) - 1] ?? null
  const begin = words.filter((word) => word.toLowerCase().startsWith(meant))
  return begin.length === 1 ? firstOf(begin) : null
}

/** The place of an entry's word on the scale, from 0; null where nothing was seen or the word is on it no longer. */
export function placeOf(plan: Pick<Plan, 'recording'>, { fields }: Pick<Entry, 'fields'>): number | null {
  const word = fields[valueField]?.value
  const place = typeof word === 'string' ? wordNames(plan).indexOf(word) : -1
  return place < 0 ? null : place
}

/**
 * The word that is waited for: the one that the plan names, or the last where that is on the scale no longer.
 * @example targetOf(clips) // { word: 'rusty', place: 2 }
 */
export function targetOf(plan: Pick<Plan, 'recording'>): { word: string; place: number } {
  const words = wordNames(plan)
  const place = wordMeant(words, wordsOf(plan).awaited)
  const at = place === null ? words.length - 1 : words.indexOf(place)
  return { word: words[at] ?? '', place: at }
}
