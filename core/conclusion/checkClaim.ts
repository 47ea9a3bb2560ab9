import type { Evidence } from '../evidence'
import type { Plan } from '../plan'
import { checkParts, type ClaimFit } from './checkParts'
import { claimSentence, type Claim } from './claim'
import { judgeClaim } from './judgeClaim'
import { markWords, type MarkedWords } from './markWords'
import { suggestClaim } from './suggestClaim'

/** What the check says of a claim, and of the words that the class put it in. */
export interface ClaimCheck {
  fit: ClaimFit
  /** Why, the weightiest first. */
  reasons: string[]
  /** Words of the class's own that say another thing than the parts, reach further or give a cause. */
  marked: MarkedWords[]
  /** A claim that the data carry, where this one is not it. */
  suggestion: Claim | null
}

/**
 * Checks a claim against the data of its own scope and subject: does it contradict them, go beyond them, say less than they
 * allow, or fit? Own words beyond the parts are never certified: the parts are checked, words that turn them round, reach
 * further or give a cause are marked, and the rest is the class's own.
 * @param ownWords the class's own wording, where it has one
 * @example checkClaim(plan, { ...claim, scope: { kind: 'everything' } }, evidence, null).fit // 'says-more'
 */
export function checkClaim(
  plan: Plan,
  claim: Claim,
  evidence: Evidence,
  ownWords: string | null,
): ClaimCheck {
  const parts = checkParts(plan, claim, evidence)
  const suggestion = parts.fit === 'fits' || parts.fit === 'not-checked' ? null : suggestClaim(plan, evidence)
  const found: ClaimCheck = { fit: parts.fit, reasons: [parts.reason], marked: [], suggestion }
  const words = ownWords?.trim() ?? ''
  if (words === '' || sameWords(words, claimSentence(plan, claim)) || parts.fit === 'not-checked')
    return found
  const marked = markWords(plan, claim, words, evidence, parts.fit === 'fits')
  const turned = marked.some((one) => one.kind === 'turns-round')
  const fit: ClaimFit =
    parts.fit === 'contradicts' || parts.fit === 'says-more'
      ? parts.fit
      : turned && judgeClaim(plan, claim, evidence).verdict.word === 'clear'
        ? 'contradicts'
        : marked.length > 0
          ? 'says-more'
          : 'not-checked'
  const checked =
    parts.fit === 'fits' || parts.fit === 'says-less'
      ? `Checked were the parts: “${claimSentence(plan, claim)}” The words beyond them are your own.`
      : ''
  return {
    fit,
    marked,
    suggestion,
    reasons: [
      ...marked.map((one) => `“${one.text}” ${one.why}`),
      parts.fit === 'fits' ? '' : parts.reason,
      checked,
    ].filter(Boolean),
  }
}

function sameWords(one: string, other: string): boolean {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim()
  return plain(one) === plain(other)
}
