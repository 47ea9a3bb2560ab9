import { itemAt } from '../../defined'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { piecesOf } from '../pieces'
import type { VariationStatement } from './variationStatement'
import { parseQuantity } from '../../quantity'

const vocabulary = {
  about: /^(?:about|around|roughly|nearly|almost|approximately|circa)$/,
  usually: /^(?:usually|mostly|normally|typically|often|generally|average|mainly)$/,
  always: /^always$/,
  never: /^never$/,
  not: /^(?:not|no|none)$/,
  between: /^(?:between|from)$/,
  to: /^(?:to|until|till)$/,
  and: /^and$/,
  more: /^(?:more|over|above)$/,
  less: /^(?:less|fewer|under|below)$/,
  than: /^than$/,
  most: /^(?:most|highest|greatest|largest|biggest|maximum|record)$/,
  least: /^(?:least|fewest|lowest|smallest|minimum)$/,
  at: /^(?:at|up)$/,
  same: /^(?:same|identical|equal)$/,
  varied: /^(?:different|differed|differs|vary|varies|varied|changed|changes|sometimes)$/,
  every: /^(?:every|each|all)$/,
  time: /^(?:time|times|try|tries|go|turn)$/,
} as const
type Token = keyof typeof vocabulary

/** One word, by what it does here; null for words that say nothing. */
type Read = { token: Token } | { value: number } | null

/**
 * Reads a sentence about one setting; every word of it must be accounted for.
 * @returns null where it is not wholly understood, with the words that nobody knows
 */
export function readVariation(
  lesson: ParsedLesson,
  words: readonly ParsedWord[],
): { statement: VariationStatement | null; unknown: string[] } {
  const pieces = words.map((word) => piecesOf(lesson, [word])[0])
  const unknown: string[] = []
  const reads: Read[] = []
  for (let at = 0; at < words.length; at++) {
    const word = itemAt(words, at)
    const token = (Object.keys(vocabulary) as Token[]).find((one) => vocabulary[one].test(word.normal))
    const value = token ? null : valueAt(lesson, words, at)
    if (token) reads.push({ token })
    else if (value !== null) {
      reads.push({ value: value.value })
      at += value.length - 1
    } else if (!saysNothing(pieces[at]?.role.kind)) unknown.push(word.text)
  }
  const isRead = unknown.length === 0 && !tellsOfTesting(lesson, words, reads)
  return { statement: isRead ? statementOf(reads) : null, unknown }
}

/** "We tried 8 times", "the drop height was 20 cm", "most bounces were 12 cm": numbers of something else, or of most tries only. */
function tellsOfTesting(
  { plan }: ParsedLesson,
  words: readonly ParsedWord[],
  reads: readonly Read[],
): boolean {
  const said = reads.filter((one) => one !== null)
  const isSetting = (value: number) => plan.levels.some((level) => level.value === value)
  return (
    said.some((one, at) => {
      const next = said[at + 1]
      return 'value' in one && (isSetting(one.value) || (next && 'token' in next && next.token === 'time'))
    }) ||
    words.some(
      ({ normal }, at) => normal === 'most' && !/^(?:the|our|its|at)$/.test(words[at - 1]?.normal ?? ''),
    )
  )
}

const saysNothing = (kind: string | undefined) =>
  kind === undefined || ['filler', 'level', 'joint', 'happens', 'strength'].includes(kind)

/** A number, in the unit that is measured or without one. */
function valueAt(
  { plan }: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
): { value: number; length: number } | null {
  const word = itemAt(words, at)
  const next = words[at + 1]
  const { unit } = plan.measured
  const glued = /^\d.*\p{L}/u.test(word.text) ? parseQuantity(word.text, unit) : null
  // A glued unit may be followed by a word without letters, which the reader makes of "12cm".
  if (glued?.ok && glued.typedUnit !== null) return { value: glued.value, length: next?.text === '' ? 2 : 1 }
  if (word.value === null) return null
  if (unit === 'count') return { value: word.value, length: 1 }
  const apart = parseQuantity(`${word.value} ${next?.normal ?? ''}`, unit)
  if (apart.ok && apart.typedUnit !== null) return { value: apart.value, length: 2 }
  return { value: word.value, length: 1 }
}

function statementOf(reads: readonly Read[]): VariationStatement | null {
  const tokens = reads.flatMap((one) => (one && 'token' in one ? one.token : []))
  const values = reads.flatMap((one) => (one && 'value' in one ? one.value : []))
  const has = (...any: Token[]) => any.some((one) => tokens.includes(one))
  const only = (...allowed: Token[]) => tokens.every((one) => allowed.includes(one))
  const isAlways = has('always') || has('every')
  const [first, second] = values
  if (first === undefined) return withoutValue(tokens, isAlways)
  if (second !== undefined) {
    if (values.length > 2 || !only('about', 'usually', 'between', 'to', 'and', 'always', 'every', 'time'))
      return null
    if (!has('to') && !(has('between') && has('and'))) return null
    return {
      kind: 'range',
      from: Math.min(first, second),
      to: Math.max(first, second),
      mostly: has('usually'),
    }
  }
  const before = reads.slice(
    0,
    reads.findIndex((one) => one !== null && 'value' in one),
  )
  const ahead = before.flatMap((one) => (one && 'token' in one ? one.token : []))
  if (has('more', 'less')) {
    if (!only('more', 'less', 'than', 'never', 'not', 'always', 'every', 'time') || !has('than')) return null
    if (has('more') === has('less')) return null
    const isTurned = has('never', 'not')
    return {
      kind: 'bound',
      way: has('more') === isTurned ? 'under' : 'over',
      value: first,
      inclusive: isTurned,
    }
  }
  if (has('at')) {
    // "At most 26", "up to 26", "at least 18".
    if (!only('at', 'most', 'least', 'to', 'about', 'always', 'every', 'time')) return null
    const isLeast = ahead.includes('least')
    if (!isLeast && !ahead.includes('most') && !ahead.includes('to')) return null
    return { kind: 'bound', way: isLeast ? 'over' : 'under', value: first, inclusive: true }
  }
  if (has('most', 'least')) {
    if (!only('most', 'least', 'about') || has('most') === has('least')) return null
    return { kind: 'end', end: has('most') ? 'most' : 'least', value: first }
  }
  if (!only('about', 'usually', 'always', 'every', 'time')) return null
  return isAlways && !has('usually') && !has('about')
    ? { kind: 'always', value: first }
    : { kind: 'usual', value: first }
}

/** "It was the same every time", "it varied". */
function withoutValue(tokens: readonly Token[], always: boolean): VariationStatement | null {
  const has = (one: Token) => tokens.includes(one)
  const allowed: Token[] = [
    'same',
    'varied',
    'not',
    'never',
    'always',
    'every',
    'time',
    'more',
    'less',
    'and',
  ]
  if (!tokens.every((one) => allowed.includes(one)) || has('same') === has('varied')) return null
  const isTurned = has('not') || has('never')
  return { kind: 'same', negated: has('varied') !== isTurned, always: always && !isTurned }
}
