import type { Conclusion } from '../conclusion'
import { hasOneSetting, instrumentsRead, type Plan } from '../plan'
import { capital } from '../quantity'
import { usesInstrument, wayOf, ways } from '../recording'

/** A lesson that was tested, with what of it shows what the children did themselves. */
export interface TestedLesson {
  plan: Plan
  conclusion: Conclusion
  /** Questions stood on its board. */
  asked: boolean
  /** Somebody predicted and gave a reason. */
  reasoned: boolean
  /** Something was read more than once. */
  repeated: boolean
  /** Something was noticed beside what is measured. */
  noticed: boolean
  /** A group left a question with another. */
  questioned: boolean
}

/** A line of the year's table: what a class may have met. */
export interface YearRow {
  id: string
  kind: 'skill' | 'way' | 'instrument'
  name: string
}

/** What children do in an inquiry, and what of a lesson's record shows that they did. */
const skills: readonly { id: string; name: string; met: (lesson: TestedLesson) => boolean }[] = [
  { id: 'asked', name: 'Asked their own questions', met: ({ asked }) => asked },
  { id: 'reasoned', name: 'Predicted and gave a reason', met: ({ reasoned }) => reasoned },
  {
    id: 'fair',
    name: 'Changed one thing and kept others the same',
    met: ({ plan }) => !hasOneSetting(plan) && plan.keptSame.length > 0,
  },
  { id: 'measured', name: 'Measured with an instrument', met: ({ plan }) => usesInstrument(plan) },
  { id: 'repeated', name: 'Repeated their readings', met: ({ repeated }) => repeated },
  { id: 'noticed', name: 'Wrote down or drew what they noticed', met: ({ noticed }) => noticed },
  { id: 'worked', name: 'Did the sums themselves', met: ({ plan }) => plan.workOut === 'children' },
  {
    id: 'answered',
    name: 'Answered from their results',
    met: ({ conclusion }) => conclusion.claim !== null || Boolean(conclusion.ownWords?.trim()),
  },
  {
    id: 'questioned',
    name: 'Questioned each other’s work',
    met: ({ questioned }) => questioned,
  },
  { id: 'why', name: 'Had an idea why', met: ({ conclusion }) => conclusion.why.trim() !== '' },
  {
    id: 'better',
    name: 'Said what they would do better',
    met: ({ conclusion }) => conclusion.better.trim() !== '',
  },
  {
    id: 'next',
    name: 'Asked the next question',
    met: ({ conclusion }) => conclusion.nextQuestion.trim() !== '',
  },
]

/**
 * What a class met in a tested lesson: the ids of its rows in the year's table. Only what its record shows; what was done without a trace
 * is not among it.
 * @example metIn(lesson) // ['skill:fair', 'skill:measured', 'way:measure', 'instrument:metre stick']
 */
export function metIn(lesson: TestedLesson): string[] {
  const { plan } = lesson
  return [
    ...skills.filter(({ met }) => met(lesson)).map(({ id }) => `skill:${id}`),
    `way:${wayOf(plan).kind}`,
    ...(usesInstrument(plan) ? instrumentsRead(plan).map(({ name }) => `instrument:${name}`) : []),
  ]
}

/**
 * The rows of the table: every skill and every way of recording, met or not, so that a gap shows; and the instruments that were read.
 * @param met what was met in any lesson
 * @example yearRows(['instrument:metre stick']).at(-1) // { id: 'instrument:metre stick', kind: 'instrument', name: 'Metre stick' }
 */
export function yearRows(met: readonly string[]): YearRow[] {
  const instruments = [...new Set(met.filter((id) => id.startsWith('instrument:')))].sort()
  return [
    ...skills.map(({ id, name }) => ({ id: `skill:${id}`, kind: 'skill' as const, name })),
    ...ways.map(({ kind, name }) => ({ id: `way:${kind}`, kind: 'way' as const, name: capital(name) })),
    ...instruments.map((id) => ({
      id,
      kind: 'instrument' as const,
      name: capital(id.slice('instrument:'.length)),
    })),
  ]
}
