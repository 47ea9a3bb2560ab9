export { adjectiveForm, adjectiveWords, formsOf, type AdjectiveForm, type Degree } from './degrees'
export { calledForm, calledForms, calledLetters, withCalled } from './called'
export { endWords, type EndWords } from './endWords'
export { endSaid, gaveMore, gaveMost, measureWent, moreSaid, type Comparative } from './gave'
export { extraSaid, levelSaid, valueSaid } from './levelSaid'
export { levelGaveMore, levelGaveMost, saysWhere } from './levelsGave'
export { nounOf } from './nounOf'
export { predicateOf } from './predicate'
export { sideClause, sideGaveMore, sideSaid } from './sideWords'
export { moreChanged, moreOf, trendPhrase, whateverPhrase } from './trendPhrase'
export {
  comparativePhrase,
  correlative,
  superlativePhrase,
  hasOwnWords,
  wordsFor,
  type VariableWords,
} from './variableWords'
export { changedSign, measuredSign, scalesOf, verbSign } from './polarity'
export type { Sign } from './sign'
export { adjectives, endOf, type ScaleName } from './scales'
