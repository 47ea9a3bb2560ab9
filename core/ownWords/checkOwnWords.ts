import type { ClaimFit } from '../conclusion'
import type { Evidence } from '../evidence'
import { looksAtVariation, type Plan } from '../plan'
import { judgeStatement } from './judgeStatement'
import type { StatementFit } from './statementFit'
import type { CheckedPart } from './checkedPart'
import type { ParsedLesson } from './parsedLesson'
import type { ParsedWord } from './parsedWord'
import { unreadReason } from './partReason'
import { readSentence, type Reading, type ReadPart } from './readSentence'
import { judgePart, readSides } from './sides/checkSides'
import type { Statement } from './statement'
import { checkVariation } from './variation/checkVariation'

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
  const { parts, strength } = looksAtVariation(lesson.plan)
    ? { parts: checkVariation(lesson, words, evidence), strength: 'together' as const }
    : lesson.plan.besides
      ? checkSides(lesson, words, evidence)
      : checkLevels(lesson, words, evidence)
  const has = (fit: CheckedPart['fit']) => parts.some((part) => part.fit === fit)
  const fit: ClaimFit = has('against')
    ? 'contradicts'
    : has('beyond')
      ? 'says-more'
      : parts.length === 0 || has('yours') || has('open')
        ? 'not-checked'
        : 'fits'
  return { fit, parts, strength }
}

type Checked = Pick<OwnWordsCheck, 'parts' | 'strength'>

function checkLevels(lesson: ParsedLesson, words: readonly ParsedWord[], evidence: Evidence): Checked {
  const { parts, strength } = readSentence(lesson, words)
  const { plan } = lesson
  return {
    parts: parts.map((part) => checkPart(plan, part, (one) => judgeStatement(plan, one, strength, evidence))),
    strength,
  }
}

function checkSides(lesson: ParsedLesson, words: readonly ParsedWord[], evidence: Evidence): Checked {
  const { parts, strength } = readSides(lesson, words, evidence)
  return {
    parts: parts.map(({ lesson: own, quantity, ...part }) =>
      checkPart(own.plan, part, (one) => judgePart({ ...part, lesson: own, quantity }, one, strength)),
    ),
    strength,
  }
}

function checkPart(
  plan: Plan,
  part: ReadPart,
  judge: (statement: Statement) => { fit: StatementFit; reason: string },
): CheckedPart {
  if (!part.statements) {
    const reaches = part.reaches.length > 0 && part.unknown.length === 0
    return { ...part, plan, fit: reaches ? 'beyond' : 'yours', reason: unreadReason(plan, part) }
  }
  const judged = part.statements.map(judge)
  const fit = worst.find((each) => judged.some((one) => one.fit === each)) ?? 'fits'
  return { ...part, plan, fit, reason: judged.find((one) => one.fit === fit)?.reason ?? '' }
}
