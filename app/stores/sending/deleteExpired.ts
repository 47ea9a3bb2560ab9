import { browserStore, keysUnder } from './browserStore'
import { keptFor } from './draftText'
import { isObject, parsed } from './readKept'

/** What is offered again for a while only: texts that were half typed, and words that were not saved. */
const forAWhile = ['jolly-beaker-typed-', 'jolly-beaker-draft-']

/** Removes what nobody came back for, wherever it was typed; to be called once when the application stands. */
export function forgetOld(now = Date.now()): void {
  const { store } = browserStore()
  for (const key of keysUnder(...forAWhile)) {
    const kept = parsed(store.getItem(key) ?? '')
    if (isObject(kept) && typeof kept.at === 'number' && now - kept.at > keptFor) store.removeItem(key)
  }
}
