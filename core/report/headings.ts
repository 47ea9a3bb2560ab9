import type { Vocabulary } from '../class'
import type { PaperKind, PartId } from './part'

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
  wrong: 'What to keep in mind',
  why: 'Our idea why',
  dissent: 'Seen differently',
  better: 'What we would do better',
  next: 'What we want to know next',
  words: 'Words of science',
  tested: 'How we tested',
  answer: 'Our answer',
  showed: 'What the test showed',
  'own-prediction': 'Our prediction',
  'own-readings': 'Our readings',
  noticed: 'We noticed',
  guessed: 'We guess',
  visits: 'When we looked at each other’s work',
  draw: 'Room to draw',
  now: 'I think now',
}

/** What a paper says in its own way: a card speaks to those who are going to do it. */
const ofPaper: Record<PaperKind, Partial<Record<PartId, string>>> = {
  report: {},
  poster: { better: 'Next time we would', next: 'Our next question' },
  journal: { answer: 'What we found out', words: 'Words' },
  method: {
    question: 'The question',
    variables: 'What to change, measure and keep the same',
    materials: 'What you need',
    prepare: 'Get ready',
    method: 'What to do',
    bench: 'The test',
    cautions: 'Take care',
  },
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
  wrong: 'Limits of the test',
  why: 'Our idea why',
  better: 'Improvements',
  next: 'Next question',
  words: 'Words',
  tested: 'Method',
  answer: 'Conclusion',
  'own-prediction': 'Prediction',
  'own-readings': 'Results',
}

/**
 * The heading of a part in the school's vocabulary.
 * @param seat of the child whose paper it is; 0 where it is a group's
 * @example headingOf('materials', 'formal', 'report') // 'Materials'
 * @example headingOf('materials', 'plain', 'method') // 'What you need'
 */
export function headingOf(id: PartId, vocabulary: Vocabulary, paper: PaperKind, seat = 0): string {
  if (vocabulary !== 'plain' && formal[id] !== undefined) return formal[id]
  if (id === 'own-prediction' && seat > 0) return 'My prediction'
  return ofPaper[paper][id] ?? plain[id]
}
