import { itemAt } from '../../defined'
import { fitReasons, type Claim } from '../../conclusion'
import { sideFindings, type Evidence, type SideFinding } from '../../evidence'
import { resolutionOf } from '../../instrument'
import type { Plan } from '../../plan'
import type { StatementFit } from '../statementFit'
import type { Statement } from '../statement'

type Judged = { fit: StatementFit; reason: string }
type Claimed = Extract<Statement, { kind: 'claim' }>

/** How far off an amount may be: marks, and a share of it. */
const [marksOff, shareOff] = [1.5, 0.25]
const open: Judged = { fit: 'open', reason: fitReasons.open }
const { tooSmall, differ } = fitReasons

/**
 * Judges a statement about the sides of one thing on how they compare, each try with itself.
 * @param plan as its sides are compared
 * @param among how many findings are said together
 * @returns null where it speaks of two later sides, which are compared as levels are
 * @example judgeSides(plan, { kind: 'matters', negated: true }, 'together', evidence, 1)?.fit // 'against'
 */
export function judgeSides(
  plan: Plan,
  statement: Statement,
  strength: Claim['strength'],
  evidence: Evidence,
  among: number,
): Judged | null {
  const findings = sideFindings(evidence, among)
  switch (statement.kind) {
    case 'matters':
      return matters(findings, statement.negated)
    case 'claim':
      return statement.subject === 'trend'
        ? allSame(findings, statement)
        : oneOf(plan, findings, statement, strength)
    default:
      return null
  }
}

const isClear = ({ verdict }: SideFinding) => verdict.word === 'clear'
const isSame = ({ verdict }: SideFinding) => verdict.word === 'no-difference'

function matters(findings: readonly SideFinding[], negated: boolean): Judged {
  if (findings.some(isClear)) return negated ? { fit: 'against', reason: differ } : fits
  if (findings.length === 0 || !findings.every(isSame)) return open
  return negated ? fits : { fit: 'against', reason: 'We couldn’t measure any difference.' }
}

const fits: Judged = { fit: 'fits', reason: '' }

function allSame(findings: readonly SideFinding[], { comparison, negated }: Claimed): Judged | null {
  return comparison === 'same' ? matters(findings, !negated) : null
}

/** The side that is spoken of, with the first one: what is said of the first is the other way round for the last. */
function oneOf(
  plan: Plan,
  findings: readonly SideFinding[],
  { subject, comparison, places, negated, amount }: Claimed,
  strength: Claim['strength'],
): Judged | null {
  const [one, other = one === 0 ? plan.levels.length - 1 : 0] = places
  if (one === undefined || (one !== 0 && other !== 0)) return null
  // The most of three is more than to be ahead of the first.
  if (subject !== 'pair' && plan.levels.length > 2) return null
  const side = itemAt(plan.levels, one === 0 ? other : one)
  const finding = findings.find(({ level }) => level.id === side.id)
  if (!finding) return open
  const way = (comparison === 'less' ? -1 : 1) * (one === 0 ? -1 : 1)
  if (comparison === 'same') return matters([finding], !negated)
  const agrees = finding.ahead === way
  if (isSame(finding)) return negated ? fits : { fit: 'against', reason: tooSmall }
  if (isClear(finding)) {
    if (agrees === negated) return { fit: 'against', reason: 'The results go the other way.' }
    return negated ? fits : (amountFit(plan, finding, amount) ?? strengthFit(finding, strength))
  }
  if (negated) return open
  if (strength === 'think' && (agrees || finding.verdict.word === 'cant-tell')) return fits
  return {
    fit: 'beyond',
    reason:
      finding.verdict.word === 'leaning' && agrees
        ? 'The result leans this way but could still be luck. “We think that” fits better.'
        : fitReasons.onlyThink,
  }
}

function strengthFit({ agreement }: SideFinding, strength: Claim['strength']): Judged {
  if (strength !== 'always' || agreement.unanimous) return fits
  return {
    fit: 'beyond',
    reason: `“Every time” is too much: ${agreement.agreeing} of ${agreement.groups} groups found this.`,
  }
}

function amountFit(plan: Plan, finding: SideFinding, amount: number | null): Judged | null {
  if (amount === null) return null
  const off = Math.abs(finding.amount - amount)
  const room = Math.max(marksOff * resolutionOf(plan).mark, shareOff * amount)
  if (off <= room) return null
  return off > 2 * room ? { fit: 'against', reason: 'Our results don’t show that amount.' } : open
}
