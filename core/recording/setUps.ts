import { unitDefinition } from '../quantity'
import type { Entry } from '../entries'

/** How many of the entries that count were read with one instrument. */
export interface SetUp {
  instrument: string
  entries: number
}

/**
 * The instruments that the entries which count were read with, the most used first: a list for each kind of quantity. More than one in
 * a list tells that the set-up changed while the lesson was under way.
 * @example setUps([{ ...entry, readWith: readWithOf(plan, '') }])[0][0].instrument // 'metre stick'
 */
export function setUps(counted: readonly Entry[]): SetUp[][] {
  const kinds = new Map<string, Map<string, number>>()
  for (const { readWith } of counted)
    if (readWith) {
      const { instrument, unit } = readWith
      const { dimension } = unitDefinition(unit)
      const counts = kinds.get(dimension) ?? new Map<string, number>()
      kinds.set(dimension, counts.set(instrument, (counts.get(instrument) ?? 0) + 1))
    }
  return [...kinds.values()].map((counts) =>
    [...counts]
      .map(([instrument, count]) => ({ instrument, entries: count }))
      .sort((a, b) => b.entries - a.entries),
  )
}
