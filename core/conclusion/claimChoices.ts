import { orderedLevels, type Plan } from '../plan'
import { hasOrder } from '../recording'
import { claimEffect, claimScope, type Claim } from './claim'

/** What a claim says has happened. */
export type ClaimEffect = Pick<Claim, 'subject' | 'comparison' | 'levelIds'>

/** One part that may be put into a claim. */
export interface ClaimChoice<Part> {
  /** The same for parts that say the same. */
  key: string
  words: string
  part: Part
}

/**
 * A claim to begin with where the data suggest none: the trend, or the first kind as the most.
 * @example firstClaim(plan).subject // 'trend' for drop heights
 */
export function firstClaim(plan: Plan): Claim {
  const ordered = hasOrder(plan)
  return {
    subject: ordered ? 'trend' : 'most',
    comparison: 'more',
    levelIds: ordered ? [] : plan.levels.slice(0, 1).map((level) => level.id),
    strength: 'think',
    scope: { kind: 'tested' },
  }
}

/**
 * Everything that a claim may be about: the trend, each end, each pair; and what is chosen now, where that is none of them.
 * @example claimEffects(plan, claim)[0].words // 'the higher the drop, the higher the bounce'
 */
export function claimEffects(plan: Plan, claim: Claim): ClaimChoice<ClaimEffect>[] {
  const ids = orderedLevels(plan).map((level) => level.id)
  const ordered = hasOrder(plan)
  const trend = (ordered ? (['more', 'less', 'same'] as const) : (['same'] as const)).map(
    (comparison): ClaimEffect => ({ subject: 'trend', comparison, levelIds: [] }),
  )
  const most = ids.map((id): ClaimEffect => ({ subject: 'most', comparison: 'more', levelIds: [id] }))
  const least = ids.map((id): ClaimEffect => ({ subject: 'least', comparison: 'less', levelIds: [id] }))
  const pairs = ids.flatMap((one) =>
    ids
      .filter((other) => other !== one)
      .map((other): ClaimEffect => ({ subject: 'pair', comparison: 'more', levelIds: [one, other] })),
  )
  const all = ordered ? [...trend, ...most, ...least, ...pairs] : [...most, ...least, ...trend, ...pairs]
  const known = all.some((one) => effectKey(one) === effectKey(claim))
  return (known ? all : [claim, ...all]).map(({ subject, comparison, levelIds }) => {
    const part = { subject, comparison, levelIds }
    return { key: effectKey(part), words: claimEffect(plan, { ...claim, ...part }), part }
  })
}

/**
 * How far a claim may reach: what was tested, each stretch of it, or everything.
 * @example claimScopes(plan, claim).map((one) => one.words) // ['from 20 cm to 60 cm', 'between 20 cm and 40 cm', …]
 */
export function claimScopes(plan: Plan, claim: Claim): ClaimChoice<Claim['scope']>[] {
  const levels = orderedLevels(plan)
  const stretches = hasOrder(plan)
    ? levels.flatMap((from, index) =>
        levels.slice(index + 1).map((to) => ({ kind: 'between' as const, fromId: from.id, toId: to.id })),
      )
    : []
  const all: Claim['scope'][] = [
    { kind: 'tested' },
    // From the first to the last is what was tested.
    ...stretches.filter(({ fromId, toId }) => fromId !== levels[0]?.id || toId !== levels.at(-1)?.id),
    { kind: 'everything' },
  ]
  return all.map((scope) => ({
    key: scopeKey(scope),
    words: claimScope(plan, { ...claim, scope }),
    part: scope,
  }))
}

/** One text for what happened. */
export const effectKey = ({ subject, comparison, levelIds }: ClaimEffect) =>
  [subject, comparison, ...levelIds].join('|')

/** One text for a scope; the order of its fields may differ after a journey through the database. */
export const scopeKey = (scope: Claim['scope']) =>
  scope.kind === 'between' ? `${scope.fromId}|${scope.toId}` : scope.kind
