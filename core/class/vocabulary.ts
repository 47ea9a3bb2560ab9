/** Which words a school uses for the three kinds of variable. */
export const vocabularyKinds = ['plain', 'formal', 'tested'] as const
export type Vocabulary = (typeof vocabularyKinds)[number]

/** The words for the three kinds of variable, as they stand in a sentence. */
export interface VariableWords {
  changed: string
  measured: string
  keptSame: string
}

const words: Record<Vocabulary, VariableWords> = {
  plain: { changed: 'what we change', measured: 'what we measure', keptSame: 'what we keep the same' },
  formal: {
    changed: 'the independent variable',
    measured: 'the dependent variable',
    keptSame: 'the control variables',
  },
  tested: {
    changed: 'the test variable',
    measured: 'the outcome variable',
    keptSame: 'the controlled variables',
  },
}

/**
 * The school's words for the three kinds of variable.
 * @example variableWords('plain').changed // 'what we change'
 */
export function variableWords(vocabulary: Vocabulary): VariableWords {
  return words[vocabulary]
}
