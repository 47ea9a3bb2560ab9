import { defined } from '../defined'
import { stripRoundingNoise } from '../quantity'
import type { Comparison } from './comparison'
import { apart } from './differences'
import { allIn, seenChance } from './looks'
import { openDifference, worthNoticing } from './noDifference'
import { pairedMeanInterval, pairedMeanTest, type PairedDifferences } from './pairedMeans'
import { testPair } from './levelPair'
import type { ScoreTable } from './scoreTable'
import { tooLittle, verdictOf, type Verdict } from './verdict'

/** How one side of a thing compares with its first side. */
export interface SideJudgement {
  verdict: Verdict
  /** 1 where there is more at this side than at the first, −1 where there is less, 0 where neither. */
  ahead: 1 | 0 | -1
  /** By how much, in the unit of the scores: the mean of what the groups found. */
  amount: number
  /** What difference may still be there, where none was found; else Infinity. */
  bound: number
}

type Judging = Pick<Comparison, 'scale' | 'best' | 'worth' | 'hasNought' | 'mark' | 'error'>

/**
 * What the chances by ranks and by means are multiplied by, so that together they are wrong in one class of 20 at most: ranks, which a
 * slip of x10 doesn't sway, get two thirds of the 5%; means, which say more of few groups, the rest.
 */
const [ranksWeight, meansWeight] = [3 / 2, 3]
const intervalAlpha = 0.1

/**
 * Judges one side of a thing beside its first side, each try with itself: by ranks as levels are, and by means, since one thing beside
 * itself differs by little else than reading.
 * @param table with its tries in heats; the first side is its first level
 * @param place of the side
 * @param among how many sides are judged together, so that all of them are wrong in one class of 20 at most
 * @example judgeSide(table, comparison, 1).verdict.word // 'clear'
 */
export function judgeSide(table: ScoreTable, judging: Judging, place: number, among = 1): SideJudgement {
  const differences = differencesOf(table, judging, place)
  const middle = meanOf(differences.groups)
  const amount = Math.abs(middle) * table.unit
  if (differences.groups.length === 0) return { verdict: tooLittle, ahead: 0, amount: 0, bound: Infinity }
  const ranks = testPair({ ...table, looks: allIn, chosenFrom: 1 }, place, 0)
  const means = judging.scale === 'number' ? pairedMeanTest(differences) : { p: 1, ahead: 0 as const }
  // Less than a mark may be the rounding that all tries of a class share.
  const isBeyondMark = amount > judging.mark * (1 + 1e-9)
  const [byRanks, byMeans] = [ranksWeight * ranks.p, isBeyondMark ? meansWeight * means.p : 1]
  const isByMeans = byMeans < byRanks
  const p = seenChance(Math.min(1, byRanks, byMeans), { ...table, chosenFrom: among })
  const carriedBy = isByMeans ? (differences.groups.length > 1 ? 'groups' : 'tries') : ranks.carriedBy
  const verdict = verdictOf({ p, carriedBy })
  const found = { ahead: isByMeans ? means.ahead : ranks.ahead, amount, bound: Infinity }
  if (verdict.word === 'clear') return { ...found, verdict }
  const bound = boundOf(table, judging, differences, place, among)
  return bound === null
    ? { ...found, verdict }
    : { ...found, verdict: { ...verdict, word: 'no-difference', because: 'within-noticing' }, bound }
}

/** How far each try of each group is apart at the two sides, in the unit of the table. */
function differencesOf(table: ScoreTable, { mark, error }: Judging, place: number): PairedDifferences {
  const { levels, counts, values, room, unit } = table
  const groups = Array.from({ length: table.groups }, (_, group) => {
    const [from, to] = [group * levels, group * levels + place]
    return Array.from({ length: Math.min(defined(counts[from]), defined(counts[to])) }, (_try, one) =>
      apart(defined(values[to * room + one]), defined(values[from * room + one])),
    )
  })
  // Counts have no error of their own, but no count lies between two whole numbers.
  const ofReading = (Math.max(error, mark / Math.sqrt(12)) * Math.SQRT2) / unit
  return { groups: groups.filter((own) => own.length > 0), error: ofReading }
}

const meanOf = (groups: readonly (readonly number[])[]) =>
  groups.reduce((sum, own) => sum + own.reduce((all, one) => all + one, 0) / own.length, 0) /
  Math.max(1, groups.length)

/** The largest difference that may still be there, where it is not worth noticing; null where it may be. */
function boundOf(
  table: ScoreTable,
  judging: Judging,
  differences: PairedDifferences,
  place: number,
  among: number,
): number | null {
  const ranks = openDifference({ ...table, chosenFrom: ranksWeight * among }, judging, [0, place], 2)
  if (ranks.within) return ranks.bound
  if (judging.scale !== 'number' || table.looks.open) return null
  // Stopped early, the bound was looked at before, too.
  const share = table.looks.share < 1 ? 1 / 4 : 1
  const alpha = (intervalAlpha * share) / (meansWeight * among)
  const { least, greatest } = pairedMeanInterval(differences, alpha)
  const bound = Math.max(Math.abs(least), Math.abs(greatest))
  return bound <= worthNoticing(table, judging.worth) * (1 + 1e-9)
    ? stripRoundingNoise(bound * table.unit)
    : null
}
