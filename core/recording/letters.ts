import { levelName, orderedLevels, type Level, type Plan } from '../plan'

/**
 * The letter by which a level goes where several are told at once: A for the first in the order of comparison.
 * @example letterOf(plan, 'h40') // 'B'
 */
export function letterOf(plan: Pick<Plan, 'changed' | 'levels'>, levelId: string): string {
  const place = orderedLevels(plan).findIndex((level) => level.id === levelId)
  return place < 0 ? '?' : letterAt(place)
}

/** The letter of a place in the order of comparison, counted from 0. */
export const letterAt = (place: number): string => String.fromCharCode(65 + place)

/**
 * The levels with their letters, for those who type them: "A wool, B foil".
 * @example lettersSaid(plan) // 'A 20 cm, B 40 cm, C 60 cm'
 */
export function lettersSaid(plan: Pick<Plan, 'changed' | 'levels'>): string {
  return orderedLevels(plan)
    .map((level, place) => `${letterAt(place)} ${levelName(plan, level)}`)
    .join(', ')
}

/**
 * The level that a text means: by its letter, its name, or its identifier. A single letter is always a letter, whatever the levels are
 * called.
 * @returns null where none is called that
 * @example levelMeant(plan, 'b')?.id // 'h40'
 */
export function levelMeant(plan: Pick<Plan, 'changed' | 'levels'>, text: string): Level | null {
  const meant = text.trim().toLowerCase()
  const levels = orderedLevels(plan)
  return (
    levels.find((_, place) => letterAt(place).toLowerCase() === meant) ??
    levels.find((level) => levelName(plan, level).toLowerCase() === meant) ??
    levels.find((level) => level.id === text.trim()) ??
    null
  )
}
