import { levelName, type Plan } from '../plan'
import type { Evidence } from './evidence'
import type { KindsEvidence } from './kindsEvidence'
import type { ResultWords } from './resultWords'
import type { TrendEvidence } from './trendEvidence'

/**
 * Why the sentence of a result may be said as strongly as it is, and what would settle what is open: a line each, the weightiest first.
 * @example resultReasons(say)[0] // 'All 4 groups found the same.'
 */
export function resultReasons(say: ResultWords): string[] {
  const { judgement } = say.evidence
  return [
    ...reasonOf(judgement, say),
    stillOpen(say.evidence),
    driftReason(say),
    orderCaveat(say.evidence),
  ].filter(Boolean)
}

/**
 * That tries climb or fall from first to last, which may be the finding, or what went wrong; empty where they don't.
 * @example driftReason(say) // ''
 */
export function driftReason(say: ResultWords): string {
  const { drift, comparison } = say.evidence
  if (!drift || drift.amount < comparison.mark) return ''
  const way = drift.direction === 'rising' ? 'higher' : 'lower'
  return `The last tries came out ${way} than the first ones, mostly by about ${say.amount(drift.amount)}: did you get better at it, or did something warm up, wear or tire?`
}

/**
 * What the looks before all tries were in do to the verdict; empty where all are in.
 * @param tries what is counted, as it is said
 * @example stillOpen(evidence) // ''
 */
export function stillOpen(
  { coverage: { triesIn, triesPlanned }, table: { looks } }: Evidence,
  tries = 'tries',
): string {
  if (looks.share >= 1) return ''
  return looks.open
    ? `${triesIn} of ${triesPlanned} ${tries} are in, and those to come may change it.`
    : `Testing stopped with ${triesIn} of ${triesPlanned} ${tries} in, so it takes more to be sure.`
}

/** How surprising a clear result would be if nothing were behind it, as it is said to a class. */
export const rareByChance = 'If it made no difference, fewer than 1 class in 20 would see this.'

function reasonOf(judgement: TrendEvidence | KindsEvidence, say: ResultWords): string[] {
  const { word, because } = judgement.verdict
  if (because === 'too-little-data')
    return ['Too little has been tested so far.', 'More groups or more tries would settle it.']
  if (word === 'no-difference' && say.ordinal)
    return [
      `At least nine in ten of the comparisons inside the groups came out even, over ${triesOf(say)} tries.`,
    ]
  if (word === 'no-difference' || because === 'level-at-top')
    return [`Any difference that is left is too small to matter, over ${triesOf(say)} tries.`]
  if (because === 'too-coarse')
    return [
      'One mark on the scale is more than a quarter of what we read.',
      'A finer scale, or measuring more at once, would settle it.',
    ]
  if (word === 'cant-tell') return openReason(judgement, say.plan)
  if (because === 'turns') return ['Both the rise and the fall are more than luck alone would give.']
  if (because === 'uneven')
    return [
      `In ${judgement.groups} groups the levels come in much the same order.`,
      'Levels in between would show where it turns.',
    ]
  if (judgement.groups === 1 && say.plan.whoTests === 'whole-class')
    return [
      `We tested this once for all, so nobody can tell whether it was the ${say.plan.changed.name} or how it was set up.`,
      'Another set-up, or groups of their own, would settle it.',
    ]
  if (judgement.groups === 1)
    return [
      `Only one group tested this, so nobody can tell whether it was the ${say.plan.changed.name} or how that group set it up.`,
      'A second group would settle it.',
    ]
  const who = agreementWords(judgement, say)
  if (word === 'leaning' && say.evidence.table.looks.open) return [who]
  if (word === 'leaning')
    return [who, 'We can’t be sure yet: by luck alone more than 1 class in 20 would see this.']
  return because === 'tries' && judgement.groups > 1
    ? [who, `${judgement.groups} groups alone could not show it; their tries, compared group by group, do.`]
    : [who, rareByChance]
}

function agreementWords(judgement: TrendEvidence | KindsEvidence, say: ResultWords): string {
  const { groups, agreeing, unanimous } = judgement
  if (unanimous) return `All ${groups} groups found the same.`
  if (judgement.kind === 'kinds' && judgement.first) {
    const tested = `that tested ${levelName(say.plan, judgement.first.level)}`
    return `${agreeing === groups ? 'Each' : agreeing} of the ${groups} groups ${tested} found the same.`
  }
  if (agreeing === groups) return `Each of the ${groups} groups leans this way, though not at every step.`
  return `${agreeing} of ${groups} groups found the same.`
}

function openReason(judgement: TrendEvidence | KindsEvidence, plan: Plan): string[] {
  const { groups, agreeing } = judgement
  const settles = 'More tries, or levels further apart, would settle it.'
  if (groups <= 1 && plan.whoTests === 'whole-class') return ['We tested this once for all.', settles]
  if (groups <= 1)
    return ['Only one group has tested this.', settles.replace('More tries', 'More groups, more tries')]
  return [
    agreeing === groups
      ? 'The groups lean the same way, but by too little for so few tries.'
      : disagreement(judgement, plan),
    settles,
  ]
}

/** Of kinds it is the first place that is open, however well the groups agree on the others. */
function disagreement(judgement: TrendEvidence | KindsEvidence, plan: Plan): string {
  const { groups, agreeing } = judgement
  if (agreeing === 0) return 'The groups don’t agree.'
  return judgement.kind === 'kinds' && judgement.first
    ? `In ${agreeing} of the ${groups} groups ${levelName(plan, judgement.first.level)} came out ahead, in the others it didn’t.`
    : `${agreeing} of the ${groups} groups lean one way, the others don’t.`
}

function triesOf({ evidence }: ResultWords): number {
  return evidence.cells.reduce((sum, cell) => sum + cell.values.length, 0)
}

/** Where all went through the levels in one order, whatever comes with time looks like the levels. */
function orderCaveat({ comparison, judgement }: Evidence): string {
  const said = judgement.verdict.word === 'clear' || judgement.verdict.word === 'leaning'
  return said && comparison.sameOrder && !comparison.inRounds
    ? 'Everybody tested in the same order, so tiring, wearing or warming would look the same.'
    : ''
}
