import { median } from 'simple-statistics'
import { mostlyWithin, type Evidence } from '../../evidence'
import { resolutionOf } from '../../instrument'
import { printResult, type Plan } from '../../plan'
import type { StatementFit } from '../statementFit'
import type { VariationStatement } from './variationStatement'

type Judged = { fit: StatementFit; reason: string }

/** With fewer tries nobody can say what happens usually. */
const fewTries = 5
const most = 0.8
const fits: Judged = { fit: 'fits', reason: '' }

/**
 * Judges what is said of one setting on all that was read.
 * @param plan as its results are measured (`scoredPlan`)
 * @example judgeVariation(magnet, { kind: 'usual', value: 23 }, evidence).fit // 'fits'
 */
export function judgeVariation(plan: Plan, statement: VariationStatement, evidence: Evidence): Judged {
  const values = evidence.cells.flatMap((cell) => cell.values).filter(Number.isFinite)
  if (values.length === 0) return { fit: 'open', reason: 'Nothing was read yet.' }
  const [least, greatest] = [Math.min(...values), Math.max(...values)]
  const read = `We read from ${printResult(plan, least)} to ${printResult(plan, greatest)}.`
  const share = (is: (value: number) => boolean) => values.filter(is).length / values.length
  const { mark } = resolutionOf(plan)
  switch (statement.kind) {
    case 'usual':
      return usual(statement.value, values, mark, read)
    case 'always':
      return ofAll(
        share((one) => one === statement.value),
        read,
        0,
      )
    case 'range': {
      const inside = share((one) => one >= statement.from && one <= statement.to)
      if (!statement.mostly) return ofAll(inside, read, 0.5)
      return inside >= most ? fits : inside < 0.5 ? { fit: 'against', reason: read } : halfway
    }
    case 'end':
      return statement.value === (statement.end === 'most' ? greatest : least)
        ? fits
        : { fit: 'against', reason: read }
    case 'bound':
      return ofAll(
        share((one) => {
          const off = statement.way === 'under' ? statement.value - one : one - statement.value
          return off > 0 || (statement.inclusive && off === 0)
        }),
        read,
        0.5,
      )
    case 'same': {
      const isSame = least === greatest
      if (!statement.negated)
        return isSame ? fits : { fit: greatest - least <= mark ? 'open' : 'against', reason: read }
      if (isSame) return { fit: 'against', reason: `We read ${printResult(plan, least)} every time.` }
      // Different every time is more than to vary.
      return statement.always && new Set(values).size < values.length
        ? { fit: 'beyond', reason: 'Some tries gave the same.' }
        : fits
    }
  }
}

const halfway: Judged = { fit: 'open', reason: 'Some tries lie outside, but not most.' }

/** What is said of all tries: more than was found where some don't go with it, wrong where most don't. */
function ofAll(share: number, read: string, wrongUpTo: number): Judged {
  if (share === 1) return fits
  return { fit: share <= wrongUpTo ? 'against' : 'beyond', reason: `Not every time. ${read}` }
}

function usual(value: number, values: readonly number[], mark: number, read: string): Judged {
  const [least, greatest] = [Math.min(...values), Math.max(...values)]
  if (value < least - mark || value > greatest + mark) return { fit: 'against', reason: read }
  if (values.length < fewTries) return { fit: 'open', reason: 'A few more tries would show what is usual.' }
  const spread = mostlyWithin(values)
  const isNear = Math.abs(value - median([...values])) <= Math.max(mark, (spread.greatest - spread.least) / 2)
  return isNear ? fits : { fit: 'open', reason: 'Most tries lie a bit away from that.' }
}
