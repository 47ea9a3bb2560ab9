import type { Unit } from '../quantity'

/** Why an entry does not count. */
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

/** Which device an entry came from. */
export type EntrySource = 'sheet' | 'desk' | 'import' | 'demo'

/** One thing that a person saw: as it was typed, and as it was understood. */
export interface EntryField {
  typed: string
  given: Given
  /** A number in the unit that the entry was read in, or a word of the way's own. */
  value: number | string
}

/** What an entry was read with, so that it keeps its meaning when the plan goes on to another instrument. */
export interface ReadWith {
  instrument: string
  unit: Unit
  mark: number
}

/** One place where an entry goes. */
export interface Slot {
  groupId: string
  /** Null where all levels are seen at once, as in a race. */
  levelId: string | null
  /** The try, heat or round, from 1. */
  tryNumber: number
  /** When within the try: "before", "10 min", a day; empty where there is only one moment. */
  moment: string
}

/**
 * What a person saw at one place, field by field. It is never changed: a correction is a new entry that names the
 * one it supersedes, and so is setting an entry aside.
 */
export interface Entry extends Slot {
  /** Made by the device that took it, so that sending it twice is harmless. */
  id: string
  /** By the names of the way's fields; empty only where a try was spoilt before anything could be read. */
  fields: Record<string, EntryField>
  /** What somebody wants to say about it: "pressed the button late". */
  note: string
  /** Null where nothing was read with an instrument. */
  readWith: ReadWith | null
  status: 'counted' | 'set-aside'
  reason: string
  source: EntrySource
  /** When it was taken, ISO 8601. */
  takenAt: string
  supersedes: string | null
}

/**
 * A slot as one text, for use as a key.
 * @example slotKey({ groupId: 'g', levelId: 'l', tryNumber: 2, moment: '' }) // 'g|l|2|'
 */
export function slotKey({ groupId, levelId, tryNumber, moment }: Slot): string {
  return `${groupId}|${levelId ?? ''}|${tryNumber}|${moment}`
}

/**
 * Whether something kept on a device can be shown as an entry and sent; whether it is a right one is for the server to say, aloud.
 * @example isEntry({ ...entry, fields: null }) // false
 */
export function isEntry(one: unknown): one is Entry {
  if (typeof one !== 'object' || one === null) return false
  const { id, groupId, levelId, tryNumber, moment, takenAt, fields } = one as Record<string, unknown>
  return (
    [id, groupId, moment, takenAt].every((text) => typeof text === 'string') &&
    (levelId === null || typeof levelId === 'string') &&
    typeof tryNumber === 'number' &&
    typeof fields === 'object' &&
    fields !== null &&
    Object.values(fields).every(
      (field: unknown) => typeof (field as { typed?: unknown } | null)?.typed === 'string',
    )
  )
}
