/** A word of a sentence, as the grammar reads it. */
export interface ParsedWord {
  /** As it was typed. */
  text: string
  /** In small letters, contractions written out: "didn't" is two words. */
  normal: string
  /** Verbs in their plain form, nouns in the singular; the normal form where it has none. */
  root: string
  /** The number that the word says, in digits or words. */
  value: number | null
  /** The signs that follow it, as far as they part sentences: ". , ; ! ?" or a dash. */
  stop: string
}
