import { defined } from '../defined'
import { canSumUp, comparesSides } from '../comparison'
import {
  defaultsForAge,
  looksAtVariation,
  planLimits,
  workOutOf,
  type Plan,
  type Summary,
  type WhoTests,
  type WorkOut,
} from '../plan'
import { isInRounds, usesInstrument, wayOf } from '../recording'
import { choiceOf, word, type MethodContext, type MethodSentence, type MethodWord } from './word'

const whoTests: [WhoTests, string][] = [
  ['all-levels', 'Every group tests all of them'],
  ['shared-levels', 'The groups share the levels'],
  ['whole-class', 'We do it once, for all to see'],
  ['stations', 'The groups turn from station to station'],
  ['at-home', 'Everybody tests at home'],
]
const orders: [Plan['levelOrder'], string][] = [
  ['same', 'in the same order'],
  ['own', 'each in its own order'],
]
const summaries: [Summary, string][] = [
  ['mean', 'take the mean'],
  ['median', 'take the middle value'],
  ['most-common', 'take the most common value'],
  ['none', 'look at the dots alone'],
]

const sums: [WorkOut, string][] = [
  ['children', 'The children do the sums'],
  ['shown', 'The sums are done for the children'],
]

const sumsUp: [WorkOut, string][] = [
  ['children', 'worked out by the children first'],
  ['shown', 'worked out for the children'],
]

const upTo = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => from + index)
const triesSaid = (plan: Plan, tries: number) => {
  const [one, many] = wayOf(plan).tryWord
  return tries === 0 ? `no ${many}` : tries === 1 ? `one ${one}` : `${tries} ${many}`
}
const practiceSaid = (tries: number) =>
  tries === 0 ? 'without practice' : tries === 1 ? 'one practice try' : `${tries} practice tries`

/** "Every group tests all of them, 3 tries each after 1 practice try, each in its own order." */
export function triesClause(plan: Plan, context: MethodContext): MethodSentence {
  const { ways } = context
  const usual = defaultsForAge(context.age, ways)
  const tries = word(
    'tries',
    wayOf(plan).tryWord[1] === 'tries' ? 'Tries at each level' : `How many ${wayOf(plan).tryWord[1]}`,
    triesSaid(plan, plan.tries),
    choiceOf(
      plan.tries,
      upTo(1, planLimits.tries).map((count) => [count, triesSaid(plan, count)] as const),
      (before, count) => ({ ...before, tries: count }),
    ),
    { chosen: plan.tries !== usual.tries },
  )
  const practice = word(
    'practiceTries',
    'Practice tries first',
    practiceSaid(plan.practiceTries),
    choiceOf(
      plan.practiceTries,
      upTo(0, planLimits.practiceTries).map((count) => [count, practiceSaid(count)] as const),
      (before, count) => ({ ...before, practiceTries: count }),
    ),
    { chosen: plan.practiceTries !== ways.practiceTries },
  )
  return [
    whoTestsWord(plan, context),
    ', ',
    tries,
    plan.practiceTries === 0 ? ' each, ' : ' each after ',
    practice,
    ...(turns(plan) ? [', ', orderWord(plan)] : []),
    // Places and words have a middle and nothing else, and one thing beside itself is compared try by try.
    ...(usesInstrument(plan) && !comparesSides(plan) ? ['. Then we ', summaryWord(plan, usual.summary)] : []),
    ...(canSumUp(plan) ? [', ', sumUpWord(plan)] : []),
    '.',
  ]
}

/** "The children do the sums.", where the way of recording has any; it is no part of what another class would repeat. */
export function workOutClause(plan: Plan, { age }: MethodContext): MethodSentence {
  if (!wayOf(plan).arithmetic?.head(plan)) return []
  const who = workOutOf(plan, age)
  const text = defined(sums.find(([one]) => one === who))[1]
  const edit = choiceOf<WorkOut>(who, sums, (before, chosen) => ({ ...before, workOut: chosen }))
  return [
    word('workOut', 'Who does the sums', text, edit, { chosen: plan.workOut !== undefined, silent: true }),
    '.',
  ]
}

/** Stations turn by themselves, the whole class meets each level once, rounds have only one order, and what stands side by side none. */
const turns = (plan: Plan) =>
  !looksAtVariation(plan) &&
  plan.levels.length !== 1 &&
  !isInRounds(plan) &&
  plan.whoTests !== 'whole-class' &&
  plan.whoTests !== 'stations' &&
  !wayOf(plan).needs(plan.recording).sideBySide

function whoTestsWord(plan: Plan, { ways }: MethodContext): MethodWord {
  const text = defined(whoTests.find(([who]) => who === plan.whoTests))[1]
  return word(
    'whoTests',
    'Who tests what',
    plan.whoTests === 'all-levels' ? everyGroup(plan) : text,
    choiceOf(plan.whoTests, whoTests, (before, who) => ({ ...before, whoTests: who })),
    { chosen: plan.whoTests !== ways.whoTests },
  )
}

const everyGroup = (plan: Plan) =>
  isInRounds(plan)
    ? 'Every group builds its own'
    : plan.levels.length === 1
      ? 'Every group tests it'
      : 'Every group tests all of them'

function orderWord(plan: Plan): MethodWord {
  return word(
    'levelOrder',
    'Order of levels',
    defined(orders.find(([order]) => order === plan.levelOrder))[1],
    choiceOf(plan.levelOrder, orders, (before, levelOrder) => ({ ...before, levelOrder })),
    { chosen: plan.levelOrder === 'own' },
  )
}

function sumUpWord(plan: Plan): MethodWord {
  const who = plan.sumUp ?? 'shown'
  return word(
    'sumUp',
    'Who works it out',
    defined(sumsUp.find(([one]) => one === who))[1],
    choiceOf<WorkOut>(who, sumsUp, (before, sumUp) => ({ ...before, sumUp })),
    { chosen: who === 'children', silent: who === 'shown' },
  )
}

function summaryWord(plan: Plan, usual: Summary): MethodWord {
  return word(
    'summary',
    'One number from tries',
    defined(summaries.find(([summary]) => summary === plan.summary))[1],
    choiceOf(plan.summary, summaries, (before, summary) => ({ ...before, summary })),
    { chosen: plan.summary !== usual },
  )
}
