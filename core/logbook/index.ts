export { findLesson, type FoundIn } from './findLesson'
export { schoolYear } from './schoolYear'
export { searchedTexts, type SearchedPlace, type SearchedTexts } from './searchedTexts'
export { metIn, yearRows, type TestedLesson, type YearRow } from './yearTable'
