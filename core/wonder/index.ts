export * from './note'
export { guessHint, sortingHint } from './guessHint'
export {
  asksForRounds,
  judgingWord,
  nextQuestions,
  testability,
  type QuestionParts,
  type Testability,
} from './question'
export { suggestParts, type SuggestedParts } from './suggestParts'
export { sortQuestion } from './sorting/sortQuestion'
