import { checkOwnWords, lessonOf, lessonTexts, parseTexts, splitCause } from '#core/ownWords'
import { parseWords } from '#core/ownWords/grammar'
import { lessonFound } from './lessonFound'
import type { OwnWords, Said, Truth } from './said'

/** A sentence of the corpus, and what the check made of it. */
export interface Checked {
  text: string
  truth: Truth
  /** Kept back while the rules were written: every third. */
  held: boolean
  understood: boolean
  /** What was said of it as a whole. */
  fit: ReturnType<typeof checkOwnWords>['fit']
}

/** Checks every sentence of a corpus beside what was found. */
export function checkCorpus(corpus: readonly OwnWords[]): Checked[] {
  let count = 0
  return corpus.flatMap((own) => {
    const { plan, evidence } = lessonFound(own)
    const lesson = lessonOf(plan, parseTexts(lessonTexts(plan), parseWords))
    const check = ({ text, truth }: Said, held: boolean): Checked => {
      const { fit, parts } = checkOwnWords(lesson, parseWords(splitCause(text).said), evidence)
      const understood = parts.length > 0 && parts.every((part) => part.statements !== null)
      return { text, truth, held, understood, fit }
    }
    return [
      ...own.sentences.map((one) => check(one, count++ % 3 === 2)),
      ...own.later.map((one) => check(one, false)),
    ]
  })
}
