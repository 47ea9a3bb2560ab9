import { shallowRef } from 'vue'

const mostSteps = 60
/** Edits of one field that follow each other within this time (ms) are undone together. */
const together = 2000

/** What a document was before each edit, newest last. */
export function undoSteps<Doc>() {
  const past = shallowRef<Doc[]>([])
  let last = { key: '', at: 0 }

  /** @param key what is edited; quick edits of the same are one step */
  function remember(before: Doc, key = ''): void {
    const quick = key !== '' && key === last.key && Date.now() - last.at < together
    if (!quick) past.value = [...past.value.slice(-mostSteps), before]
    last = { key, at: Date.now() }
  }

  /** The newest of them, which is then no longer kept. */
  function back(): Doc | undefined {
    const before = past.value.at(-1)
    past.value = past.value.slice(0, -1)
    last = { key: '', at: 0 }
    return before
  }

  function forget(): void {
    past.value = []
  }

  return { past, remember, back, forget }
}
