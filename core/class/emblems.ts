/** The emblems that groups go by. Shape, colour and word all differ from one to the next. */
export const emblemIds = [
  'leaf',
  'bell',
  'key',
  'fish',
  'moon',
  'anchor',
  'feather',
  'umbrella',
  'cloud',
  'flower',
  'mushroom',
  'kite',
] as const

/** A group's sign: the same on tray cards, sheets, charts and the Board. */
export type EmblemId = (typeof emblemIds)[number]

/** The fewest and the most groups that a class can be split into. */
export const groupLimits = { fewest: 2, most: 12 } as const

/**
 * The word of an emblem, which is also the name of a group that has chosen none of its own.
 * @example emblemWord('leaf') // 'Leaf'
 */
export function emblemWord(emblem: EmblemId): string {
  return emblem.charAt(0).toUpperCase() + emblem.slice(1)
}

/**
 * The first emblem that no group has taken.
 * @throws RangeError when all twelve are taken.
 * @example freeEmblem(['leaf']) // 'bell'
 */
export function freeEmblem(taken: readonly EmblemId[]): EmblemId {
  const free = emblemIds.find((emblem) => !taken.includes(emblem))
  if (!free) throw new RangeError(`all ${emblemIds.length} emblems are taken`)
  return free
}
