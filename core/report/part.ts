import type { Conclusion } from '../conclusion'
import type { Evidence } from '../evidence'
import type { KitLine } from '../kit'
import type { LessonResult } from '../lesson'
import type { Plan, ScienceWord } from '../plan'
import type { Vocabulary } from '../class'

/** What is known of a lesson when its papers are made. */
export interface ReportFacts {
  plan: Plan
  /** The plan as its results are measured (`scoredPlan`). */
  scored: Plan
  vocabulary: Vocabulary
  groups: readonly { id: string; name: string }[]
  /** The kit of the class. */
  lines: readonly KitLine[]
  /** The plan's sentences (`methodText`). */
  method: string
  /** How often, from the same sentences (`triesText`). */
  tries: string
  /** What each group, or the class, predicted: a sentence each. */
  predictions: readonly string[]
  /** How many had predicted what came; empty for nobody. */
  predicted: string
  evidence: Evidence
  found: LessonResult
  /** The class's answer, or what was found while it has none. */
  said: string
  /** What the result should be read beside. */
  caveats: readonly string[]
  conclusion: Conclusion
  /** The usual cautions, a sentence each. */
  cautions: readonly string[]
}

/** What a part of a paper holds; figures are drawn by whoever shows it. */
export type PartBody =
  | { kind: 'text'; paragraphs: readonly string[] }
  | { kind: 'list'; items: readonly string[]; isNumbered: boolean }
  | { kind: 'table'; caption: string; head: readonly string[]; rows: readonly (readonly string[])[] }
  | { kind: 'words'; words: readonly ScienceWord[] }
  | { kind: 'figure'; figure: 'bench' | 'chart' | 'photos' }

/** A part of a paper under its heading. */
export interface ReportPart {
  id: PartId
  heading: string
  body: PartBody
}

/** Everything that a paper can consist of. */
export type PartId =
  | 'question'
  | 'background'
  | 'prediction'
  | 'variables'
  | 'materials'
  | 'prepare'
  | 'method'
  | 'bench'
  | 'cautions'
  | 'table'
  | 'chart'
  | 'photos'
  | 'found'
  | 'sure'
  | 'wrong'
  | 'why'
  | 'dissent'
  | 'better'
  | 'next'
  | 'words'
