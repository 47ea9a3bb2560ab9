export { weighEvidence, type Evidence } from './evidence'
export type { Comparison, Judging, WorthNoticing } from './comparison'
export type { Score, ScoreScale } from './score'
export { cellsOf, levelResults, type Cell, type LevelResult } from './cells'
export { summariseCell, type CellSummary } from './cellSummary'
export { emptyTable, levelMeans, summarise, tableOf, type ScoreTable } from './scoreTable'
export { coverageOf, type Coverage } from './coverage'
export { judgeTrend, testedLevels, type Direction, type TrendJudgement } from './judgeTrend'
export { judgeKinds, type KindsJudgement } from './judgeKinds'
export { openDifference, worthNoticing } from './noDifference'
export { rankLevels, tiedOrder, type Ranking } from './rankLevels'
export { pairTest, type PairTest } from './pairTest'
export { shiftInterval, type Interval } from './shiftInterval'
export { levelEffects, type LevelEffects } from './levelEffects'
export { turningSteps, type Step } from './steps'
export { mostLiesWithin, shapeOf, type Shape, type TrendPath } from './shape'
export { leaderAgreement, trendAgreement, type Agreement } from './agreement'
export type { TrendEvidence } from './trendEvidence'
export type { KindsEvidence } from './kindsEvidence'
export { resultSentence } from './resultSentence'
export type { ResultSentence } from './resultSaid'
export {
  clearAt,
  leaningAt,
  verdictOf,
  type Because,
  type CarriedBy,
  type Verdict,
  type VerdictWord,
} from './verdict'
export { joinedChance, type JoinedChance } from './joinedChance'
export { pageTrend, type TrendTest } from './pageTrend'
export { jonckheere, jonckheereOf } from './jonckheere'
export { friedman, type DifferenceTest } from './friedman'
export { signedRank, signedRankCut } from './signedRank'
export { contrastTest } from './contrastTest'
export { levelFit, contrast, type LevelFit } from './levelFit'
export { chiSquareTail, edgeworthTail, normalTail, studentTail } from './tails'
export { theilSen } from './theilSen'
export { oddReadings, oddScore, type OddReading } from './oddReadings'
export { medianPolish, type Polish } from './medianPolish'
export { groupOffsets, type GroupOffset } from './groupOffsets'
export { residualModel, type ResidualModel } from './residualModel'
