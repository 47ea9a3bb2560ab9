import type { Conclusion } from '../conclusion'
import type { LessonResult } from './lessonResult'

/** What the texts of a poster are made from. */
export interface PosterFacts {
  conclusion: Conclusion
  found: LessonResult
  /** The class's answer, or what was found while it has none. */
  said: string
  /** How many predicted what came. */
  predicted: string
  /** What the result should be read beside. */
  caveats: readonly string[]
}

/** One text of a poster under its heading; a section without a paragraph is left out. */
export interface PosterSection {
  id: string
  heading: string
  size: 'large' | 'medium' | 'usual' | 'small'
  paragraphs: string[]
}

/** The sections from top to bottom: a new one is one more line here. */
const sections: readonly (Omit<PosterSection, 'paragraphs'> & { text: (facts: PosterFacts) => string[] })[] =
  [
    { id: 'answer', heading: 'Our answer', size: 'large', text: ({ said }) => [said] },
    {
      id: 'why',
      heading: 'Our idea why',
      size: 'usual',
      text: ({ conclusion: { why } }) => (why ? [why, 'It is an idea: this test did not check it.'] : []),
    },
    {
      id: 'showed',
      heading: 'What the test showed',
      size: 'small',
      text: ({ found, said, predicted, caveats }) => [
        // The reasons stand under the sentence that they belong to, which may not be the class's own.
        joined(
          said === found.sentence ? '' : found.sentence,
          ...found.reasons.slice(0, 2),
          found.detail,
          predicted,
        ),
        joined(...caveats),
      ],
    },
    {
      id: 'dissent',
      heading: 'Seen differently',
      size: 'usual',
      text: ({ conclusion }) => [conclusion.dissent],
    },
    {
      id: 'better',
      heading: 'Next time we would',
      size: 'usual',
      text: ({ conclusion }) => [conclusion.better],
    },
    {
      id: 'next',
      heading: 'Our next question',
      size: 'medium',
      text: ({ conclusion }) => [conclusion.nextQuestion],
    },
  ]

const joined = (...texts: string[]) => texts.filter((text) => text !== '').join(' ')

/**
 * What a poster says beneath its chart, from top to bottom.
 * @example posterSections(facts)[0] // { id: 'answer', heading: 'Our answer', size: 'large', paragraphs: ['It bounced higher.'] }
 */
export function posterSections(facts: PosterFacts): PosterSection[] {
  return sections
    .map(({ text, ...section }) => ({
      ...section,
      paragraphs: text(facts).filter((paragraph) => paragraph !== ''),
    }))
    .filter(({ paragraphs }) => paragraphs.length > 0)
}
