export { ageBands, type AgeBand } from './ageBand'
export { emblemIds, emblemWord, freeEmblem, groupLimits, type EmblemId } from './emblems'
export { firstNameProblem, type NameProblem } from './firstName'
export { variableWords, type VariableWords, type Vocabulary, vocabularyKinds } from './vocabulary'
