import { nounOf, superlativePhrase, wordsFor } from '../words'
import type { QuestionSort } from './note'

/** A word that judges: "best", "toughest", "bubbliest"; not "test", "most" or "first". */
const judging =
  /\b(?!(?:test|rest|nest|latest|chest|west|guest|forest|interest|request|honest|harvest|almost|dust|at least)\b)(best|better|good|worst|\w{2,}(?:[^aeiou]i|[a-z])est)\b/i

/**
 * The word by which a question judges: "best", "toughest"; null where it does not.
 * @example judgingWord('Which is the bubbliest mix?') // 'bubbliest'
 */
export const judgingWord = (question: string): string | null => judging.exec(question)?.[0] ?? null

/** What a question lacks to be tested, and how to ask it instead. */
export interface Testability {
  /** Something to change and something to measure are named, and "best" has a meaning. */
  testable: boolean
  lacks: ('change' | 'measure' | 'meaning')[]
  /** What to do next, in one sentence. */
  help: string
  /** The question put so that it can be tested; null while parts of it are missing, or when it is asked so already. */
  asked: string | null
}

/** The parts that a class has found for its question. */
export interface QuestionParts {
  question: string
  change: string
  measure: string
  best: 'most' | 'least' | null
}

/**
 * Whether a question can be tested: it names something that can be changed and something that can be measured
 * or ranked, and a "best" in it has a meaning with a direction. "Why" questions are turned into
 * "what happens to … when we change …".
 * @example testability({ question: 'Why do balls bounce?', change: 'drop height', measure: 'bounce height', best: null }).asked // 'What happens to the bounce height when we change the drop height?'
 * // 'What happens to the bounce height when we change the drop height?'
 */
export function testability({ question, change, measure, best }: QuestionParts): Testability {
  const judged = judgingWord(question)?.toLowerCase()
  const lacks: Testability['lacks'] = [
    ...(change.trim() === '' ? (['change'] as const) : []),
    ...(measure.trim() === '' ? (['measure'] as const) : []),
    ...(judged && best === null ? (['meaning'] as const) : []),
  ]
  const named = [change.trim(), measured(measure)].every((name) =>
    question.toLowerCase().includes(name.toLowerCase()),
  )
  const asked =
    lacks.length > 0 || (named && !judged)
      ? null
      : judged && best
        ? `Which ${nounOf(change, null)} gives ${superlative(measure, best)}?`
        : `What happens to the ${nounOf(measure, null)} when we change the ${nounOf(change, null)}?`
  return { testable: lacks.length === 0, lacks, help: helpFor(question, lacks, judged, measure), asked }
}

/**
 * Whether a question asks how to make something better, so that rounds of building and testing may answer it.
 * @example asksForRounds('How can we make our bridge stronger?') // true
 */
export const asksForRounds = (question: string): boolean =>
  /^how (?:can|could|would|do|might|should) (?:we|you|i) (?:make|build|get|improve|stop|keep|slow|speed|design)\b|^can (?:we|you|i) (?:make|build|design) (?:a|an|our|the) (?:better|stronger|faster|bigger|longer|\w+ that)\b/i.test(
    question.trim(),
  )

/** "The most washers", not "the most number of washers"; "the highest bounce". */
const superlative = (measure: string, end: 'most' | 'least') =>
  superlativePhrase(
    wordsFor({ name: measure.replace(/^(number|amount) of the /i, '$1 of '), unit: null }),
    end,
  )

/** What is asked about without counting it. */
function measured(name: string): string {
  return name.trim().replace(/^(number|amount) of (the )?/i, '')
}

function helpFor(
  question: string,
  lacks: Testability['lacks'],
  judged: string | undefined,
  measure: string,
): string {
  const text = question.trim()
  if (text === '') return 'Pick a question from the board, or write one.'
  const [first] = lacks
  if (asksForRounds(text) && first === 'change')
    return 'Build, test and improve it in rounds? Then our design is what changes. Or change one thing only, and compare.'
  if (/^why\b/i.test(text) && first)
    return '“Why” asks for a reason. What could we change, and what would we see change with it?'
  if (judged && lacks.includes('measure'))
    return `What does “${judged}” mean here: slowest, furthest, lasts longest? Name what we would measure.`
  if (first === 'change') return 'What could we make different, on purpose, one thing only?'
  if (first === 'measure') return 'How would we see a difference? Name one thing to measure, count or rank.'
  if (first === 'meaning')
    return `Does “${judged}” mean ${superlative(measure, 'most')}, or ${superlative(measure, 'least')}?`
  return /^why\b/i.test(text) ? 'Ask it so that a test can answer it.' : 'This is a question we can test.'
}

/**
 * The questions that nobody has tested yet: those the class could test, or has not sorted, without the one
 * that was chosen.
 * @example nextQuestions(notes, 'Does the height matter?') // ['Does it bounce on carpet?']
 */
export function nextQuestions(
  notes: readonly { kind: string; text: string; sort: QuestionSort | null }[],
  chosen: string,
): string[] {
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
  return notes
    .filter((note) => note.kind === 'asking' && (note.sort === 'test' || note.sort === null))
    .filter((note) => !same(note.text, chosen))
    .map((note) => note.text)
}
