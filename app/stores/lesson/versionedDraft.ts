import { useDebounceFn } from '@vueuse/core'
import isSame from 'fast-deep-equal'
import { ref, shallowRef } from 'vue'
import { newId } from '#core/plan'
import { RequestProblem } from '~/api/request'
import type { Draft, Held, Save } from './draft'
import type { KeptDrafts } from './keptDrafts'
import { mergeByField, type Clash } from './mergeByField'

/** Milliseconds after the last edit. */
const saveAfter = 350
const tryAgainAfter = 3000

interface Saving<Doc> {
  /** The lesson that is open, and what the server has of it; null while none is. */
  held: () => (Held<Doc> & { lessonId: string }) | null
  /** Saves over a version; gives back the new one. A conflict is another screen's having saved first. */
  save: (lessonId: string, save: Save<Doc>) => Promise<number>
  /** Notes what the server has now. */
  saved: (doc: Doc, version: number) => void
  /** Fetches what the server has into what is held; says whether that went well. */
  fetch: (lessonId: string) => Promise<boolean>
  /** What the server has of a lesson that is not open any more. */
  ask: (lessonId: string) => Promise<Held<Doc>>
  /** Another screen has changed the same: theirs is shown, and what was typed here must not be lost. */
  clashed: (clashes: Clash[]) => void
  /** Tells why nothing was saved. */
  refused: (error: unknown) => void
  /** What was not sent yet outlives the page here. */
  kept: KeptDrafts<Doc>
}

/**
 * A document that is typed into here and saved a moment later, over the version that it was typed on. One save at a time: a second one
 * must know the version that the first one made. What another screen has changed meanwhile is brought together with it, field by field.
 */
export function versionedDraft<Doc extends object>(on: Saving<Doc>) {
  const draft = shallowRef<Draft<Doc> | null>(null)
  const state = ref<'saved' | 'waiting' | 'refused'>('saved')
  let saving: Promise<void> = Promise.resolve()
  /** What was sent and may have arrived, while no answer says so: it is sent again as it was, before anything else. */
  let trackPending: Save<Doc> | null = null
  /** What clashes with another screen's until the teacher has chosen; it outlives the page in place of what follows it. */
  let unsettled: Draft<Doc> | null = null
  /** Whether what was refused last may be sent once more as it is. */
  let passes = false
  const saveSoon = useDebounceFn(() => (saving = saving.then(save)), saveAfter)

  function put(next: Draft<Doc>): void {
    const held = on.held()
    if (!held) return
    draft.value = next
    state.value = 'waiting'
    on.kept.put(held.lessonId, unsettled ?? next)
    void saveSoon()
  }

  function edit(doc: Doc): void {
    const held = on.held()
    if (held) put({ base: held.doc, version: held.version, ...draft.value, doc })
  }

  function forget(): void {
    draft.value = null
    state.value = 'saved'
    keepWhatIsLeft()
  }

  function keepWhatIsLeft(): void {
    const [held, left] = [on.held(), unsettled ?? draft.value]
    if (held && left) on.kept.put(held.lessonId, left)
    else if (held) on.kept.remove(held.lessonId)
  }

  /** The teacher has chosen wherever two screens clashed. */
  function settle(): void {
    unsettled = null
    keepWhatIsLeft()
  }

  async function save(): Promise<void> {
    const lessonId = on.held()?.lessonId
    if (!draft.value || !lessonId) return
    const sent = (trackPending ??= { id: newId(), doc: draft.value.doc, version: draft.value.version })
    const stillOpen = () => on.held()?.lessonId === lessonId
    try {
      const version = await on.save(lessonId, sent)
      trackPending = null
      if (!stillOpen()) return
      on.saved(sent.doc, version)
      // What was typed meanwhile stands on what has just been saved.
      const now = draft.value
      if (!now || isSame(now.doc, sent.doc)) return forget()
      put({ doc: now.doc, base: sent.doc, version })
      bringTogether()
    } catch (error) {
      passes = error instanceof RequestProblem && error.passes
      if (!passes) trackPending = null
      if (!stillOpen()) return on.refused(error)
      state.value = 'refused'
      if (isConflict(error)) return await takeTheirs(lessonId)
      on.refused(error)
      if (passes) tryAgain()
    }
  }

  async function takeTheirs(lessonId: string): Promise<void> {
    if (!(await on.fetch(lessonId))) return tryAgain()
    if (on.held()?.lessonId === lessonId) bringTogether()
  }

  /** Puts what was typed here on top of what the server has now; to be called when another screen's has been heard of. */
  function bringTogether(): void {
    const [mine, theirs] = [draft.value, on.held()]
    // What is under way may be what was heard of.
    if (!mine || !theirs || trackPending || theirs.version === mine.version) return
    const { merged, clashes } = mergeByField(mine.base, mine.doc, theirs.doc)
    if (clashes.length > 0) unsettled = mine
    if (isSame(merged, theirs.doc)) forget()
    else put({ doc: merged, base: theirs.doc, version: theirs.version })
    if (clashes.length > 0) on.clashed(clashes)
  }

  /** Takes up what a page that was closed had not sent yet; to be called once, when a lesson is opened: another tab may be typing. */
  function takeUp(): void {
    const held = on.held()
    const left = held && !draft.value ? on.kept.find(held.lessonId) : null
    if (!held || !left) return
    if (left.version === held.version) return put(left)
    draft.value = left
    bringTogether()
  }

  const tryAgain = () => void setTimeout(() => void saveSoon(), tryAgainAfter)

  /** Saves at once what is not saved yet, for the lesson to be left; what the server fails at now is sent until it has it. */
  async function leave(): Promise<void> {
    const lessonId = on.held()?.lessonId
    await (saving = saving.then(save))
    const left = draft.value
    if (lessonId && left && passes) sendUntilThere(lessonId, left, trackPending)
    trackPending = null
    unsettled = null
    draft.value = null
    state.value = 'saved'
  }

  function sendUntilThere(lessonId: string, left: Draft<Doc>, first: Save<Doc> | null): void {
    const next = first ?? { id: newId(), doc: left.doc, version: left.version }
    setTimeout(() => {
      on.save(lessonId, next)
        .then((version) => {
          if (isSame(next.doc, left.doc)) on.kept.remove(lessonId)
          else sendUntilThere(lessonId, { doc: left.doc, base: next.doc, version }, null)
        })
        .catch(async (error: unknown) => {
          if (error instanceof RequestProblem && error.passes) return sendUntilThere(lessonId, left, next)
          if (!isConflict(error)) return on.refused(error)
          const theirs = await on.ask(lessonId)
          const { merged, clashes } = mergeByField(left.base, left.doc, theirs.doc)
          // What clashes stays in this browser, and is asked about when the lesson is opened again.
          if (clashes.length > 0) return on.refused(error)
          sendUntilThere(lessonId, { doc: merged, base: theirs.doc, version: theirs.version }, null)
        })
        .catch(on.refused)
    }, tryAgainAfter)
  }

  return { draft, state, edit, leave, bringTogether, takeUp, settle }
}

/** A conflict that points at fields is about what was sent, whoever else has saved. */
const isConflict = (error: unknown): boolean =>
  error instanceof RequestProblem && error.problem.code === 'conflict' && error.problem.fields.length === 0
