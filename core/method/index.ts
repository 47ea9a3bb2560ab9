export { methodOf, methodText, methodWords, triesText } from './methodOf'
export { choiceEffects, tooFewInstruments, type ChoiceEffect } from './choiceEffects'
export { levelsSaid } from './changedClause'
export { articleBefore, theNamed } from './named'
export {
  wordOfFinding,
  type MethodContext,
  type MethodSentence,
  type MethodWord,
  type WordChoice,
  type WordEdit,
  type WordId,
} from './word'
