export { scoresOf } from './scoresOf'
export { comparisonOf, weighLesson, worthNoticingIn } from './weighLesson'
