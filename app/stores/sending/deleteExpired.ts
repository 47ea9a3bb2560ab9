import { browserStore, keysWithPrefix } from './browserStore'
import { draftLifetime } from './draftText'
import { isObject, parsed } from './readKept'

/** What is offered again for a while only: texts that were half typed, and words that were not saved. */
const forAWhile = ['jolly-beaker-typed-', 'jolly-beaker-draft-']

/** Removes what nobody came back for, wherever it was typed; to be called once when the application stands. */
export function deleteExpired(now = Date.now()): void {
  const { store } = browserStore()
  for (const key of keysWithPrefix(...forAWhile)) {
    const kept = parsed(store.getItem(key) ?? '')
    if (isObject(kept) && typeof kept.at === 'number' && now - kept.at > draftLifetime) store.removeItem(key)
  }
}
