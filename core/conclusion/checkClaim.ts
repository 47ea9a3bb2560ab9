import type { Evidence } from '../evidence'
import { hasOrder, levelName, orderedLevels, type Plan } from '../plan'
import type { Claim } from './claim'

/** How a claim sits with the data. */
export interface ClaimCheck {
  fit: 'fits' | 'says-more' | 'says-less' | 'contradicts' | 'no-data'
  reason: string
}

const overclaiming =
  /\b(prove[sd]?|proof|always|never|every (?:ball|one|thing|time)|everything|definitely|certainly|fact)\b/i

/**
 * Checks a claim against the data: does it contradict them, go beyond them, say less than they allow, or fit?
 * @param ownWords the class's own wording, where it has one; strong words in it are weighed too
 * @example checkClaim(plan, { ...claim, scope: { kind: 'everything' } }, evidence, null).fit // 'says-more'
 */
export function checkClaim(
  plan: Plan,
  claim: Claim,
  evidence: Evidence,
  ownWords: string | null,
): ClaimCheck {
  const { finding, results } = evidence
  if (results.length < 2) return { fit: 'no-data', reason: 'There are no results to compare yet.' }
  const untested = untestedLevel(plan, claim, evidence)
  if (untested)
    return { fit: 'says-more', reason: `${untested} has no readings yet, so the claim reaches too far.` }
  const wrong = contradiction(plan, claim, evidence)
  if (wrong) return { fit: 'contradicts', reason: wrong }
  if (claim.scope.kind === 'everything')
    return {
      fit: 'says-more',
      reason: `Only ${results.length} levels were tested. Nobody has seen what happens beyond them.`,
    }
  const agreeing = `${finding.agreeing} of ${finding.agreeing + finding.dissenting.length} groups`
  const disagree = finding.dissenting.length > 0
  const word = finding.verdict.word
  if (word === 'cant-tell') {
    if (claim.strength !== 'think' || claim.comparison === 'same')
      return { fit: 'says-more', reason: 'The data can’t tell yet. “We think that” is as far as they go.' }
    if (againstLean(claim, evidence))
      return { fit: 'says-more', reason: 'So far the results lean another way, and they can’t tell yet.' }
  }
  if (finding.verdict.because === 'uneven' && claim.comparison !== 'same')
    return {
      fit: 'says-more',
      reason: 'The levels differ, but not steadily up or down. Say in your own words which one stands out.',
    }
  if (word === 'leaning' && claim.strength !== 'think')
    return {
      fit: 'says-more',
      reason: 'The result leans this way but could still be luck. “We think that” fits better.',
    }
  if (word === 'no-difference' && claim.strength === 'always')
    return {
      fit: 'says-more',
      reason: 'We could measure no difference. A finer instrument might still find one.',
    }
  if (claim.strength === 'always' && disagree)
    return {
      fit: 'says-more',
      reason: `“Every time” is too much: ${agreeing} found this. “In most groups” fits.`,
    }
  const strong = ownWords === null ? null : (overclaiming.exec(ownWords)?.[0] ?? null)
  if (strong && !(strong.toLowerCase() === 'every time' && claim.strength === 'always'))
    return {
      fit: 'says-more',
      reason: `“${strong}” says more than ${plan.tries} tries at each level can show. Try “in our test”.`,
    }
  if (word === 'clear' && claim.strength === 'think')
    return {
      fit: 'says-less',
      reason: `You may say more: ${agreeing} found this, and luck alone would rarely do that.`,
    }
  if (word === 'clear' && claim.strength === 'mostly' && !disagree && finding.agreeing > 1)
    return { fit: 'says-less', reason: `You may say more: all ${finding.agreeing} groups found this.` }
  return { fit: 'fits', reason: 'This says what the data say, and no more.' }
}

/** The name of a level that the claim speaks of and nobody has tested, or null. */
function untestedLevel(plan: Plan, { scope, levelId }: Claim, { results }: Evidence): string | null {
  const levels = orderedLevels(plan)
  const numbers = hasOrder(plan)
  const named =
    scope.kind === 'between'
      ? levels.filter((level) => level.id === scope.fromId || level.id === scope.toId)
      : levels.filter((level, index) =>
          numbers ? index === 0 || index === levels.length - 1 : level.id === levelId,
        )
  const untested = named.find((level) => !results.some((result) => result.level.id === level.id))
  return untested ? levelName(plan, untested) : null
}

function contradiction(plan: Plan, claim: Claim, evidence: Evidence): string | null {
  const { word } = evidence.finding.verdict
  if (word === 'cant-tell') return null
  if (word === 'no-difference')
    return claim.comparison === 'same' ? null : 'The results differ by less than we could measure.'
  if (claim.comparison === 'same') return 'The results differ by more than the wobble of the tries.'
  if (!againstLean(claim, evidence)) return null
  return evidence.finding.kind === 'trend'
    ? `The data go the other way: the ${plan.measured.name} got ${evidence.finding.direction === 'rising' ? 'larger' : 'smaller'}.`
    : 'Another kind came out ahead of this one.'
}

/** Whether the results, however uncertain, point somewhere else than the claim does. */
function againstLean({ comparison, levelId }: Claim, { finding, results }: Evidence): boolean {
  if (finding.kind === 'trend') return finding.direction === (comparison === 'more' ? 'falling' : 'rising')
  const centres = results.map((result) => result.centre)
  const end = comparison === 'more' ? Math.max(...centres) : Math.min(...centres)
  return results.find((result) => result.level.id === levelId)?.centre !== end
}
