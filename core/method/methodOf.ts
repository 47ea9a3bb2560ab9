import type { Plan } from '../plan'
import { calledClause } from './calledClause'
import { changedClause } from './changedClause'
import { comparisonClause } from './comparisonClause'
import { keptSameClause } from './keptSameClause'
import { bestClause, measuredClause } from './measuredClause'
import { predictionClause } from './predictionClause'
import { triesClause, workOutClause } from './triesClause'
import type { MethodContext, MethodSentence, MethodWord } from './word'

/**
 * The plan as a paragraph: what is changed, measured, kept the same, tried and predicted, in sentences whose words can be changed.
 * The way of recording brings its own words along.
 *
 * @param context the age, the school's words and usual ways, and the instruments at hand
 * @example methodOf(plan, context)[0] // ['We ', {text: 'change'}, ' the ', {text: 'drop height'}, ': ', …]
 */
export function methodOf(plan: Plan, context: MethodContext): MethodSentence[] {
  return [
    changedClause(plan, context.vocabulary),
    calledClause(plan, 'changed'),
    measuredClause(plan, context),
    calledClause(plan, 'measured'),
    comparisonClause(plan),
    bestClause(plan),
    keptSameClause(plan, context),
    triesClause(plan, context),
    workOutClause(plan, context),
    predictionClause(plan, context),
  ]
}

/**
 * Every word of the paragraph, in reading order.
 * @example methodWords(methodOf(plan, context)).map((word) => word.id)
 */
export function methodWords(sentences: readonly MethodSentence[]): MethodWord[] {
  return sentences.flatMap((sentence) => sentence.filter((part) => typeof part !== 'string'))
}

/**
 * The same paragraph as plain text, for paper, so that another class could repeat the test. What nobody has said yet is left out.
 * @example methodText(plan, context) // 'We change the drop height: 20, 40 and 60 cm. We measure …'
 */
export function methodText(plan: Plan, context: MethodContext): string {
  return methodOf(plan, context).map(sentenceText).filter(Boolean).join(' ')
}

/**
 * Only who tests what and how often, of the same paragraph.
 * @example triesText(plan, context) // 'Every group tests all of them, 3 tries each after one practice try, each in its own order. Then we take the middle value.'
 */
export const triesText = (plan: Plan, context: MethodContext): string =>
  sentenceText(triesClause(plan, context))

/** Without the one thing that it is about, a sentence says nothing. */
function sentenceText(sentence: MethodSentence): string {
  const needed = [
    ...['changed', 'levels', 'measured', 'best', 'keptSame', 'workOut'],
    ...['changedMore', 'changedLess', 'measuredMore', 'measuredLess'],
  ]
  const empty = sentence.some((part) => typeof part !== 'string' && part.silent && needed.includes(part.id))
  if (empty) return ''
  return sentence
    .map((part) => (typeof part === 'string' ? part : part.silent ? '' : part.text))
    .join('')
    .replace(/,? +(?=[.,])/g, '')
    .replace(/ {2,}/g, ' ')
}
