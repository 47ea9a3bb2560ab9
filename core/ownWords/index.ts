export { checkOwnWords, type OwnWordsCheck } from './checkOwnWords'
export type { CheckedPart } from './checkedPart'
export { claimOf, judgeStatement } from './judgeStatement'
export type { StatementFit } from './statementFit'
export {
  lessonOf,
  lessonTexts,
  parseTexts,
  type LessonTexts,
  type ParsedLesson,
  type ParsedTexts,
} from './parsedLesson'
export type { ParsedWord } from './parsedWord'
export { readSentence, type Reading, type ReadPart } from './readSentence'
export { asksWhatIsBest, asksWhichEnd, isSaidOfReadings, withMeaning } from './partReason'
export { splitCause } from './splitCause'
export type { Statement } from './statement'
export { statementWords } from './statementWords'
