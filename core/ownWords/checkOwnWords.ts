import type { ClaimFit } from '../conclusion'
import type { Evidence } from '../evidence'
import { judgeStatement, type StatementFit } from './judgeStatement'
import type { ParsedLesson } from './lesson'
import type { ParsedWord } from './parsedWord'
import { unreadReason } from './partReason'
import { readSentence, type Reading, type ReadPart } from './readSentence'

/** A part of a sentence, with what the data say of it; *yours* where it was not wholly understood. */
export interface CheckedPart extends ReadPart {
  fit: StatementFit | 'yours'
  reason: string
}

/** A class's own sentence, beside the data. */
export interface OwnWordsCheck {
  fit: ClaimFit
  parts: CheckedPart[]
  strength: Reading['strength']
}

const worst: readonly (StatementFit | 'yours')[] = ['against', 'beyond', 'open', 'fits']

/**
 * Checks what a class says in its own words. Nothing is said against what was not wholly understood, and a cause is never checked.
 * @example checkOwnWords(lesson, parseWords('Higher drops bounced higher.'), evidence).fit // 'fits'
 */
export function checkOwnWords(
  lesson: ParsedLesson,
  words: readonly ParsedWord[],
  evidence: Evidence,
): OwnWordsCheck {
  const reading = readSentence(lesson, words)
  const parts = reading.parts.map((part) => checkPart(lesson, part, reading.strength, evidence))
  const has = (fit: CheckedPart['fit']) => parts.some((part) => part.fit === fit)
  const fit: ClaimFit = has('against')
    ? 'contradicts'
    : has('beyond')
      ? 'says-more'
      : parts.length === 0 || has('yours') || has('open')
        ? 'not-checked'
        : 'fits'
  return { fit, parts, strength: reading.strength }
}

function checkPart(
  { plan }: ParsedLesson,
  part: ReadPart,
  strength: Reading['strength'],
  evidence: Evidence,
): CheckedPart {
  if (!part.statements) {
    const reaches = part.reaches.length > 0 && part.unknown.length === 0
    return { ...part, fit: reaches ? 'beyond' : 'yours', reason: unreadReason(plan, part) }
  }
  const judged = part.statements.map((one) => judgeStatement(plan, one, strength, evidence))
  const fit = worst.find((each) => judged.some((one) => one.fit === each)) ?? 'fits'
  return { ...part, fit, reason: judged.find((one) => one.fit === fit)?.reason ?? '' }
}
