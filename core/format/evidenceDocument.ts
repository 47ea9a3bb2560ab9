import { itemAt } from '../defined'
import { suggestClaim, type Claim } from '../conclusion'
import {
  resultSentence,
  sidesVerdict,
  type Because,
  type Evidence,
  type ScoreScale,
  type Step,
  type VerdictWord,
} from '../evidence'
import { levelName, printResult, type Plan } from '../plan'

/** What a lesson's data say, as open data: the same that the screens show. Its JSON Schema is docs/schemas/evidence.schema.json. */
export interface EvidenceDocument {
  scale: ScoreScale
  verdict: 'clear' | 'leaning' | 'cannot-tell' | 'no-difference'
  sentence: string
  reason: { code: Because; words: string }
  /** In the order of comparison. */
  levels: {
    id: string
    name: string
    /** What the groups' results come to; null where there is none. */
    centre: number | string | null
    least: number | string | null
    greatest: number | string | null
    /** How many groups tested it. */
    groups: number
  }[]
  /** From each tested level to the next; none among kinds, which have no order. */
  steps: { fromId: string; toId: string; direction: Step['direction'] }[]
  /** Level ids from most to least, with those that were not told apart together. */
  order: string[][]
  odd: { readingId: string }[]
  offsets: { groupId: string; by: number }[]
  suggestedClaim: Claim | null
}

const verdicts: Record<VerdictWord, EvidenceDocument['verdict']> = {
  clear: 'clear',
  leaning: 'leaning',
  'cant-tell': 'cannot-tell',
  'no-difference': 'no-difference',
}

/**
 * Puts what the data say into open data.
 * @example evidenceDocument(plan, evidence).verdict // 'clear'
 */
export function evidenceDocument(plan: Plan, evidence: Evidence): EvidenceDocument {
  const { comparison, results, judgement, odd, offsets } = evidence
  const { sentence, reasons } = resultSentence(plan, evidence)
  /** What never came has no number; words are themselves. */
  const told = (value: number | undefined) => {
    if (value === undefined || !Number.isFinite(value)) return null
    return comparison.scale === 'word' ? printResult(plan, value) : value
  }
  return {
    scale: comparison.scale,
    verdict: verdicts[sidesVerdict(plan, evidence) ?? judgement.verdict.word],
    sentence,
    reason: { code: judgement.verdict.because, words: reasons.join(' ') },
    levels: comparison.levels.map((level) => {
      const result = results.find((one) => one.level.id === level.id)
      return {
        id: level.id,
        name: levelName(plan, level),
        centre: told(result?.centre),
        least: told(result?.least),
        greatest: told(result?.greatest),
        groups: result?.groups ?? 0,
      }
    }),
    steps:
      judgement.kind === 'trend'
        ? judgement.steps.map(({ from, to, direction }) => ({
            fromId: itemAt(comparison.levels, from).id,
            toId: itemAt(comparison.levels, to).id,
            direction,
          }))
        : [],
    order: judgement.order,
    odd: odd.map(({ id }) => ({ readingId: id })),
    offsets: offsets.map(({ groupId, offset }) => ({ groupId, by: offset })),
    suggestedClaim: suggestClaim(plan, evidence),
  }
}
