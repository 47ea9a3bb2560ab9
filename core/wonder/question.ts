import { nounOf, superlativePhrase, wordsFor } from '../words'
import type { QuestionSort } from './note'

const judging =
  /\b(best|better|good|nicest|worst|strongest|fastest|quickest|slowest|greatest|longest|highest|warmest)\b/i

const sorts: [wording: RegExp, sort: QuestionSort][] = [
  [
    /\b(prettiest|nicest|favourite|favorite|most beautiful|ugliest|coolest|for ever|forever)\b/i,
    'unanswerable',
  ],
  [/^(may|can|could|should) (we|i)\b|\bwho (made|owns|put)\b/i, 'ask'],
  [
    /\bwhat happens\b|\bwhat if\b|\bif we\b|\bwhen we\b|\b(make (a|any) difference|changes?|affects?|helps?|matters?)\b/i,
    'test',
  ],
  [/^which\b/i, 'test'],
  [
    /^(what|who|where|when)('s|’s| is| are| was| were| does| do| did)\b|^how (old|many|did people|is it made)\b|\bcalled\b/i,
    'look-up',
  ],
  [/^(does|do|will|is|are|how (long|far|high|fast|much))\b/i, 'test'],
]

/**
 * A first idea of how a question can be answered, from its wording alone; the class decides.
 * @returns null when the wording tells nothing
 * @example suggestSort('What is chalk made of?') // 'look-up'
 */
export function suggestSort(question: string): QuestionSort | null {
  const text = question.trim()
  if (/^why\b/i.test(text)) return null
  return sorts.find(([wording]) => wording.test(text))?.[1] ?? null
}

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
  const judged = judging.exec(question)?.[0]?.toLowerCase()
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

const measures: [wording: RegExp, measure: string][] = [
  [/\b(high|higher|highest|tall|taller|bounc\w*|grow\w*)\b/i, 'height'],
  [/\b(far|further|furthest|distance|roll\w*|slide\w*|fly|flies)\b/i, 'distance'],
  [/\b(fast\w*|quick\w*|slow\w*|long does|last|lasts|melt\w*|dissolv\w*|dry|dries)\b/i, 'time'],
  [/\b(warm\w*|hot|hotter|cold\w*|cool\w*|heat)\b/i, 'temperature'],
  [/\b(heavy|heavier|weigh\w*|mass)\b/i, 'mass'],
  [/\b(soak\w*|absorb\w*|hold\w*|drink\w*|leak\w*|evaporat\w*)\b/i, 'amount of water'],
  [/\b(strong\w*|pull\w*|push\w*|grip\w*|stick\w*|stretch\w*)\b/i, 'pulling force'],
  [/\b(many|number|count\w*|clips|seeds|beats)\b/i, 'number counted'],
  [/\b(shadow\w*|long|longer|longest|length)\b/i, 'length'],
]

/**
 * What a question seems to ask to be measured, from its words; at most three, the first word first.
 * @example suggestMeasures('Why do wet balls bounce lower and slide less far?') // ['height', 'distance']
 */
export function suggestMeasures(question: string): string[] {
  return measures
    .flatMap(([wording, measure]) => {
      const at = question.search(wording)
      return at < 0 ? [] : [{ at, measure }]
    })
    .sort((a, b) => a.at - b.at)
    .slice(0, 3)
    .map((one) => one.measure)
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
