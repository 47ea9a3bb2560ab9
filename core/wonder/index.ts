export * from './note'
export { guessHint, sortingHint } from './guessHint'
export {
  nextQuestions,
  suggestMeasures,
  suggestSort,
  testability,
  type QuestionParts,
  type Testability,
} from './question'
