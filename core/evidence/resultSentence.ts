import { resolutionOf } from '../instrument'
import { levelName, orderedLevels, type Plan } from '../plan'
import { printQuantity, unitDefinition } from '../quantity'
import type { Evidence } from './evidence'
import type { KindsEvidence } from './kindsEvidence'
import type { TrendEvidence } from './trendEvidence'

/** One honest sentence on what the data say, and why it may be said. */
export interface ResultSentence {
  sentence: string
  reason: string
}

/**
 * Says in one sentence what the data say, as strongly as the verdict allows, and the reason for it.
 * @example resultSentence(plan, evidence).sentence
 * // 'A larger drop height gave a larger bounce height: each extra 20 cm added about 12 cm.'
 */
export function resultSentence(plan: Plan, evidence: Evidence): ResultSentence {
  if (evidence.results.length < 2)
    return {
      sentence: 'There is nothing to compare yet.',
      reason: 'Readings from at least two levels are needed.',
    }
  const { finding } = evidence
  return finding.kind === 'trend'
    ? trendSentence(plan, evidence, finding)
    : kindsSentence(plan, evidence, finding)
}

function trendSentence(plan: Plan, evidence: Evidence, finding: TrendEvidence): ResultSentence {
  const { changed, measured } = plan
  const size = finding.direction === 'rising' ? 'larger' : 'smaller'
  const effect =
    plan.aim === 'improve'
      ? `later rounds gave a ${size} ${measured.name}`
      : `a larger ${changed.name} gave a ${size} ${measured.name}`
  if (finding.verdict.because === 'uneven') return unevenSentence(plan, evidence, finding)
  switch (finding.verdict.word) {
    case 'clear':
      return { sentence: `${capital(effect)}${slopeWords(plan, finding)}.`, reason: agreementReason(finding) }
    case 'leaning':
      return {
        sentence: `It looks as if ${effect}, but it is not certain.`,
        reason: agreementReason(finding),
      }
    case 'no-difference':
      return {
        sentence: `We could measure no difference in ${measured.name}.`,
        reason: resolutionReason(plan, evidence),
      }
    case 'cant-tell':
      return {
        sentence: `We can’t tell yet whether ${changed.name} matters for ${measured.name}.`,
        reason: openReason(finding),
      }
  }
}

/** The levels differ, but not steadily: the level that stands out is named. */
function unevenSentence(plan: Plan, { results }: Evidence, { blocks }: TrendEvidence): ResultSentence {
  const sorted = [...results].sort((a, b) => b.centre - a.centre)
  const top = levelName(plan, sorted[0]!.level)
  const bottom = levelName(plan, sorted.at(-1)!.level)
  return {
    sentence: `The ${plan.measured.name} differs, but not steadily up or down: most at ${top}, least at ${bottom}.`,
    reason: `In ${blocks} groups the levels come in much the same order. Levels in between would show where it turns.`,
  }
}

function kindsSentence(plan: Plan, evidence: Evidence, finding: KindsEvidence): ResultSentence {
  const { measured } = plan
  const most = plan.best === 'least' ? 'least' : 'most'
  const first = finding.first ? levelName(plan, finding.first.level) : ''
  const next = finding.next ? levelName(plan, finding.next.level) : ''
  const { mark } = resolutionOf(plan)
  switch (finding.verdict.word) {
    case 'clear': {
      const apart = Math.abs(finding.first!.centre - finding.next!.centre)
      return {
        sentence: `${capital(first)} gave the ${most} ${measured.name}, about ${printQuantity(apart, measured.unit, mark)} ${most === 'most' ? 'more' : 'less'} than ${next}.`,
        reason: agreementReason(finding),
      }
    }
    case 'leaning':
      return {
        sentence: `It looks as if ${first} gives the ${most} ${measured.name}, but it is not certain.`,
        reason: agreementReason(finding),
      }
    case 'no-difference':
      return {
        sentence: `${capital(first)} and ${next} came out level at the top: we could measure no difference.`,
        reason: resolutionReason(plan, evidence),
      }
    case 'cant-tell':
      return {
        sentence: finding.differ
          ? `They do differ, but ${first} and ${next} are too close to tell apart yet.`
          : `We can’t tell yet whether ${first} is really ahead of ${next}.`,
        reason: openReason(finding),
      }
  }
}

function slopeWords(plan: Plan, { slope }: TrendEvidence): string {
  const values = orderedLevels(plan).flatMap((level) => level.value ?? [])
  if (slope === null || values.length < 2 || !plan.changed.unit) return ''
  const steps = values
    .slice(1)
    .map((value, index) => value - values[index]!)
    .sort((a, b) => a - b)
  const step = steps[Math.floor(steps.length / 2)]!
  const { mark } = resolutionOf(plan)
  const amount = Math.abs(slope * step)
  if (amount < mark / 10) return ''
  const extra = `${Number(step.toPrecision(6))} ${unitDefinition(plan.changed.unit).symbol}`
  const change = printQuantity(amount, plan.measured.unit, amount < mark ? mark / 10 : mark)
  return `: each extra ${extra} ${slope > 0 ? 'added' : 'took off'} about ${change}`
}

function agreementReason({ verdict, agreeing, blocks, dissenting }: TrendEvidence | KindsEvidence): string {
  const groups = agreeing + dissenting.length
  const who =
    groups <= 1
      ? `All ${blocks} rounds of tries were weighed.`
      : dissenting.length === 0
        ? `All ${groups} groups found the same.`
        : `${agreeing} of ${groups} groups found the same.`
  if (verdict.because === 'small-class-agreement')
    return `${who} That is few, but not one try at one end reached the other.`
  if (verdict.word === 'leaning')
    return `${who} Such a result would come up by luck more than once in twenty classes.`
  return `${who} Luck alone would rarely do that.`
}

function openReason({ verdict, blocks, agreeing, dissenting }: TrendEvidence | KindsEvidence): string {
  if (verdict.because === 'too-little-data')
    return 'Too little has been tested so far. More groups or more tries would settle it.'
  const groups = agreeing + dissenting.length
  return groups > 1
    ? `The groups do not agree (${agreeing} of ${groups} one way). More tries, or levels further apart, would settle it.`
    : `The ${blocks} rounds of tries do not agree. More tries, or levels further apart, would settle it.`
}

function resolutionReason(plan: Plan, evidence: Evidence): string {
  const { mark } = resolutionOf(plan)
  const tries = evidence.cells.reduce((sum, cell) => sum + cell.values.length, 0)
  return `Over ${tries} tries the results differ by no more than ${plan.rounding === 'half-mark' ? 'half a' : 'one'} mark of the ${plan.measured.instrument.name} (${printQuantity(mark, plan.measured.unit, mark)}).`
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
