export { scoredPlan } from './scoredPlan'
export { scoresOf } from './scoresOf'
export { weighLesson } from './weighLesson'
