import type { Level } from '../plan'
import { trendAgreement, type Agreement } from './agreement'
import type { Evidence } from './evidence'
import { judgeSide, type SideJudgement } from './judgeSide'
import type { VerdictWord } from './verdict'

/** How one side of a thing compares with its first side, and which groups found so. */
export interface SideFinding extends SideJudgement {
  level: Level
  agreement: Agreement
}

/**
 * How each side of a thing compares with its first side.
 * @param among how many findings are said together beside those of the other sides
 * @returns in the order of the sides, without the first; none where nothing was read at it
 * @example sideFindings(evidence)[0].verdict.word // 'clear'
 */
export function sideFindings(evidence: Evidence, among = 1): SideFinding[] {
  const { comparison, results, cells, table } = evidence
  const { levels } = comparison
  const first = levels[0]
  if (!first || !results.some(({ level }) => level === first)) return []
  const others = results.filter(({ level }) => level !== first).map(({ level }) => level)
  return others.map((level) => {
    const judged = judgeSide(table, comparison, levels.indexOf(level), among * others.length)
    const two = cells.filter(({ levelId }) => levelId === first.id || levelId === level.id)
    const ordered = { ...comparison, levels: [first, level] }
    return {
      level,
      ...judged,
      agreement: trendAgreement(ordered, two, judged.ahead > 0 ? 'rising' : 'falling'),
    }
  })
}

/**
 * What a lesson that compares sides comes to in one word: clear where anything is, else level where everything is.
 * @example sidesWord([]) // 'cant-tell'
 */
export function sidesWord(findings: readonly Pick<SideFinding, 'verdict'>[]): VerdictWord {
  const words = findings.map(({ verdict }) => verdict.word)
  if (words.includes('clear')) return 'clear'
  if (words.length > 0 && words.every((word) => word === 'no-difference')) return 'no-difference'
  return words.includes('leaning') ? 'leaning' : 'cant-tell'
}
