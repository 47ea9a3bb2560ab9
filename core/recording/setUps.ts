import { slotStates, type Entry } from '../record'

/** How many of the entries that count were read with one instrument. */
export interface SetUp {
  instrument: string
  entries: number
}

/**
 * The instruments that the entries which count were read with, the most used first. More than one tells that the set-up
 * changed while the lesson was under way.
 * @example setUps(entries).map((one) => one.instrument) // ['metre stick', 'tape measure']
 */
export function setUps(entries: readonly Entry[]): SetUp[] {
  const counts = new Map<string, number>()
  for (const { counted } of slotStates(entries).values())
    if (counted?.readWith) {
      const { instrument } = counted.readWith
      counts.set(instrument, (counts.get(instrument) ?? 0) + 1)
    }
  return [...counts]
    .map(([instrument, count]) => ({ instrument, entries: count }))
    .sort((a, b) => b.entries - a.entries)
}
