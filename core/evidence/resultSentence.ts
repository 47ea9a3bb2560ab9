import { gaveLarger, gaveMore, gaveMost, levelName, measureWent, orderedLevels, type Plan } from '../plan'
import { capital, listed, unitDefinition } from '../quantity'
import type { Evidence } from './evidence'
import type { KindsEvidence } from './kindsEvidence'
import { allNever, neverSaid, someNever } from './neverSaid'
import { resultReason } from './resultReason'
import { ResultWords } from './resultWords'
import { worthNoticing } from './noDifference'
import type { TrendEvidence } from './trendEvidence'

/** One honest sentence on what the data say, and why it may be said. */
export interface ResultSentence {
  sentence: string
  reason: string
}

/**
 * Says in one sentence what the data say, as strongly as the verdict allows, and the reason for it. While much
 * is still to come, the sentence is about what is there and says so.
 * @example resultSentence(plan, evidence).sentence // 'A larger drop height gave a larger bounce height: each extra 20 cm added about 11 cm.'
 * // 'A larger drop height gave a larger bounce height: each extra 20 cm added about 12 cm.'
 */
export function resultSentence(plan: Plan, evidence: Evidence): ResultSentence {
  if (evidence.results.length < 2)
    return {
      sentence: 'There is nothing to compare yet.',
      reason: 'Readings from at least two levels are needed.',
    }
  const { scale } = plan.measured
  if (scale?.kind === 'when' && allNever(evidence) && evidence.judgement.verdict.word === 'cant-tell')
    return {
      sentence: `None of them reached ${scale.what} in the time that we had.`,
      reason: 'With more time we might see which is first.',
    }
  const { judgement } = evidence
  const say = new ResultWords(plan, evidence)
  const sentence =
    judgement.kind === 'trend' ? trendSentence(plan, judgement, say) : kindsSentence(plan, judgement, say)
  const lead = soFar(plan, evidence)
  return {
    sentence: lead === '' ? capital(sentence) : `${lead}${sentence}`,
    reason: resultReason(say),
  }
}

function trendSentence(plan: Plan, judgement: TrendEvidence, say: ResultWords): string {
  const { changed, measured } = plan
  const more = judgement.direction === 'falling' ? 'less' : 'more'
  const what = say.evidence.comparison.inRounds ? 'later rounds' : `a larger ${changed.name}`
  const orNever =
    measured.scale?.kind === 'when' && more === 'more' && someNever(say.evidence) ? ' or not at all' : ''
  const effect = `${what} ${gaveLarger(measured, more)}${orNever}`
  switch (judgement.verdict.word) {
    case 'clear':
      return clearTrend(plan, judgement, say, effect)
    case 'leaning':
      return judgement.verdict.because === 'uneven'
        ? `it looks as if the ${measured.name} differs, but not steadily up or down: ${mostSaid(plan)} at ${say.named(judgement.order[0]!.slice(0, 1))}.`
        : `it looks as if ${effect}, but it is not certain.`
    case 'no-difference':
      return `we could measure no difference in ${measured.name}${say.within(judgement.bound)}.`
    case 'cant-tell':
      if (judgement.verdict.because === 'too-coarse')
        return `our scale is too coarse to tell whether ${changed.name} matters for ${measured.name}.`
      return `we can’t tell yet whether ${changed.name} matters for ${measured.name}.`
  }
}

function clearTrend(plan: Plan, judgement: TrendEvidence, say: ResultWords, effect: string): string {
  const { shape, direction } = judgement
  const went = measureWent(plan.measured, direction === 'falling' ? 'down' : 'up')
  const { name: measured } = plan.measured
  switch (shape.kind) {
    case 'turns':
      return turned(plan, shape.first, say.name(shape.at))
    case 'levels-off':
      return `${effect} up to ${say.name(shape.at)}, then no more that we could measure.`
    case 'starts-late':
      return shape.lastStepOnly
        ? `${went} only in the last step, from ${say.name(shape.at)} to ${say.name(judgement.steps.at(-1)!.to)}.`
        : lateStart(plan, direction === 'falling' ? 'down' : 'up', say.name(shape.at))
    case 'mostly':
      return `${effect}, most of it between ${say.name(shape.from)} and ${say.name(shape.to)}.`
    case 'mixed':
      // It rises and falls more than once: there is no way that it goes overall.
      if (direction === 'none')
        return `the ${measured} rises and falls more than once: ${mostSaid(plan)} at ${say.named(judgement.order[0]!)}, ${plan.measured.scale ? 'earliest' : 'least'} at ${say.named(judgement.order.at(-1)!)}.`
      return `${effect} overall, but not by the same at each step.`
    case 'steady':
      return `${effect}${sizeWords(plan, judgement, say)}.`
  }
}

function lateStart({ measured }: Plan, way: 'up' | 'down', at: string): string {
  if (measured.scale) return `up to ${at} they were level, and then ${measureWent(measured, way)}.`
  return `the ${measured.name} stayed level up to ${at} and then ${way === 'up' ? 'rose' : 'fell'}.`
}

function turned({ measured }: Plan, first: 'up' | 'down', at: string): string {
  const then = first === 'up' ? 'down' : 'up'
  if (measured.scale)
    return `${measureWent(measured, first)} up to ${at} and then ${measureWent(measured, then)}.`
  return `${measureWent(measured, first)} up to ${at} and then ${first === 'up' ? 'fell' : 'rose'}.`
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
    return `, by little: about ${say.amount(rise)} from end to end`
  const values = orderedLevels(plan).flatMap((level) => level.value ?? [])
  if (slope === null || values.length < 2 || !plan.changed.unit || order.length < 2) return ''
  const steps = values
    .slice(1)
    .map((value, index) => value - values[index]!)
    .sort((a, b) => a - b)
  const step = steps[Math.floor(steps.length / 2)]!
  const amount = Math.abs(slope * step)
  if (amount < comparison.mark / 10) return ''
  const extra = `${Number(step.toPrecision(6))} ${unitDefinition(plan.changed.unit).symbol}`.trim()
  return `: each extra ${extra} ${slope > 0 ? 'added' : 'took off'} about ${say.amount(amount)}`
}

function kindsSentence(plan: Plan, judgement: KindsEvidence, say: ResultWords): string {
  const { measured } = plan
  const most = plan.best === 'least' ? 'least' : 'most'
  const more = most === 'most' ? 'more' : 'less'
  const first = judgement.first ? levelName(plan, judgement.first.level) : ''
  const next = judgement.next ? levelName(plan, judgement.next.level) : ''
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
        return `${say.named(top!)} came out level, ${top!.length === 2 ? 'both' : 'all'} ${aheadOfRest(plan, more)} ${say.named(below!)}.`
      return `${never ?? `${first} ${gaveMost(measured, most)}${aheadWords(judgement, say, more, next)}`}.${orderWords(ranks, say)}`
    case 'leaning':
      return `it looks as if ${never ?? `${first} ${gaveMost(measured, most, 'present')}`}, but it is not certain.${orderWords(ranks, say)}`
    case 'no-difference':
      return say.ordinal
        ? `${say.named(ranks.flat())} came out level.`
        : `${say.named(ranks.flat())} came out level: if there is any difference in ${measured.name}, it is no more than ${say.bound(judgement.bound)}.`
    case 'cant-tell':
      if (judgement.verdict.because === 'too-coarse')
        return `our scale is too coarse to tell ${say.named(top!)} apart.${orderWords(ranks, say)}`
      if (below) return `${say.named(top!)} are too close to tell apart yet.${orderWords(ranks, say)}`
      if (judgement.unanimous && judgement.groups > 1)
        return `${first} ${gaveMost(measured, most)} in each of the ${judgement.groups} groups, but that can still be luck.`
      return judgement.differ
        ? `they do differ, but ${first} and ${next} are too close to tell apart yet.`
        : `we can’t tell yet whether ${first} is really ahead of ${next}.`
  }
}

/** What those that came out level have beside the rest. */
function aheadOfRest({ measured }: Plan, more: 'more' | 'less'): string {
  return measured.scale?.kind === 'place' || measured.scale?.kind === 'when'
    ? gaveMore(measured, more)
        .replace('came in ', '')
        .replace(/^reached/u, 'reaching')
    : `with ${more} ${measured.name} than`
}

function aheadWords({ ahead }: KindsEvidence, say: ResultWords, more: string, next: string): string {
  const { kind } = say.plan.measured.scale ?? {}
  if (more === 'more' && (kind === 'when' || kind === 'place')) return `, after ${next}`
  if (say.ordinal || ahead <= 0) return `, ahead of ${next}`
  return `, about ${say.amount(ahead)} ${more} than ${next}`
}

/** The order of more than two, where something in it is certain beside the first. */
function orderWords(ranks: readonly string[][], say: ResultWords): string {
  if (ranks.flat().length < 3 || ranks.length < 2 || say.evidence.coverage.partial) return ''
  const last = ranks.at(-1)!
  if (ranks.length === 2 && ranks[0]!.length === 1) return ''
  const tied = (rank: string[]) => (rank.length > 1 ? `${say.named(rank)} (not told apart)` : say.named(rank))
  const [from, to] = endsSaid(say.plan)
  return ` From ${from} to ${to}: ${ranks.slice(0, -1).map(tied).join('; ')}; ${tied(last)}.`
}

/** The greatest of what is measured. */
const mostSaid = ({ measured: { scale } }: Plan) =>
  scale?.kind === 'place' || scale?.kind === 'when' ? 'latest' : 'most'

/** The ends of an order, from the one that counts. */
function endsSaid({ best, measured: { scale } }: Plan): [from: string, to: string] {
  const ends: [string, string] =
    scale?.kind === 'place' || scale?.kind === 'when' ? ['first', 'last'] : ['least', 'most']
  return best === 'least' ? ends : [ends[1], ends[0]]
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
