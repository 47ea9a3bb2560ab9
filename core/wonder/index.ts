export * from './note'
export { guessHint, toSort } from './guessHint'
export {
  nextQuestions,
  suggestMeasures,
  suggestSort,
  testability,
  type QuestionParts,
  type Testability,
} from './question'
