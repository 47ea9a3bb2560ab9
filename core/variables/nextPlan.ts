import { stems } from '../catalogue'
import { newId, planLimits, type Expectation, type Level, type Plan } from '../plan'
import { isInRounds } from '../recording'
import { suggestParts } from '../wonder'
import { moveCard, variableCards } from './cards'
import { levelsAsked } from './levelsAsked'

/** Whether two names are the same but for their form: "kind of ball" and "kinds of balls". */
const isSameName = (one: string, other: string): boolean => {
  const words = (text: string) => stems(text).map(({ stem }) => stem)
  return words(one).join(' ') === words(other).join(' ')
}

/** What a question asks whether it makes a difference: "Does the way of dropping change the bounce?"; null where it asks otherwise. */
const subjectOf = (question: string): string | null =>
  /^\s*(?:does|do|will|would|can)\s+(?:the\s+|our\s+)?(.+?)\s+(?:change|affect|matter|make\s+a\s+difference)\b/i.exec(
    question,
  )?.[1] ?? null

/**
 * The plan of the next lesson, which asks another question of the same test. What the question changes is picked on the variables board, as
 * a teacher would pick it: what was changed is kept the same from now on, with its levels. All else is carried over. Where the question
 * doesn't say what it changes, asks for the same change, or the board has no room, only the question is new; where it asks for other
 * levels of the same change, "between 50 and 75 cm", those are tested.
 * @example nextPlan(bounce, 'Does the kind of ball change the bounce?').changed.name // 'kind of ball'
 */
export function nextPlan(plan: Plan, question: string): Plan {
  const next: Plan = { ...plan, title: '', question }
  const levels = levelsAsked(plan, question)
  if (levels) return { ...next, levels, expected: expectedAt(plan, levels) }
  const cards = variableCards(next).filter(({ place }) => place === 'kept-same' || place === 'could-change')
  const asked = subjectOf(question)
  const subject = cards.find(({ name }) => asked !== null && isSameName(name, asked))
  const named = subject?.name ?? suggestParts(question).change[0] ?? ''
  if (named === '' || isInRounds(plan) || isSameName(named, plan.changed.name)) return next
  const card = subject ?? cards.find(({ name }) => isSameName(name, named))
  const id = card?.id ?? newId()
  const change = card ? next.ideas.change : [...next.ideas.change, { id, name: named }]
  const picked = moveCard({ ...next, ideas: { ...next.ideas, change } }, id, 'changed')
  return picked.keptSame.length > planLimits.keptSame ? next : picked
}

/** What was expected, on a straight line through both ends, at the ends of other levels. */
function expectedAt({ expected, levels }: Plan, asked: readonly Level[]): Expectation | null {
  const ends = (of: readonly Level[]) => {
    const values = of.flatMap(({ value }) => value ?? [])
    return [Math.min(...values), Math.max(...values)] as const
  }
  const [[from, to], [first, last]] = [ends(levels), ends(asked)]
  if (expected === null || !(to > from)) return null
  const at = (value: number) =>
    Number(
      (expected.first + ((expected.last - expected.first) * (value - from)) / (to - from)).toPrecision(3),
    )
  return { first: at(first), last: at(last), apart: expected.apart }
}
