import { mostLiesWithin, testedLevels, type Evidence } from '../evidence'
import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import { wayOf, type ReadingsAt } from '../recording'
import { middleOf } from './predictedNumbers'
import { choicesOf } from './foretold'
import { judgeClaim } from './judgeClaim'
import { neighboursRight } from './neighboursRight'
import type { PredictionAnswer } from './prediction'
import type { PredictionOutcome } from './outcome'
import { compareSides } from './sidePredictions'

/**
 * Compares a prediction with the result, kindly, and only with what is clear: a result that merely leans proves nothing
 * either way. An order is compared by the pairs that the data set apart, and is nearly right when only neighbours are
 * swapped; a number is compared with what its own group read, in rounds with the best of them, and is as predicted within a fifth of it,
 * or a mark where that is more, and nearly so within twice that. Of a stretch, more than half of the way must lie in it.
 * @param groupId who predicted; null where the class did so together
 * @param read what was read at each moment; without it a number for one of them stays open
 * @example comparePrediction(plan, { format: 'direction', direction: 'more' }, evidence) // 'as-predicted'
 */
export function comparePrediction(
  plan: Plan,
  answer: PredictionAnswer,
  evidence: Evidence,
  groupId: string | null = null,
  read: ReadingsAt = () => [],
): PredictionOutcome {
  const { judgement } = evidence
  if (answer.format === 'number') return compareNumber(plan, answer, evidence, groupId, read)
  if (answer.format === 'sides') return plan.besides ? compareSides(plan, answer.sides, evidence) : 'open'
  if (answer.format === 'pair') return comparePair(plan, answer, evidence)
  const { word } = judgement.verdict
  const isSeen = ['place', 'rank'].includes(plan.measured.scale?.kind ?? '')
  if (answer.format === 'order' && word !== 'no-difference' && isSeen)
    return compareNeighbours(plan, answer.levelIds, evidence)
  if (answer.format === 'order' && word !== 'no-difference')
    return compareOrder(plan, answer.levelIds, judgement.order)
  if (word !== 'clear' && word !== 'no-difference') return 'open'
  const level = word === 'no-difference'
  if (answer.format === 'stretch') return level ? 'surprised' : compareStretch(answer, evidence)
  if (answer.format === 'order') return 'surprised'
  if (answer.format === 'choice') {
    if (level) return 'surprised'
    const top = plan.best === 'least' ? judgement.order.at(-1) : judgement.order[0]
    if (!top) return 'open'
    return top.length === 1 || judgement.kind === 'kinds'
      ? top.includes(answer.levelId)
        ? 'as-predicted'
        : 'surprised'
      : 'open'
  }
  if (judgement.kind !== 'trend') return 'open'
  if (!level && judgement.direction === 'none') return 'surprised'
  const seen = level ? 'same' : judgement.direction === 'rising' ? 'more' : 'less'
  return seen === answer.direction ? 'as-predicted' : 'surprised'
}

function comparePair(
  plan: Plan,
  { levelId, overId }: Extract<PredictionAnswer, { format: 'pair' }>,
  evidence: Evidence,
): PredictionOutcome {
  const { verdict, agrees } = judgeClaim(
    plan,
    {
      subject: 'pair',
      comparison: plan.best === 'least' ? 'less' : 'more',
      levelIds: [levelId, overId],
      strength: 'together',
      scope: { kind: 'tested' },
    },
    evidence,
  )
  if (verdict.word === 'no-difference') return 'surprised'
  return verdict.word === 'clear' && agrees !== null ? (agrees ? 'as-predicted' : 'surprised') : 'open'
}

function compareStretch(
  { fromId, toId }: Extract<PredictionAnswer, { format: 'stretch' }>,
  { judgement, comparison, table }: Evidence,
): PredictionOutcome {
  if (judgement.kind !== 'trend' || comparison.scale !== 'number') return 'open'
  const place = (id: string) => comparison.levels.findIndex((level) => level.id === id)
  const most = mostLiesWithin(
    { table, tested: testedLevels(table), direction: judgement.direction },
    [place(fromId), place(toId)],
    choicesOf(comparison, [fromId, toId]),
  )
  return most === null ? 'open' : most ? 'as-predicted' : 'surprised'
}

/** Of what is only put in order, by how many neighbours stand right: most of them is nearly right. */
function compareNeighbours(plan: Plan, predicted: readonly string[], evidence: Evidence): PredictionOutcome {
  const { right, of } = neighboursRight(plan, predicted, evidence)
  if (of === 0) return 'open'
  return right === of ? 'as-predicted' : 2 * right >= of ? 'nearly' : 'surprised'
}

/** By the pairs of levels that the data set apart; ranks run from most to least. */
function compareOrder(
  plan: Plan,
  predicted: readonly string[],
  order: readonly (readonly string[])[],
): PredictionOutcome {
  const ranks = plan.best === 'least' ? [...order].reverse() : order
  if (ranks.length < 2) return 'open'
  const rankOf = (id: string) => ranks.findIndex((rank) => rank.includes(id))
  const seen = predicted.filter((id) => rankOf(id) >= 0)
  let furthest = 0
  seen.forEach((id, index) => {
    for (const later of seen.slice(index + 1)) furthest = Math.max(furthest, rankOf(id) - rankOf(later))
  })
  return furthest === 0 ? 'as-predicted' : furthest === 1 ? 'nearly' : 'surprised'
}

/** How far a number may be off, as a share of it, however much the tries wobble. */
const numberWithin = 0.2

function compareNumber(
  plan: Plan,
  { levelId, moment, value }: Extract<PredictionAnswer, { format: 'number' }>,
  evidence: Evidence,
  groupId: string | null,
  read: ReadingsAt,
): PredictionOutcome {
  const found =
    moment === undefined
      ? numberFound(plan, levelId, evidence, groupId)
      : middleOf(read(levelId, moment, groupId))
  if (found === null) return 'open'
  const { mark } = resolutionOf(moment === undefined ? plan : wayOf(plan).planAt(plan, moment))
  const room = Math.max(mark, numberWithin * Math.abs(value)) * (1 + 1e-9)
  const away = Math.abs(value - found)
  return away <= room ? 'as-predicted' : away <= 2 * room ? 'nearly' : 'surprised'
}

/** What came of the level that a number was predicted for: of its own group, and in rounds of the best round that it had. */
function numberFound(
  plan: Plan,
  levelId: string,
  { cells, results, comparison }: Evidence,
  groupId: string | null,
): number | null {
  const own = cells.filter((cell) => cell.groupId === groupId)
  const centres = (comparison.inRounds ? own : own.filter((cell) => cell.levelId === levelId))
    .map((cell) => cell.summary.centre)
    .filter(Number.isFinite)
  if (centres.length > 0) return plan.best === 'least' ? Math.min(...centres) : Math.max(...centres)
  const found = groupId === null ? results.find(({ level }) => level.id === levelId)?.centre : undefined
  return found !== undefined && Number.isFinite(found) ? found : null
}
