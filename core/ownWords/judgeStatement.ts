import { itemAt } from '../defined'
import { checkClaim, fitReasons, judgeClaim, type Claim } from '../conclusion'
import type { Evidence } from '../evidence'
import { resolutionOf } from '../instrument'
import { orderedLevels, type Plan } from '../plan'
import { nounOf } from '../words'
import type { Statement } from './statement'
import type { StatementFit } from './statementFit'
import { judgeVariation } from './variation/judgeVariation'

type Claimed = Extract<Statement, { kind: 'claim' }>

/** How far off an amount may be: marks, and a share of it. */
const [marksOff, shareOff] = [1.5, 0.25]

/**
 * Judges a statement on the evidence of its own subject. Only what is clear goes against anything.
 * @param plan as its results are measured (`scoredPlan`)
 * @example judgeStatement(plan, { kind: 'matters', negated: true }, 'together', evidence).fit // 'against'
 */
export function judgeStatement(
  plan: Plan,
  statement: Statement,
  strength: Claim['strength'],
  evidence: Evidence,
): { fit: StatementFit; reason: string } {
  const { word } = evidence.judgement.verdict
  switch (statement.kind) {
    case 'unsure':
      return word === 'cant-tell' || word === 'leaning'
        ? { fit: 'fits', reason: '' }
        : { fit: 'open', reason: 'Look again: the results are clearer than that.' }
    case 'matters':
      return withReason(mattersFit(word, statement.negated), {
        against: statement.negated
          ? `The ${nounOf(plan.changed.name, plan.changed.unit)} did make a difference.`
          : 'We couldn’t measure any difference.',
      })
    case 'variation':
      return judgeVariation(plan, statement.said, evidence)
    case 'never':
      return withReason(neverFit(plan, statement.places, evidence), {
        against: 'It got there every time.',
        beyond: 'Sometimes it did get there.',
      })
    case 'claim':
      return claimFit(plan, statement, strength, evidence)
  }
}

const withReason = (fit: StatementFit, reasons: Partial<Record<StatementFit, string>>) => ({
  fit,
  reason: reasons[fit] ?? (fit === 'open' ? fitReasons.open : ''),
})

function mattersFit(word: Evidence['judgement']['verdict']['word'], negated: boolean): StatementFit {
  if (word === 'clear') return negated ? 'against' : 'fits'
  if (word === 'no-difference') return negated ? 'fits' : 'against'
  return 'open'
}

function neverFit(plan: Plan, places: readonly number[], { cells }: Evidence): StatementFit {
  const ids = places.map((place) => itemAt(orderedLevels(plan), place).id)
  const tries = cells.filter((cell) => ids.includes(cell.levelId)).flatMap((cell) => cell.tries)
  if (tries.length === 0) return 'open'
  const came = tries.filter((one) => one.short === undefined).length
  return came === 0 ? 'fits' : came === tries.length ? 'against' : 'beyond'
}

/**
 * The claim that a statement makes.
 * @param strength how sure it is said
 */
export function claimOf(
  plan: Plan,
  { subject, comparison, places }: Claimed,
  strength: Claim['strength'],
): Claim {
  const levels = orderedLevels(plan)
  return {
    subject,
    comparison,
    levelIds: places.map((place) => itemAt(levels, place).id),
    strength,
    scope: { kind: 'tested' },
  }
}

function claimFit(
  plan: Plan,
  statement: Claimed,
  strength: Claim['strength'],
  evidence: Evidence,
): { fit: StatementFit; reason: string } {
  const claim = claimOf(plan, statement, strength)
  if (statement.negated)
    return withReason(negatedFit(plan, claim, evidence), { against: 'Our results show the opposite.' })
  const { fit, reason } = checkClaim(plan, claim, evidence)
  switch (fit) {
    case 'not-checked':
      return { fit: 'open', reason }
    case 'contradicts':
      // Said of one thing alone it may have been meant beside another.
      return statement.loose
        ? { fit: 'open', reason: 'Say what you compare it with, and we can check it.' }
        : { fit: 'against', reason }
    case 'says-more':
      return { fit: 'beyond', reason }
    case 'fits':
    case 'says-less':
      return withReason(amountFit(plan, statement, evidence), {
        fits: reason,
        against: 'Our results don’t show that amount.',
      })
  }
}

/** "It did not": right where the opposite is clear, or nothing differs; wrong where the thing itself is clear. */
function negatedFit(plan: Plan, claim: Claim, evidence: Evidence): StatementFit {
  const { verdict, agrees } = judgeClaim(plan, claim, evidence)
  if (claim.comparison === 'same') {
    if (verdict.word === 'clear') return 'fits'
    return verdict.word === 'no-difference' ? 'against' : 'open'
  }
  if (verdict.word === 'no-difference') return 'fits'
  if (verdict.word !== 'clear' || agrees === null) return 'open'
  return agrees ? 'against' : 'fits'
}

function amountFit(plan: Plan, { amount, places }: Claimed, { results }: Evidence): StatementFit {
  if (amount === null) return 'fits'
  const levels = orderedLevels(plan)
  const [one, other] = places.map(
    (place) => results.find(({ level }) => level.id === itemAt(levels, place).id)?.centre,
  )
  if (one === undefined || other === undefined || !Number.isFinite(one - other)) return 'open'
  const off = Math.abs(Math.abs(one - other) - amount)
  const room = Math.max(marksOff * resolutionOf(plan).mark, shareOff * amount)
  return off <= room ? 'fits' : off > 2 * room ? 'against' : 'open'
}
