import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { RequestProblem } from '../../api/request'

/** Milliseconds after the last edit. */
const saveAfter = 350
const tryAgainAfter = 3000

/** What the server is known to have of a document that every screen may write in. */
interface Held<Doc> {
  lessonId: string
  doc: Doc
  version: number
}

/** What was typed here and is not saved yet, and what it was typed on. */
interface Draft<Doc> {
  doc: Doc
  base: Doc
  version: number
}

interface Saving<Doc> {
  held: () => Held<Doc> | null
  /** Saves over a version; gives back the new one. A conflict is another screen's having saved first. */
  save: (lessonId: string, doc: Doc, version: number) => Promise<number>
  /** Notes what the server has now. */
  saved: (doc: Doc, version: number) => void
  /** Fetches what the server has; says whether that went well. */
  fetch: (lessonId: string) => Promise<boolean>
  /** What becomes of a draft whose document another screen has changed, now that theirs is held. */
  theyWereFirst: (draft: Draft<Doc>) => void
  /** Tells why nothing was saved. */
  refused: (error: unknown) => void
}

/**
 * A document that is typed into here and saved a moment later, over the version that it was typed on. One save at a time: a second one
 * must know the version that the first one made.
 */
export function versionedDraft<Doc extends object>(on: Saving<Doc>) {
  const draft = shallowRef<Draft<Doc> | null>(null)
  const state = ref<'saved' | 'waiting' | 'refused'>('saved')
  let saving: Promise<void> = Promise.resolve()
  /** Whether what was refused last may be sent once more as it is. */
  let passes = false
  const saveSoon = useDebounceFn(() => (saving = saving.then(save)), saveAfter)

  function edit(doc: Doc): void {
    const held = on.held()
    if (!held) return
    draft.value = { base: held.doc, version: held.version, ...draft.value, doc }
    state.value = 'waiting'
    void saveSoon()
  }

  function forget(): void {
    draft.value = null
    state.value = 'saved'
  }

  async function save(): Promise<void> {
    const sent = draft.value
    const lessonId = on.held()?.lessonId
    if (!sent || !lessonId) return
    const stillOpen = () => on.held()?.lessonId === lessonId
    try {
      const version = await on.save(lessonId, sent.doc, sent.version)
      if (!stillOpen()) return
      on.saved(sent.doc, version)
      // What was typed meanwhile stands on what has just been saved.
      const now = draft.value
      if (!now || now.doc === sent.doc) forget()
      else draft.value = { doc: now.doc, base: sent.doc, version }
    } catch (error) {
      if (!stillOpen()) return on.refused(error)
      state.value = 'refused'
      passes = error instanceof RequestProblem && error.passes
      if (error instanceof RequestProblem && isConflict(error)) return await takeTheirs(lessonId)
      on.refused(error)
      if (passes) tryAgain()
    }
  }

  async function takeTheirs(lessonId: string): Promise<void> {
    if (!(await on.fetch(lessonId))) return tryAgain()
    const mine = draft.value
    if (!mine || on.held()?.lessonId !== lessonId) return
    forget()
    on.theyWereFirst(mine)
  }

  const tryAgain = () => void setTimeout(() => void saveSoon(), tryAgainAfter)

  /** Saves at once what is not saved yet, for the lesson to be left; what the server fails at now is sent until it has it. */
  async function leave(): Promise<void> {
    const lessonId = on.held()?.lessonId
    await (saving = saving.then(save))
    const left = draft.value
    if (lessonId && left && passes) sendUntilThere(lessonId, left)
    forget()
  }

  function sendUntilThere(lessonId: string, left: Draft<Doc>): void {
    setTimeout(() => {
      on.save(lessonId, left.doc, left.version).catch((error: unknown) => {
        if (error instanceof RequestProblem && error.passes) sendUntilThere(lessonId, left)
        else on.refused(error)
      })
    }, tryAgainAfter)
  }

  return { draft, state, edit, leave }
}

/** A conflict that points at fields is about what was sent, whoever else has saved. */
const isConflict = ({ problem }: RequestProblem) => problem.code === 'conflict' && problem.fields.length === 0
