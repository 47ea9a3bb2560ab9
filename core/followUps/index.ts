export { followUps, type FollowUp } from './followUps'
