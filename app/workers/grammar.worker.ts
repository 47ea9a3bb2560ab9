import { parseTexts, type LessonTexts, type ParsedTexts, type ParsedWord } from '#core/ownWords'
import { parseWords } from '#core/ownWords/grammar'

/** A sentence to be parsed, and the texts of the lesson that it is about. */
export interface GrammarOrder {
  number: number
  sentence: string
  texts: LessonTexts
}

export interface GrammarNews {
  number: number
  words: ParsedWord[]
  texts: ParsedTexts
}

onmessage = ({ data: { number, sentence, texts } }: MessageEvent<GrammarOrder>) => {
  const news: GrammarNews = { number, words: parseWords(sentence), texts: parseTexts(texts, parseWords) }
  postMessage(news)
}
