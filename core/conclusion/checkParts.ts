import { firstOf, itemAt, defined } from '../defined'
import type { Evidence } from '../evidence'
import { levelName, type Plan } from '../plan'
import { levelGaveMost, levelSaid, measureWent } from '../words'
import { capital, listed } from '../quantity'
import { hasOrder } from '../recording'
import type { Claim } from './claim'
import { fitReasons } from './fitReasons'
import { isForetold } from './foretold'
import { judgeClaim, scopeLevels, type ClaimGrounds } from './judgeClaim'

/** How a claim sits with the data. */
export type ClaimFit = 'fits' | 'says-more' | 'says-less' | 'contradicts' | 'not-checked'

/**
 * How the parts of a claim sit with the data of its own scope and subject.
 * @example checkParts(plan, claim, evidence) // { fit: 'fits', reason: 'This says what our results show, and no more.' }
 */
export function checkParts(plan: Plan, claim: Claim, evidence: Evidence): { fit: ClaimFit; reason: string } {
  if (evidence.results.length < 2)
    return { fit: 'not-checked', reason: 'There are no results to compare yet.' }
  const incomplete = unnamed(plan, claim)
  if (incomplete) return { fit: 'not-checked', reason: incomplete }
  const untested = untestedLevel(plan, claim, evidence)
  if (untested)
    return { fit: 'says-more', reason: `${untested} has no readings yet, so the claim reaches too far.` }
  const grounds = judgeClaim(plan, claim, evidence)
  const wrong = contradiction(plan, claim, grounds, evidence)
  if (wrong) return { fit: 'contradicts', reason: wrong }
  const more = beyondData(plan, claim, grounds, evidence)
  if (more) return { fit: 'says-more', reason: more }
  const less = shortOfData(claim, grounds, evidence)
  const foretold = foretoldWords(claim, evidence)
  if (less) return { fit: 'says-less', reason: `${less}${foretold}` }
  return { fit: 'fits', reason: `This says what our results show, and no more.${foretold}` }
}

/** Why a part of the levels, or two of them, needed no more than the whole. */
function foretoldWords({ subject, scope, levelIds }: Claim, { comparison }: Evidence): string {
  const two = subject === 'pair' ? levelIds : scope.kind === 'between' ? [scope.fromId, scope.toId] : []
  return two.length === 2 && isForetold(comparison, [firstOf(two), itemAt(two, 1)])
    ? ' It was predicted before we tested.'
    : ''
}

function unnamed(plan: Plan, { subject, comparison, levelIds, scope }: Claim): string | null {
  const known = levelIds.every((id) => plan.levels.some((level) => level.id === id))
  if (!known) return 'The claim names a level that is no longer in the plan. Choose another one.'
  if (subject === 'pair' && new Set(levelIds).size !== 2) return 'Choose two levels to compare.'
  if ((subject === 'most' || subject === 'least') && levelIds.length === 0)
    return 'Choose the level that the claim is about.'
  if (subject === 'trend' && comparison !== 'same' && !hasOrder(plan))
    return 'Choose the kind that the claim is about.'
  if (scopeLevels(plan, scope).length < 2) return 'The claim needs to reach over at least two levels.'
  return null
}

/** The name of a level that the claim speaks of and nobody has tested, or null. */
function untestedLevel(plan: Plan, claim: Claim, { results }: Evidence): string | null {
  const levels = scopeLevels(plan, claim.scope)
  const ends = levels.filter((_, index) => index === 0 || index === levels.length - 1)
  const named = plan.levels.filter((level) => claim.levelIds.includes(level.id))
  // Of kinds, "for the ones we tested" leaves out what nobody tested by itself.
  const spoken =
    claim.subject === 'trend' && hasOrder(plan) ? ends : hasOrder(plan) ? [...named, ...ends] : named
  const untested = spoken.find((level) => !results.some((result) => result.level.id === level.id))
  return untested ? levelName(plan, untested) : null
}

function contradiction(
  plan: Plan,
  claim: Claim,
  { verdict, agrees }: ClaimGrounds,
  evidence: Evidence,
): string | null {
  if (verdict.word === 'no-difference')
    return claim.comparison === 'same' && claim.subject !== 'most' && claim.subject !== 'least'
      ? null
      : fitReasons.tooSmall
  if (verdict.word !== 'clear') return null
  if (claim.comparison === 'same' && claim.subject !== 'most' && claim.subject !== 'least')
    return fitReasons.differ
  if (agrees !== false) return null
  if (claim.subject === 'pair') return 'The results go the other way.'
  if (claim.subject === 'most' || claim.subject === 'least')
    return `${endFound(plan, claim.subject, evidence)}.`
  const { judgement } = evidence
  if (verdict.because === 'turns') return 'It doesn’t keep going the same way: it turns.'
  const fell = claim.comparison === 'more'
  return judgement.kind === 'trend'
    ? `Our results go the other way: ${measureWent(plan.measured, fell ? 'down' : 'up')}.`
    : null
}

/** What did come out at that end. */
function endFound(plan: Plan, end: 'most' | 'least', { judgement: { order } }: Evidence): string {
  const rank = defined(end === 'most' ? order[0] : order.at(-1))
  const names = rank.map((id) => levelSaid(plan, defined(plan.levels.find((level) => level.id === id))))
  return capital(levelGaveMost(plan.measured, listed(names), end))
}

function beyondData(plan: Plan, claim: Claim, grounds: ClaimGrounds, evidence: Evidence): string | null {
  const { verdict, agrees, agreement, uneven, turns } = grounds
  if (claim.scope.kind === 'everything')
    return `Only ${evidence.results.length} levels were tested. Nobody has seen what happens beyond them.`
  if (turns && claim.subject === 'trend' && claim.comparison !== 'same')
    return 'Over these levels it turns. Say it only for the part that goes one way.'
  const thinks = claim.strength === 'think' && claim.comparison !== 'same'
  if (verdict.because === 'uneven' && claim.comparison !== 'same')
    return 'The levels differ, but not steadily up or down. Say which one stands out, or choose fewer levels.'
  if (verdict.word === 'cant-tell') {
    if (!thinks) return fitReasons.onlyThink
    if (agrees === false) return 'So far the results lean a different way, but we can’t tell yet.'
    return null
  }
  if (verdict.word === 'leaning') {
    if (claim.comparison === 'same')
      return 'The results lean towards a difference. That may be luck, but it is not “the same”.'
    if (agrees === false)
      return 'The results lean a different way. That proves nothing yet, but it doesn’t support this.'
    if (!thinks) return 'The result leans this way but could still be luck. “We think that” fits better.'
    return null
  }
  const { coverage } = evidence
  if (coverage.partial && claim.strength !== 'think' && coverage.groupsDone < coverage.groupsMeant)
    return `Only ${coverage.groupsDone} of ${coverage.groupsMeant} groups have tested so far. “We think that” fits until the others have.`
  if (claim.strength === 'mostly') return notInMost(claim, grounds)
  if (claim.strength !== 'always') return null
  if (verdict.word === 'no-difference')
    return 'We couldn’t measure any difference. A finer instrument might still find one.'
  if (claim.subject === 'trend' && uneven)
    return '“Every time” is too much: not every step of the levels goes this way.'
  if (!agreement.unanimous)
    return `“Every time” is too much: ${agreement.agreeing} of ${agreement.groups} groups found this${agreement.agreeing === agreement.groups ? ', but not at every step' : ''}. “${isInMost(agreement) ? 'In most groups' : together}” fits.`
  return null
}

const together = 'Taking all our tries together'

/** More than half of several. */
const isInMost = ({ agreeing, groups }: ClaimGrounds['agreement']) => groups > 1 && 2 * agreeing > groups

/** Why “in most groups” says more than the groups did, each by itself. */
function notInMost({ comparison }: Claim, { agreement }: ClaimGrounds): string | null {
  if (comparison === 'same')
    return `No single group can show that there is no difference. “${together}” fits.`
  if (isInMost(agreement)) return null
  return agreement.groups === 1
    ? `Only one group tested this. “${together}” fits.`
    : `${agreement.agreeing} of ${agreement.groups} groups found this by themselves, which is not most. “${together}” fits.`
}

function shortOfData(
  { strength, comparison }: Claim,
  { verdict, agreement, uneven }: ClaimGrounds,
  { coverage }: Evidence,
): string | null {
  if (verdict.word !== 'clear' || comparison === 'same' || coverage.partial) return null
  const found = `${agreement.agreeing} of ${agreement.groups} groups found this`
  if (strength === 'think') return `You may say more: ${found}.`
  if (strength === 'together' && isInMost(agreement)) return `You may say more: ${found}.`
  if (strength === 'mostly' && agreement.unanimous && agreement.groups > 1 && !uneven)
    return `You may say more: all ${agreement.groups} groups found this.`
  return null
}
