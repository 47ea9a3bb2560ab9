import { shallowRef } from 'vue'
import type { Clash } from './mergeByField'

/** What two screens have changed in different ways: theirs is shown until somebody has chosen. */
export interface DocumentClash extends Clash {
  of: 'plan' | 'conclusion'
}

/**
 * The clashes of the open lesson that nobody has settled yet.
 * @param putMine puts the text of this screen in the place of the other's
 * @param settled called when none of a document is left
 */
export function documentClashes(
  putMine: (clash: DocumentClash) => void,
  settled: (of: DocumentClash['of']) => void,
) {
  const clashes = shallowRef<DocumentClash[]>([])

  /** Asks about them; one that was asked about already is asked about as it is now. */
  function ask(of: DocumentClash['of'], found: readonly Clash[]): void {
    const places = new Set(found.map(({ path }) => path.join('/')))
    const others = clashes.value.filter((one) => one.of !== of || !places.has(one.path.join('/')))
    clashes.value = [...others, ...found.map((one) => ({ ...one, of }))]
  }

  /** Keeps one of the two texts. */
  function choose(chosen: DocumentClash, whose: 'mine' | 'theirs'): void {
    clashes.value = clashes.value.filter((one) => one !== chosen)
    if (whose === 'mine') putMine(chosen)
    if (clashes.value.every(({ of }) => of !== chosen.of)) settled(chosen.of)
  }

  function forget(): void {
    clashes.value = []
  }

  return { clashes, ask, choose, forget }
}
