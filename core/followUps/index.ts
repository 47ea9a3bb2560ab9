export { followUps, type FollowUp, type LessonFacts } from './followUps'
export { hardToKeep, type TroubleTexts } from './hardToKeep'
