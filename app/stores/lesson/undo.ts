import { shallowRef } from 'vue'

const mostSteps = 60
/** Edits of one field that follow each other within this time (ms) are undone together. */
const together = 2000

/** One edit: what the document was, and what it became. */
export interface Step<Doc> {
  before: Doc
  after: Doc
}

/** The edits of a document made on this screen, newest last. */
export function undoSteps<Doc>() {
  const past = shallowRef<Step<Doc>[]>([])
  let last = { key: '', at: 0 }

  /** @param key what is edited; quick edits of the same are one step */
  function remember({ before, after }: Step<Doc>, key = ''): void {
    const quick = key !== '' && key === last.key && Date.now() - last.at < together
    const newest = quick ? past.value.at(-1) : undefined
    const earlier = newest ? past.value.slice(0, -1) : past.value.slice(-mostSteps)
    past.value = [...earlier, { before: newest?.before ?? before, after }]
    last = { key, at: Date.now() }
  }

  /** The newest of them, which is then no longer kept. */
  function back(): Step<Doc> | undefined {
    const newest = past.value.at(-1)
    past.value = past.value.slice(0, -1)
    last = { key: '', at: 0 }
    return newest
  }

  function forget(): void {
    past.value = []
  }

  return { past, remember, back, forget }
}
