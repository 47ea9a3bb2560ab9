import { hasOrder, levelName, orderedLevels, type Plan } from '../plan'

/** A claim in parts; the class moves the parts until they say what the data say. */
export interface Claim {
  /** With numbers: what a larger level gave. With kinds: what the named level gave. */
  comparison: 'more' | 'less' | 'same'
  /** The kind that the claim is about; null for numbers and for "all the same". */
  levelId: string | null
  strength: 'always' | 'mostly' | 'think'
  scope: { kind: 'tested' } | { kind: 'between'; fromId: string; toId: string } | { kind: 'everything' }
}

/** What the class makes of a lesson. */
export interface Conclusion {
  claim: Claim | null
  /** The claim in the class's own words; null while it is the sentence made of the parts. */
  ownWords: string | null
  dissent: string
  better: string
  nextQuestion: string
}

/** A conclusion that nobody has begun. */
export const emptyConclusion: Conclusion = {
  claim: null,
  ownWords: null,
  dissent: '',
  better: '',
  nextQuestion: '',
}

const strengthWords = { always: 'Every time', mostly: 'In most groups', think: 'We think that' } as const

/**
 * The sentence that a claim's parts make.
 * @example claimSentence(plan, claim)
 * // 'In most groups a larger drop height gave a larger bounce height, for the drop heights we tested (20 cm to 100 cm).'
 */
export function claimSentence(plan: Plan, claim: Claim): string {
  return `${strengthWords[claim.strength]} ${claimEffect(plan, claim)}, ${claimScope(plan, claim)}.`
}

/**
 * The middle of a claim: what gave what.
 * @example claimEffect(plan, claim) // 'a larger drop height gave a larger bounce height'
 */
export function claimEffect(plan: Plan, { comparison, levelId }: Claim): string {
  const { changed, measured } = plan
  if (hasOrder(plan)) {
    const size = { more: 'a larger', less: 'a smaller', same: 'about the same' }[comparison]
    if (plan.aim === 'improve') return `later rounds gave ${size} ${measured.name}`
    return `a larger ${changed.name} gave ${size} ${measured.name}`
  }
  const level = plan.levels.find((one) => one.id === levelId)
  if (comparison === 'same' || !level) return `every ${changed.name} gave about the same ${measured.name}`
  return `${levelName(plan, level)} gave the ${comparison === 'more' ? 'most' : 'least'} ${measured.name}`
}

/**
 * The end of a claim: how far it reaches.
 * @example claimScope(plan, claim) // 'between 20 cm and 60 cm'
 */
export function claimScope(plan: Plan, { scope }: Claim): string {
  const levels = orderedLevels(plan)
  const name = (id: string) => {
    const level = levels.find((one) => one.id === id)
    return level ? levelName(plan, level) : '?'
  }
  if (scope.kind === 'everything') return `for any ${plan.changed.name} at all`
  if (scope.kind === 'between') return `between ${name(scope.fromId)} and ${name(scope.toId)}`
  if (!hasOrder(plan) || levels.length < 2) return 'for the ones we tested'
  return `from ${levelName(plan, levels[0]!)} to ${levelName(plan, levels.at(-1)!)}`
}
