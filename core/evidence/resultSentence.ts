import { defined, lastOf } from '../defined'
import { levelName, orderedLevels, type Plan } from '../plan'
import { capital, listed } from '../quantity'
import {
  endWords,
  gaveMore,
  levelGaveMost,
  levelSaid,
  measureWent,
  nounOf,
  saysWhere,
  trendPhrase,
  extraSaid,
  wordsFor,
} from '../words'
import type { Evidence } from './evidence'
import type { KindsEvidence } from './kindsEvidence'
import { isNeverReached, neverSaid, isSometimesNotReached } from './neverSaid'
import { resultReasons } from './resultReason'
import type { ResultSentence } from './resultSaid'
import { ResultWords } from './resultWords'
import { worthNoticing } from './noDifference'
import type { TrendEvidence } from './trendEvidence'
import { sidesSentence } from './sidesSentence'
import { variationSentence } from './variationSentence'

/**
 * Says in one sentence what the data say, as strongly as the verdict allows, and the reason for it. While much
 * is still to come, the sentence is about what is there and says so.
 * @example resultSentence(plan, evidence).sentence // 'The higher the drop, the higher the bounce: about 11 cm more for every extra 20 cm.'
 */
export function resultSentence(plan: Plan, evidence: Evidence): ResultSentence {
  const special = sidesSentence(plan, evidence) ?? variationSentence(plan, evidence)
  if (special) return special
  if (evidence.results.length < 2)
    return {
      sentence: 'There is nothing to compare yet.',
      reasons: ['Readings from at least two levels are needed.'],
    }
  const { scale } = plan.measured
  if (scale?.kind === 'when' && isNeverReached(evidence) && evidence.judgement.verdict.word === 'cant-tell')
    return {
      sentence: `None of them reached ${scale.what} in the time that we had.`,
      reasons: ['With more time we might see which is first.'],
    }
  const { judgement } = evidence
  const say = new ResultWords(plan, evidence)
  const sentence =
    judgement.kind === 'trend' ? trendSentence(plan, judgement, say) : kindsSentence(plan, judgement, say)
  const lead = soFar(plan, evidence)
  return {
    sentence: lead === '' ? capital(sentence) : `${lead}${sentence}`,
    reasons: resultReasons(say),
  }
}

function trendSentence(plan: Plan, judgement: TrendEvidence, say: ResultWords): string {
  const { measured } = plan
  const more = judgement.direction === 'falling' ? 'less' : 'more'
  const [ofChanged, ofMeasured] = [
    nounOf(plan.changed.name, plan.changed.unit),
    nounOf(measured.name, measured.unit),
  ]
  const orNever =
    measured.scale?.kind === 'when' && more === 'more' && isSometimesNotReached(say.evidence)
      ? ' or not at all'
      : ''
  const effect = `${trendPhrase(plan, more, say.evidence.comparison.inRounds)}${orNever}`
  switch (judgement.verdict.word) {
    case 'clear':
      return clearTrend(plan, judgement, say, effect)
    case 'leaning':
      return judgement.verdict.because === 'uneven'
        ? `it looks as if the ${ofMeasured} differs, but not steadily up or down: ${endWords(plan.measured).most} at ${say.named(defined(judgement.order[0]).slice(0, 1))}.`
        : `it looks as if ${effect}, but it is not certain.`
    case 'no-difference':
      return `we couldn’t measure any difference in the ${ofMeasured}${say.within(judgement.bound)}.`
    case 'cant-tell':
      if (judgement.verdict.because === 'too-coarse')
        return `our scale is too coarse to tell whether the ${ofChanged} makes a difference.`
      return `we can’t tell yet whether the ${ofChanged} makes a difference.`
  }
}

function clearTrend(plan: Plan, judgement: TrendEvidence, say: ResultWords, effect: string): string {
  const { shape, direction } = judgement
  const went = measureWent(plan.measured, direction === 'falling' ? 'down' : 'up')
  switch (shape.kind) {
    case 'turns':
      return turned(plan, shape.first, say.name(shape.at))
    case 'levels-off':
      return `${effect}, up to ${say.name(shape.at)}, then no more that we could measure.`
    case 'starts-late':
      return shape.lastStepOnly
        ? `${went} only in the last step, from ${say.name(shape.at)} to ${say.name(lastOf(judgement.steps).to)}.`
        : lateStart(plan, direction === 'falling' ? 'down' : 'up', say.name(shape.at))
    case 'mostly':
      return `${effect}. Most of the change was between ${say.name(shape.from)} and ${say.name(shape.to)}.`
    case 'mixed':
      // It rises and falls more than once: there is no way that it goes overall.
      if (direction === 'none')
        return `it goes up and down more than once: ${endWords(plan.measured).most} at ${say.named(defined(judgement.order[0]))}, ${endWords(plan.measured).least} at ${say.named(lastOf(judgement.order))}.`
      return `${effect}, but not by the same at each step.`
    case 'steady':
      return `${effect}${sizeWords(plan, judgement, say)}.`
  }
}

const lateStart = ({ measured }: Plan, way: 'up' | 'down', at: string) =>
  `up to ${at} we couldn’t measure any difference, and then ${measureWent(measured, way)}.`

function turned({ measured }: Plan, first: 'up' | 'down', at: string): string {
  return `${measureWent(measured, first)} up to ${at}, and then ${endWords(measured)[first === 'up' ? 'less' : 'more']} again.`
}

/** A rise of this share of the largest result is not little, whatever was expected. */
const littleShare = 0.3

/** How large a steady trend is: small as a whole, or so much for each usual step. */
function sizeWords(plan: Plan, { slope, effects, order }: TrendEvidence, say: ResultWords): string {
  const { table, comparison } = say.evidence
  if (say.ordinal) return ''
  const known = [...effects].filter((effect) => !Number.isNaN(effect))
  const rise = Math.max(...known) - Math.min(...known)
  const noticed = Math.max(worthNoticing(table, comparison.worth) * table.unit, 2 * comparison.mark)
  const largest = Math.max(...say.evidence.results.map(({ centre }) => Math.abs(centre)))
  const isSmall = !comparison.hasNought || rise < littleShare * largest
  if (rise < noticed * (1 - 1e-9) && rise > 0 && isSmall)
    return `, but only by about ${say.amount(rise)} from end to end`
  const values = orderedLevels(plan).flatMap((level) => level.value ?? [])
  if (slope === null || values.length < 2 || !plan.changed.unit || order.length < 2) return ''
  const steps = values
    .slice(1)
    .map((value, index) => value - defined(values[index]))
    .sort((a, b) => a - b)
  const step = defined(steps[Math.floor(steps.length / 2)])
  const amount = Math.abs(slope * step)
  if (amount < comparison.mark / 10) return ''
  const fewer = wordsFor(plan.measured).counted ? 'fewer' : 'less'
  return `: about ${say.amount(amount)} ${slope > 0 ? 'more' : fewer} for every ${extraSaid(plan, Number(step.toPrecision(6)))}`
}

function kindsSentence(plan: Plan, judgement: KindsEvidence, say: ResultWords): string {
  const { measured } = plan
  const most = plan.best === 'least' ? 'least' : 'most'
  const more = most === 'most' ? 'more' : 'less'
  const first = judgement.first ? levelSaid(plan, judgement.first.level) : ''
  const next = judgement.next ? levelSaid(plan, judgement.next.level) : ''
  const ranks = most === 'most' ? judgement.order : [...judgement.order].reverse()
  const [top, below] = ranks
  const never = neverSaid(
    say.evidence,
    measured,
    most,
    { id: judgement.first?.level.id, name: first },
    { id: judgement.next?.level.id, name: next },
  )
  switch (judgement.verdict.word) {
    case 'clear':
      if (judgement.verdict.because === 'level-at-top')
        return `${say.named(defined(top))} came out level, and ${defined(top).length === 2 ? 'both' : 'all'} ${aheadOfRest(plan, more)} ${say.named(defined(below))}.`
      return `${never ?? `${levelGaveMost(measured, first, most)}${aheadWords(judgement, say, more, next)}`}.${orderWords(ranks, say)}`
    case 'leaning':
      return `it looks as if ${never ?? levelGaveMost(measured, first, most)}, but it is not certain.${orderWords(ranks, say)}`
    case 'no-difference':
      return say.ordinal
        ? `${say.named(ranks.flat())} came out level.`
        : `${say.named(ranks.flat())} came out level: if there is any difference, it is no more than ${say.bound(judgement.bound)}.`
    case 'cant-tell':
      if (judgement.verdict.because === 'too-coarse')
        return `our scale is too coarse to tell ${say.named(defined(top))} apart.${orderWords(ranks, say)}`
      if (below) return `${say.named(defined(top))} are too close to tell apart yet.${orderWords(ranks, say)}`
      if (judgement.unanimous && judgement.groups > 1)
        return `${levelGaveMost(measured, first, most)} in each of the ${judgement.groups} groups, but that can still be luck.`
      return judgement.differ
        ? `they do differ, but ${first} and ${next} are too close to tell apart yet.`
        : `we can’t tell yet whether ${first} is really ahead of ${next}.`
  }
}

/** What those that came out level have beside the rest. */
const aheadOfRest = ({ measured }: Plan, more: 'more' | 'less') =>
  gaveMore(measured, more).replace(/^was /u, 'were ')

function aheadWords(
  { ahead, first, next: second }: KindsEvidence,
  say: ResultWords,
  more: string,
  next: string,
): string {
  const { kind } = say.plan.measured.scale ?? {}
  const isPlace = saysWhere(next)
  if (more === 'more' && (kind === 'when' || kind === 'place'))
    return isPlace ? `, ${next} before it` : `, after ${next}`
  if (say.ordinal || ahead <= 0) return `, ${isPlace ? 'then' : 'ahead of'} ${next}`
  // "3% more" would be a share of the share.
  if (say.plan.measured.unit === 'percent' && first && second)
    return `: about ${say.amount(first.centre)} against ${say.amount(second.centre)} for ${next}`
  return `, about ${say.amount(ahead)} ${more} than ${next}`
}

/** The order of more than two, where something in it is certain beside the first. */
function orderWords(ranks: readonly string[][], say: ResultWords): string {
  if (ranks.flat().length < 3 || ranks.length < 2 || say.evidence.coverage.partial) return ''
  const last = lastOf(ranks)
  if (ranks.length === 2 && defined(ranks[0]).length === 1) return ''
  const tied = (rank: string[]) => (rank.length > 1 ? `${say.named(rank)} (not told apart)` : say.named(rank))
  const [from, to] = endsSaid(say.plan)
  return ` From ${from} to ${to}: ${ranks.slice(0, -1).map(tied).join('; ')}; ${tied(last)}.`
}

/** The ends of an order, from the one that counts. */
function endsSaid({ best, measured }: Plan): [from: string, to: string] {
  const { most, least } = endWords(measured)
  return best === 'least' ? [least, most] : [most, least]
}

function soFar(plan: Plan, { coverage, table }: Evidence): string {
  if (!coverage.partial) return table.looks.open ? 'So far: ' : ''
  const parts = [
    coverage.groupsDone < coverage.groupsMeant
      ? `from ${coverage.groupsDone} of ${coverage.groupsMeant} groups`
      : '',
    coverage.untested.length > 0
      ? `without ${listed(coverage.untested.map((level) => levelName(plan, level)))}`
      : '',
  ].filter(Boolean)
  const from = parts.join(' and ')
  // Once testing is over it is no longer only so far.
  if (!table.looks.open && table.looks.share < 1) return from === '' ? '' : `${capital(from)}: `
  return `So far${from === '' ? '' : `, ${from}`}: `
}
