import { browserStore, keysWithPrefix } from './browserStore'

/** What this version of the pages keeps; what a later one kept is left for it. */
export const keptVersion = 1

const aside = 'jolly-beaker-not-understood-'

/**
 * Reads what this browser keeps under a beginning. What cannot be understood, because it was cut short or somebody changed it, is moved
 * aside under another name: it must not keep the page from opening, and it is not thrown away.
 * @param understand gives back null for what it cannot understand
 */
export function readKept<Kept>(start: string, understand: (kept: unknown) => Kept | null): Kept[] {
  const { store } = browserStore()
  return keysWithPrefix(start).flatMap((key) => {
    const text = store.getItem(key) ?? ''
    const kept = parsed(text)
    if (isObject(kept) && Number(kept.version ?? 0) > keptVersion) return []
    const understood = understand(kept)
    if (understood !== null) return [understood]
    store.setItem(aside + key, text)
    store.removeItem(key)
    return []
  })
}

export const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Null for what is no JSON: it was cut short, or somebody changed it. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
