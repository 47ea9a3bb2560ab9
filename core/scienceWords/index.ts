export { findWords, wordsUsed, type UsedWord } from './findWords'
