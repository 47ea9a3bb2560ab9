export { adjectiveForm, adjectiveWords, formsOf, type AdjectiveForm, type Degree } from './degrees'
export { endWords, type EndWords } from './endWords'
export { endSaid, gaveMore, gaveMost, measureWent, type Comparative } from './gave'
export { extraSaid, levelSaid, valueSaid } from './levelSaid'
export { levelGaveMore, levelGaveMost, saysWhere } from './levelsGave'
export { nounOf } from './nounOf'
export { predicateOf } from './predicate'
export { moreOf, trendPhrase } from './trendPhrase'
export {
  comparativePhrase,
  correlative,
  superlativePhrase,
  wordsFor,
  type VariableWords,
} from './variableWords'
export { changedSign, measuredSign, scalesOf, verbSign, type Sign } from './polarity'
export { adjectives, endOf, type ScaleName } from './scales'
