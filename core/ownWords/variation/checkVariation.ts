import { lastOf } from '../../defined'
import type { Evidence } from '../../evidence'
import { listed } from '../../quantity'
import type { CheckedPart } from '../checkedPart'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { judgeVariation } from './judgeVariation'
import { readVariation } from './readVariation'

/** Checks what a class says of one setting, sentence by sentence, and by its commas where that is how it can be read. */
export function checkVariation(
  lesson: ParsedLesson,
  words: readonly ParsedWord[],
  evidence: Evidence,
): CheckedPart[] {
  return partsOf(words, /[.!?;]/).flatMap((sentence) => {
    const isRead = (part: readonly ParsedWord[]) => readVariation(lesson, part).statement !== null
    if (isRead(sentence)) return [checkPart(lesson, sentence, evidence)]
    const clauses = partsOf(sentence, /[.!?;,]/).flatMap((part) =>
      isRead(part) ? [part] : atJoint(part, isRead),
    )
    return (clauses.some(isRead) ? clauses : [sentence]).map((part) => checkPart(lesson, part, evidence))
  })
}

/** "The most was 26 and the least was 19": two clauses, where both can be read by themselves. */
function atJoint(words: ParsedWord[], isRead: (part: readonly ParsedWord[]) => boolean): ParsedWord[][] {
  for (const [at, { normal }] of words.entries()) {
    if (!/^(?:and|but)$/.test(normal)) continue
    const [left, right] = [words.slice(0, at), words.slice(at + 1)]
    if (isRead(left) && isRead(right)) return [left, right]
  }
  return [words]
}

function partsOf(words: readonly ParsedWord[], ends: RegExp): ParsedWord[][] {
  const parts: ParsedWord[][] = [[]]
  for (const word of words) {
    lastOf(parts).push(word)
    if (ends.test(word.stop)) parts.push([])
  }
  return parts.filter((part) => part.length > 0)
}

function checkPart(lesson: ParsedLesson, words: readonly ParsedWord[], evidence: Evidence): CheckedPart {
  const { plan } = lesson
  const { statement, unknown } = readVariation(lesson, words)
  const text = words
    .map((word) => word.text)
    .join(' ')
    .replace(/\s+/gu, ' ')
    .trim()
  const part = { text, plan, reaches: [], unknown, besides: [] }
  if (!statement) {
    const named = listed([...new Set(unknown)].slice(0, 3).map((word) => `“${word}”`))
    const reason =
      named === '' ? 'We couldn’t check it.' : `We don’t know ${named} here, so we can’t check it.`
    return { ...part, statements: null, fit: 'yours', reason }
  }
  return {
    ...part,
    statements: [{ kind: 'variation', said: statement }],
    ...judgeVariation(plan, statement, evidence),
  }
}
