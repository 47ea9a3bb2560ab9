export { checkOwnWords, type CheckedPart, type OwnWordsCheck } from './checkOwnWords'
export { claimOf, judgeStatement, type StatementFit } from './judgeStatement'
export {
  lessonOf,
  lessonTexts,
  parseTexts,
  type LessonTexts,
  type ParsedLesson,
  type ParsedTexts,
} from './lesson'
export type { ParsedWord } from './parsedWord'
export { readSentence, type Reading, type ReadPart } from './readSentence'
export { asksWhatIsBest, asksWhichEnd, isSaidOfReadings, withMeaning } from './partReason'
export { splitCause } from './splitCause'
export type { Statement } from './statement'
export { statementWords } from './statementWords'
