import { claimEffect } from '../conclusion'
import { levelName, orderedLevels, type Plan } from '../plan'
import { listed } from '../quantity'
import { nounOf } from '../words'
import { claimOf } from './judgeStatement'
import type { Statement } from './statement'

/**
 * How a statement was understood, so that the class can see whether it meant that.
 * @example statementWords(plan, { kind: 'matters', negated: true }) // 'the drop height made no difference'
 */
export function statementWords(plan: Plan, statement: Statement): string {
  switch (statement.kind) {
    case 'unsure':
      return 'we can’t tell'
    case 'matters':
      return `the ${nounOf(plan.changed.name, plan.changed.unit)} made ${statement.negated ? 'no' : 'a'} difference`
    case 'never': {
      const levels = orderedLevels(plan)
      return `${listed(statement.places.map((place) => levelName(plan, levels[place]!)))} never got there`
    }
    case 'claim': {
      const said = claimEffect(plan, claimOf(plan, statement, 'together'))
      return statement.negated ? `it’s not true that ${said}` : said
    }
  }
}
