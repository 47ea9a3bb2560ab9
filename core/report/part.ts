import type { Conclusion } from '../conclusion'
import type { Evidence } from '../evidence'
import type { Entry } from '../entries'
import type { KitLine } from '../kit'
import type { LessonResult } from '../lesson'
import type { Plan, ScienceWord } from '../plan'
import type { Vocabulary } from '../class'

export type PaperKind = 'report' | 'method' | 'poster' | 'journal'

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
  /** What was seen, with a picture, and is on the Board. */
  photos: readonly SeenThing[]
  /** The entries that stand and count. */
  counted: readonly Entry[]
  /** What one group, or one child of it, has of its own; null on papers of the class. */
  own: OwnRecord | null
  choices: PaperChoices
}

/** What was seen or supposed, in words, on a picture, or both. */
export interface SeenThing {
  text: string
  /** Identifier of a photo or sketch. */
  picture: string | null
}

/** What a group, or one child of it, has for its journal. */
export interface OwnRecord {
  groupId: string
  /** The place of the group in its class, from 0. */
  groupIndex: number
  /** Which child's it is; 0 where it is the group's. */
  seat: number
  predictions: readonly string[]
  noticed: readonly SeenThing[]
  guessed: readonly SeenThing[]
  /** What was left by groups that looked at its work, and what it left with others, a line for each. */
  visits: readonly string[]
}

/** What is left to the children on a paper. */
export interface PaperChoices {
  /** Whether what is worked out is there, or left for them to do. */
  sums: 'shown' | 'left'
  /** The chart as it came out, only its axes to draw on, or a blank space. */
  chart: 'drawn' | 'axes' | 'blank'
}

/** Nothing is left to the children. */
export const everythingShown: PaperChoices = { sums: 'shown', chart: 'drawn' }

/** A table on paper; an empty cell is to be written in. */
export interface PaperTable {
  caption: string
  head: readonly string[]
  rows: readonly (readonly string[])[]
}

/** What a part of a paper holds; figures are drawn by whoever shows it. */
export type PartBody =
  | { kind: 'text'; paragraphs: readonly string[] }
  | { kind: 'list'; items: readonly string[]; isNumbered: boolean }
  | { kind: 'tables'; tables: readonly PaperTable[] }
  | { kind: 'words'; words: readonly ScienceWord[] }
  | { kind: 'pictures'; items: readonly SeenThing[] }
  | { kind: 'figure'; figure: 'bench' }
  | { kind: 'chart'; how: PaperChoices['chart'] }
  /** Room for the children: lines to write on, or none, to draw. */
  | { kind: 'room'; lines: number }

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
  | 'tested'
  | 'answer'
  | 'showed'
  | 'own-prediction'
  | 'own-readings'
  | 'noticed'
  | 'guessed'
  | 'visits'
  | 'draw'
  | 'now'
