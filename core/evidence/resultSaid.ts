/** One honest sentence on what the data say, and why it may be said: a line each, the weightiest first. */
export interface ResultSentence {
  sentence: string
  reasons: string[]
}
