/** A word of science that children learn to use, in the words of their age. */
export interface ScienceWord {
  word: string
  meaning: string
  /** A sentence in which it is used. */
  use: string
}

/** What a test is about: for the teacher to know beforehand, and the words that children may use. */
export interface Background {
  /** What children can do or know afterwards. */
  goal: string
  science: string
  /** What children often think. */
  misconceptions: string
  /** Questions to ask. */
  questions: string
  surprises: string
  words: ScienceWord[]
}

/** Nothing written yet. */
export const noBackground: Background = {
  ...{ goal: '', science: '', misconceptions: '', questions: '', surprises: '' },
  words: [],
}

/** What is for the teacher alone: nobody should read the answer off a screen in the room. */
const teachersOwn = ['science', 'misconceptions', 'questions', 'surprises'] as const

/**
 * The background as children may see it: the goal and the words.
 * @example forChildren({ ...noBackground, science: 'Friction slows it down.' }).science // ''
 */
export const forChildren = (background: Background): Background => ({
  ...background,
  ...Object.fromEntries(teachersOwn.map((field) => [field, ''])),
})
