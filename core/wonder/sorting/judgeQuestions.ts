import type { QuestionSort } from '../note'
import { sortQuestion } from './sortQuestion'
import type { QuestionTable } from './table'

/** A question of a table, how it can be answered, and how it was sorted. */
export interface JudgedQuestion {
  text: string
  sort: QuestionSort
  given: QuestionSort | null
}

/** Sorts every question of a table. */
export const judgeQuestions = (table: QuestionTable): JudgedQuestion[] =>
  Object.entries(table).flatMap(([sort, texts]) =>
    texts.map((text) => ({ text, sort: sort as QuestionSort, given: sortQuestion(text) })),
  )
