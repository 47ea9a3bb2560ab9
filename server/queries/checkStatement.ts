import { checkClaim, suggestClaim, type Claim } from '#core/conclusion'
import { checkOwnWords, lessonOf, lessonTexts, parseTexts, splitCause } from '#core/ownWords'
import { parseWords } from '#core/ownWords/grammar'
import type { ClaimCheckDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { ApiError } from '../errors/apiError'
import { lessonEvidence } from './evidence'

/** A class's own sentence beside the data of its lesson, or a claim where it has no words of its own. */
export async function checkStatement(
  db: Database,
  id: string,
  claim: Claim | null,
  words: string | null,
): Promise<ClaimCheckDto> {
  const { plan, evidence } = await lessonEvidence(db, id)
  if (words?.trim()) {
    const lesson = lessonOf(plan, parseTexts(lessonTexts(plan), parseWords))
    const { said, why } = splitCause(words)
    const { fit, parts } = checkOwnWords(lesson, parseWords(said), evidence)
    const suggestion = fit === 'contradicts' || fit === 'says-more' ? suggestClaim(plan, evidence) : null
    const told = parts.map(({ text, fit, reason }) => ({ text, fit, reason }))
    return { fit, reasons: told.map((part) => part.reason).filter(Boolean), parts: told, why, suggestion }
  }
  if (!claim)
    throw new ApiError('invalid', 'There is nothing to check.', [
      { path: 'words', message: 'Send a claim, or a sentence in the class’s own words.' },
    ])
  const { fit, reason, suggestion } = checkClaim(plan, claim, evidence)
  return { fit, reasons: [reason], parts: [], why: '', suggestion }
}
