import type { EntrySource, Slot } from '../entries'

/** What an observation is: seen, heard or felt, or supposed. */
export type ObservationKind = 'noticed' | 'guessed'

/** Both kinds, in the order in which a list offers them. */
export const observationKinds: readonly ObservationKind[] = ['noticed', 'guessed']

/** The place in the test that an observation is about: a try of a level, at a moment. */
export type ObservedPlace = Omit<Slot, 'groupId'>

/** What somebody saw beside all that is measured, in words, as a sketch or on a photo. */
export interface Observation {
  /** Made by the device that took it, so that sending it twice is harmless. */
  id: string
  /** Null where the whole class saw it. */
  groupId: string | null
  kind: ObservationKind
  /** May be empty where there is a picture. */
  text: string
  /** Identifier of a photo or sketch. */
  picture: string | null
  /** There was a picture, and somebody has deleted it for good. */
  pictureDeleted: boolean
  /** Null where it is about the test as a whole. */
  about: ObservedPlace | null
  source: EntrySource
  /** When it was seen, ISO 8601. */
  seenAt: string
  /** A teacher has put it up for the whole room to see. */
  onBoard: boolean
  /** It was taken off; it stays in the journal and can be put back. */
  removed: boolean
}

/** The most that one lesson keeps and one observation says. */
export const observationLimits = { count: 300, letters: 400 } as const

/**
 * The observations with one more, or with one of them changed, in the order in which they were seen.
 * @example withObservation([late], early) // [early, late]
 */
export function withObservation(all: readonly Observation[], one: Observation): Observation[] {
  return [...all.filter((other) => other.id !== one.id), one].sort(
    (a, b) => Date.parse(a.seenAt) - Date.parse(b.seenAt) || a.id.localeCompare(b.id),
  )
}

/**
 * Those that still stand, and of them only what the whole room may see where that is asked for.
 * @example standingObservations([{ removed: true, ...seen }]) // []
 */
export function standingObservations(
  all: readonly Observation[],
  where: 'everywhere' | 'board' = 'everywhere',
): Observation[] {
  return all.filter((one) => !one.removed && (where === 'everywhere' || one.onBoard))
}

/**
 * What a group has to show of one place of its test, such as the sketch of what it altered before a round.
 * @example observationsAt(all, { groupId: 'leaf', levelId: 'round-2', tryNumber: 1, moment: '' }) // [sketch]
 */
export function observationsAt(all: readonly Observation[], slot: Slot): Observation[] {
  return standingObservations(all).filter(
    ({ groupId, about }) =>
      groupId === slot.groupId &&
      about !== null &&
      about.levelId === slot.levelId &&
      about.tryNumber === slot.tryNumber &&
      about.moment === slot.moment,
  )
}
