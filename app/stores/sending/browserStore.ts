import { storageFailed } from './storageFailed'

type Store = Pick<Storage, 'length' | 'key' | 'getItem' | 'setItem' | 'removeItem'>

/** What stands in for the store of a browser that forbids it: it lasts as long as the page. */
const onPage = new Map<string, string>()
const pageStore: Store = {
  get length() {
    return onPage.size
  },
  key: (index) => [...onPage.keys()][index] ?? null,
  getItem: (key) => onPage.get(key) ?? null,
  setItem: (key, text) => void onPage.set(key, text),
  removeItem: (key) => void onPage.delete(key),
}

/** This browser's own store; where it is forbidden, one that lasts as long as the page, and the page says so where something waits. */
export function browserStore(): { store: Store; lasts: boolean } {
  try {
    // To ask for it is forbidden already.
    const store = globalThis.localStorage
    void store.length
    return { store, lasts: true }
  } catch {
    storageFailed.value = true
    return { store: pageStore, lasts: false }
  }
}

/** The keys of all that is kept under one of these beginnings. */
export function keysWithPrefix(...starts: string[]): string[] {
  const { store } = browserStore()
  const keys = Array.from({ length: store.length }, (_, index) => store.key(index))
  // Another tab may take some away meanwhile.
  return keys.filter((key) => key !== null).filter((key) => starts.some((start) => key.startsWith(start)))
}
