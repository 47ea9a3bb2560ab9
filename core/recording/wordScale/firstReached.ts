/** A word that was seen at a time: its place on the scale, from 0. */
export interface SeenWord {
  at: number
  place: number
}

/**
 * When a word was first reached, or passed: the first time at which it was seen. Nobody looked in between, so it is no earlier than the
 * look before.
 * @param seen in the order of time
 * @returns Infinity where it was never seen
 * @example firstReached([{ at: 1, place: 0 }, { at: 3, place: 2 }], 1) // 3
 */
export function firstReached(seen: readonly SeenWord[], place: number): number {
  return seen.find((one) => one.place >= place)?.at ?? Infinity
}
