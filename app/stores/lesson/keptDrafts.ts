import { isObject } from '../sending/readKept'
import { draftLifetime } from '../sending/draftText'
import { pendingStore } from '../sending/pendingStore'
import type { Draft } from './draft'

interface KeptDraft<Doc> {
  lessonId: string
  draft: Draft<Doc>
  at: number
}

/** What was typed into a document of a lesson and is not with the server yet, kept in this browser. */
export interface KeptDrafts<Doc> {
  put: (lessonId: string, draft: Draft<Doc>) => void
  find: (lessonId: string) => Draft<Doc> | null
  remove: (lessonId: string) => void
}

/**
 * Keeps drafts of one kind of document in this browser for a fortnight.
 * @param what the document
 * @param isDoc whether it is one as this version of the pages writes it
 */
export function keptDrafts<Doc extends object>(
  what: string,
  isDoc: (doc: object) => boolean,
): KeptDrafts<Doc> {
  const kept = pendingStore<KeptDraft<Doc>>(
    `jolly-beaker-draft-${what}-`,
    ({ lessonId }) => lessonId,
    (one) => (isKept(one) ? one : null),
  )
  const isKept = (one: unknown): one is KeptDraft<Doc> =>
    isObject(one) &&
    typeof one.at === 'number' &&
    isObject(one.draft) &&
    typeof one.draft.version === 'number' &&
    [one.draft.doc, one.draft.base].every((doc) => isObject(doc) && isDoc(doc))
  /** Enough to be found by. */
  const named = (lessonId: string) => ({ lessonId }) as KeptDraft<Doc>
  return {
    put: (lessonId, draft) => void kept.put({ lessonId, draft, at: Date.now() }),
    find(lessonId) {
      const found = kept.find(named(lessonId))
      if (found && Date.now() - found.at <= draftLifetime) return found.draft
      kept.remove(named(lessonId))
      return null
    },
    remove: (lessonId) => kept.remove(named(lessonId)),
  }
}
