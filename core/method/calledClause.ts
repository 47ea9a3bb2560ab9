import { defined } from '../defined'
import type { Called, Plan } from '../plan'
import { isInRounds } from '../recording'
import { calledLetters, comparativePhrase, hasOwnWords, nounOf, wordsFor } from '../words'
import { word, type MethodSentence, type MethodWord, type WordId } from './word'

type Variable = 'changed' | 'measured'
const ends = ['more', 'less'] as const

/**
 * "More of the gloop is called gloopier, less of it runnier.", for a variable whose name alone doesn't say it.
 * @example calledClause(plan, 'measured') // [] of a bounce height, which is higher or lower
 */
export function calledClause(plan: Plan, variable: Variable): MethodSentence {
  const { name, unit, called } = plan[variable]
  const isSaid = Boolean(called?.more || called?.less)
  if (name.trim() === '') return []
  if (variable === 'changed' && (plan.changed.kind === 'kinds' || isInRounds(plan))) return []
  if (!isSaid && hasOwnWords({ name, unit })) return []
  const [more, less] = ends.map((end) => calledWord(plan, variable, end))
  return [`More of the ${nounOf(name, unit)} is called `, defined(more), ', less of it ', defined(less), '.']
}

const ids = {
  changed: { more: 'changedMore', less: 'changedLess' },
  measured: { more: 'measuredMore', less: 'measuredLess' },
} as const satisfies Record<Variable, Record<keyof Called, WordId>>

function calledWord(plan: Plan, variable: Variable, end: keyof Called): MethodWord {
  const { name, unit, called } = plan[variable]
  const value = called?.[end] ?? ''
  const usual = comparativePhrase(wordsFor({ name, unit }), end).replace(/^an? /u, '')
  return word(
    ids[variable][end],
    end === 'more' ? `More ${name.trim()} is called` : `Less ${name.trim()} is called`,
    value || usual,
    {
      kind: 'text',
      value,
      most: calledLetters,
      placeholder: usual,
      put: (before, text) => withEnd(before, variable, end, text),
    },
    { chosen: value !== '', silent: value === '' },
  )
}

/** Without either word the plan says nothing of it. */
function withEnd(plan: Plan, variable: Variable, end: keyof Called, text: string): Plan {
  const { called: before = { more: '', less: '' }, ...rest } = plan[variable]
  const called = { ...before, [end]: text }
  const isSaid = `${called.more}${called.less}`.trim() !== ''
  return { ...plan, [variable]: isSaid ? { ...rest, called } : rest }
}
