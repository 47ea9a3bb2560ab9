import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import type { Role } from '../role'

/** What some words do together, and how many they are. */
export interface Found {
  length: number
  roles: Role[]
}

/** Reads the words of a sentence from one place on; null where they are something else. */
export type Reader = (lesson: ParsedLesson, words: readonly ParsedWord[], at: number) => Found | null

/** What one word does. */
export const oneWord = (...roles: Role[]): Found => ({ length: 1, roles })
