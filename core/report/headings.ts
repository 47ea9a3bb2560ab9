import type { Vocabulary } from '../class'
import type { PartId } from './part'

/** The headings in a child's words. */
const plain: Record<PartId, string> = {
  question: 'Our question',
  background: 'What it is about',
  prediction: 'What we predicted',
  variables: 'What we changed, measured and kept the same',
  materials: 'What we needed',
  prepare: 'What we got ready',
  method: 'What we did',
  bench: 'Our test',
  cautions: 'How we stayed safe',
  table: 'What we measured',
  chart: 'Our results as a picture',
  photos: 'What we saw',
  found: 'What we found out',
  sure: 'How sure we are',
  wrong: 'What went wrong',
  why: 'Our idea why',
  dissent: 'Seen differently',
  better: 'What we would do better',
  next: 'What we want to know next',
  words: 'Words of science',
}

/** What a card says to those who are going to do it. */
const toDo: Partial<Record<PartId, string>> = {
  question: 'The question',
  variables: 'What to change, measure and keep the same',
  materials: 'What you need',
  prepare: 'Get ready',
  method: 'What to do',
  bench: 'The test',
  cautions: 'Take care',
}

/** Those that a school with the usual terms of a report writes instead. */
const formal: Partial<Record<PartId, string>> = {
  question: 'Question',
  background: 'Background',
  prediction: 'Prediction',
  variables: 'Variables',
  materials: 'Materials',
  prepare: 'Preparation',
  method: 'Method',
  bench: 'Set-up',
  cautions: 'Safety',
  table: 'Results',
  chart: 'Chart',
  photos: 'Observations',
  found: 'Conclusion',
  sure: 'How sure we are',
  wrong: 'What went wrong',
  why: 'Our idea why',
  better: 'Improvements',
  next: 'Next question',
  words: 'Words',
}

/**
 * The heading of a part in the school's vocabulary.
 * @param isToDo whether the paper is for those who are going to do it
 * @example headingOf('materials', 'formal', false) // 'Materials'
 * @example headingOf('materials', 'plain', true) // 'What you need'
 */
export const headingOf = (id: PartId, vocabulary: Vocabulary, isToDo: boolean): string =>
  (vocabulary !== 'plain' ? formal[id] : isToDo ? toDo[id] : undefined) ?? plain[id]
