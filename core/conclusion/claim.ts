import { firstOf, itemAt, lastOf } from '../defined'
import { levelName, orderedLevels, type Plan } from '../plan'
import { hasOrder, isInRounds } from '../recording'
import { listed } from '../quantity'
import { levelGaveMore, levelGaveMost, levelSaid, trendPhrase, wordsFor } from '../words'

/** A claim in parts; the class moves the parts until they say what the data say. */
export interface Claim {
  /** Along the levels; which gave the most or the least; or one level against another. */
  subject: 'trend' | 'most' | 'least' | 'pair'
  /**
   * Of a trend: what a larger level gave. Of a pair: what the first gave beside the second. Of the most and the least: their
   * own word, or *same* where several came first together.
   */
  comparison: 'more' | 'less' | 'same'
  /** The levels that are spoken of: none for a trend, one or more for the most and the least, two for a pair. */
  levelIds: string[]
  /** Of every group, of more than half of them, of all tries together whatever each group found, or no more than a thought. */
  strength: 'always' | 'mostly' | 'together' | 'think'
  scope: { kind: 'tested' } | { kind: 'between'; fromId: string; toId: string } | { kind: 'everything' }
}

const isSuperlative = (subject: Claim['subject']) => subject === 'most' || subject === 'least'

/** A claim as lessons kept it before claims had a subject. */
export interface FirstClaim {
  comparison: 'more' | 'less' | 'same'
  levelId: string | null
  strength: Claim['strength']
  scope: Claim['scope']
}

/** What the class makes of a lesson. */
export interface Conclusion {
  claim: Claim | null
  /** The claim in the class's own words; null while it is the sentence made of the parts. */
  ownWords: string | null
  /** What the class takes for the cause: an idea that this test did not check. */
  why: string
  dissent: string
  better: string
  nextQuestion: string
}

/** A conclusion that nobody has begun. */
export const emptyConclusion: Conclusion = {
  claim: null,
  ownWords: null,
  why: '',
  dissent: '',
  better: '',
  nextQuestion: '',
}

/**
 * A conclusion as it is kept now, whenever it was written.
 * @example upgradeConclusion(plan, kept).claim?.subject // 'trend'
 */
export function upgradeConclusion(
  plan: Pick<Plan, 'changed' | 'recording'>,
  before: Omit<Conclusion, 'claim' | 'why'> & { claim: Claim | FirstClaim | null; why?: string },
): Conclusion {
  const kept = { why: '', ...before }
  const { claim } = kept
  if (!claim || 'subject' in claim) return { ...kept, claim }
  const { comparison, levelId, strength, scope } = claim
  if (hasOrder(plan) || comparison === 'same' || levelId === null)
    return { ...kept, claim: { subject: 'trend', comparison, levelIds: [], strength, scope } }
  const subject = comparison === 'more' ? 'most' : 'least'
  return { ...kept, claim: { subject, comparison, levelIds: [levelId], strength, scope } }
}

const strengthWords = {
  always: 'Every time,',
  mostly: 'In most groups,',
  together: 'Taking all our tries together,',
  think: 'We think that',
} as const

/**
 * The sentence that a claim's parts make.
 * @example claimSentence(plan, claim) // 'Every time, the higher the drop, the higher the bounce, from 20 cm to 60 cm.'
 */
export function claimSentence(plan: Plan, claim: Claim): string {
  const scope = claimScope(plan, claim)
  return `${strengthWords[claim.strength]} ${claimEffect(plan, claim)}${scope.startsWith('of ') ? '' : ','} ${scope}.`
}

/**
 * The middle of a claim: what gave what.
 * @example claimEffect(plan, claim) // 'the higher the drop, the higher the bounce'
 */
export function claimEffect(plan: Plan, { subject, comparison, levelIds }: Claim): string {
  const { measured } = plan
  const names = levelIds.flatMap((id) => {
    const level = plan.levels.find((one) => one.id === id)
    return level ? [levelSaid(plan, level)] : []
  })
  if (subject === 'pair' && names.length === 2) {
    return levelGaveMore(measured, firstOf(names), comparison, itemAt(names, 1))
  }
  if (isSuperlative(subject) && names.length > 0)
    return levelGaveMost(measured, `${listed(names)}${names.length > 1 ? ' together' : ''}`, subject)
  return trendPhrase(plan, hasOrder(plan) ? comparison : 'same', isInRounds(plan))
}

/**
 * The end of a claim: how far it reaches.
 * @example claimScope(plan, claim) // 'from 20 cm to 60 cm'
 */
export function claimScope(plan: Plan, { subject, scope }: Claim): string {
  const levels = orderedLevels(plan)
  const name = (id: string) => {
    const level = levels.find((one) => one.id === id)
    return level ? levelSaid(plan, level) : 'a level no longer in the plan'
  }
  if (scope.kind === 'everything') return anySaid(plan.changed)
  if (scope.kind === 'between') return `between ${name(scope.fromId)} and ${name(scope.toId)}`
  if (subject === 'pair' && !hasOrder(plan)) return 'for these two'
  if (!hasOrder(plan) || levels.length < 2)
    return `${isSuperlative(subject) ? 'of' : 'for'} the ${levels.length} we tested`
  const first =
    plan.changed.unit === 'count' ? levelName(plan, firstOf(levels)) : levelSaid(plan, firstOf(levels))
  return `from ${first} to ${levelSaid(plan, lastOf(levels))}`
}

/** "For any kind of paper at all", "for any design at all", "for any number of layers of card at all". */
function anySaid(changed: Plan['changed']): string {
  const { noun, counted, thing, less } = wordsFor(changed)
  if (noun === 'result') return 'for anything else too'
  const any = counted && less === 'fewer' ? `number of ${thing}` : noun.replace(/^(?:our|my|your|the) /iu, '')
  return `for any ${any} at all`
}
