import type { Plan } from '../plan'
import { usesInstrument } from '../recording'

/** Something that a group may say of another's work in one press; its id says what it is about, so that it can have a picture. */
export interface Phrase {
  id: PhraseId
  words: string
}

export type PhraseId =
  | 'tries'
  | 'same-way'
  | 'close'
  | 'agrees'
  | 'wrote'
  | 'how'
  | 'kept'
  | 'odd'
  | 'surprise'
  | 'right'
  | 'unknown'
  | 'next-time'

/**
 * What may convince a group of another's work, to be chosen where writing is slow. Whether it is so is for the children to see.
 * @example convincingPhrases(plan)[0].words // 'They tried everything 3 times.'
 */
export function convincingPhrases(plan: Plan): Phrase[] {
  const { tries } = plan
  const phrases: Phrase[] = []
  if (tries > 1)
    phrases.push({
      id: 'tries',
      words: tries === 2 ? 'They tried everything twice.' : `They tried everything ${tries} times.`,
    })
  phrases.push({ id: 'same-way', words: 'They did it the same way each time.' })
  if (tries > 1 && usesInstrument(plan))
    phrases.push({ id: 'close', words: 'Their numbers are close together.' })
  return [
    ...phrases,
    { id: 'agrees', words: 'We found the same.' },
    { id: 'wrote', words: 'They wrote down what went wrong.' },
  ]
}

/**
 * What a group may ask another.
 * @example questionPhrases()[0].words // 'How exactly did you do it?'
 */
export const questionPhrases = (): Phrase[] => [
  { id: 'how', words: 'How exactly did you do it?' },
  { id: 'kept', words: 'What did you keep the same?' },
  { id: 'odd', words: 'Why is one so different?' },
  { id: 'surprise', words: 'What surprised you?' },
]

/**
 * What a group may answer where it has nothing to explain.
 * @example answerPhrases()[0].words // 'You’re right.'
 */
export const answerPhrases = (): Phrase[] => [
  { id: 'right', words: 'You’re right.' },
  { id: 'unknown', words: 'We don’t know yet.' },
  { id: 'next-time', words: 'Next time we’d do it another way.' },
]
