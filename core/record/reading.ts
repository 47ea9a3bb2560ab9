/** Why a reading does not count. */
export const setAsideReasons = [
  'pushed or bumped',
  'started late or early',
  'read wrongly',
  'equipment slipped or broke',
  'typed by mistake',
  'something else',
] as const

/**
 * How a value came from what was typed: read from it, chosen where the text reads two ways, or taken from a suggestion that
 * another value was meant.
 */
export type Given = 'typed' | 'chosen' | 'suggested'

/** Which device a reading came from. */
export type ReadingSource = 'sheet' | 'desk' | 'import' | 'demo'

/**
 * One recorded value. It is never changed: a correction is a new reading that names the one it supersedes,
 * and so is setting a reading aside.
 */
export interface Reading {
  /** Made by the device that took the reading, so that sending it twice is harmless. */
  id: string
  groupId: string
  levelId: string
  /** The try at this level, from 1. */
  tryNumber: number
  /** In the unit of what is measured; null only when a try was spoilt before it could be read. */
  value: number | null
  /** What was typed, as it was typed. */
  typed: string
  given: Given
  status: 'counted' | 'set-aside'
  reason: string
  source: ReadingSource
  /** When it was taken, ISO 8601. */
  takenAt: string
  supersedes: string | null
}

/** One place for a counted reading: a try of a level by a group. */
export interface Slot {
  groupId: string
  levelId: string
  tryNumber: number
}

/**
 * A slot as one text, for use as a key.
 * @example slotKey({ groupId: 'g', levelId: 'l', tryNumber: 2 }) // 'g|l|2'
 */
export function slotKey({ groupId, levelId, tryNumber }: Slot): string {
  return `${groupId}|${levelId}|${tryNumber}`
}
