import type { CustomValidator } from 'joi'

/** What an item is known by; undefined is like nothing. */
type ItemKey = (item: unknown) => unknown

/**
 * No two items of a list may have the same key: the item itself, one of its fields, or what is made of it. Found in one pass, where
 * Joi's own rule compares each with each.
 */
export function distinct(key: string | ItemKey = (item) => item): CustomValidator<unknown[]> {
  const keyOf: ItemKey =
    typeof key === 'string' ? (item) => (item as Record<string, unknown> | null)?.[key] : key
  return (list, helpers) => {
    const seen = new Set<unknown>()
    for (const [index, item] of list.entries()) {
      const own = keyOf(item)
      if (own === undefined) continue
      if (seen.has(own)) {
        // Told at the second of the two, as Joi does it.
        const at = helpers.state.localize?.([...(helpers.state.path ?? []), index])
        return helpers.error('array.unique', { pos: index }, at)
      }
      seen.add(own)
    }
    return list
  }
}

/** What a thing of a list is called, whatever its capitals; what is no such thing at all is told elsewhere. */
export function nameKey(thing: unknown): string | undefined {
  const name = (thing as { name?: unknown } | null)?.name
  return typeof name === 'string' ? name.toLowerCase() : undefined
}
