import { itemAt } from '../defined'
import { claimEffect } from '../conclusion'
import { levelName, orderedLevels, printSaid, type Plan } from '../plan'
import { listed } from '../quantity'
import { nounOf, sideClause, sideGaveMore, sideSaid } from '../words'
import { claimOf } from './judgeStatement'
import type { Statement } from './statement'
import type { VariationStatement } from './variation/variationStatement'

/**
 * How a statement was understood, so that the class can see whether it meant that.
 * @example statementWords(plan, { kind: 'matters', negated: true }) // 'the drop height made no difference'
 */
export function statementWords(plan: Plan, statement: Statement): string {
  switch (statement.kind) {
    case 'unsure':
      return 'we can’t tell'
    case 'variation':
      return variationSaid(plan, statement.said)
    case 'matters':
      return `the ${nounOf(plan.changed.name, plan.changed.unit)} made ${statement.negated ? 'no' : 'a'} difference`
    case 'never': {
      const levels = orderedLevels(plan)
      return `${listed(statement.places.map((place) => levelName(plan, itemAt(levels, place))))} never got there`
    }
    case 'claim': {
      const said = plan.besides
        ? sidesSaid(plan, statement)
        : claimEffect(plan, claimOf(plan, statement, 'together'))
      return statement.negated ? `it’s not true that ${said}` : said
    }
  }
}

/** What is said of the sides of one thing: of all of them, or of one beside another. */
function sidesSaid(plan: Plan, { comparison, places }: Extract<Statement, { kind: 'claim' }>): string {
  const sides = orderedLevels(plan).map(({ name }) => sideSaid(plan.comparison as 'itself', name))
  const [one, other = one === 0 ? sides.length - 1 : 0] = places
  return one === undefined
    ? `${sideClause(plan.measured, comparison)}: ${listed(sides)}`
    : sideGaveMore(plan.measured, comparison, itemAt(sides, one), itemAt(sides, other))
}

/** What is said of one setting, in other words. */
function variationSaid(plan: Plan, said: VariationStatement): string {
  const print = (value: number) => printSaid(plan, value)
  switch (said.kind) {
    case 'usual':
      return `usually about ${print(said.value)}`
    case 'always':
      return `${print(said.value)} every time`
    case 'range':
      return `${said.mostly ? 'mostly' : 'always'} from ${print(said.from)} to ${print(said.to)}`
    case 'end':
      return `the ${said.end} was ${print(said.value)}`
    case 'bound': {
      const isUnder = said.way === 'under'
      return said.inclusive
        ? `never ${isUnder ? 'more' : 'less'} than ${print(said.value)}`
        : `always ${isUnder ? 'less' : 'more'} than ${print(said.value)}`
    }
    case 'same':
      return said.negated ? 'not the same every time' : 'the same every time'
  }
}
