export { scoresOf } from './scoresOf'
export { comparisonOf, weighLesson } from './weighLesson'
