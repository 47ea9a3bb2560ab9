import { pendingStore } from './pendingStore'
import { isObject } from './readKept'

/** Milliseconds after which what nobody came back for is no longer offered. */
export const draftLifetime = 14 * 24 * 60 * 60 * 1000

/** A text that somebody has begun to type and not sent. */
interface HalfTyped {
  /** The lesson, and the place in it, with "|" between. */
  key: string
  text: string
  at: number
}

const kept = pendingStore<HalfTyped>(
  'jolly-beaker-typed-',
  ({ key }) => key,
  (one) => (isHalfTyped(one) ? one : null),
)

const isHalfTyped = (one: unknown): one is HalfTyped =>
  isObject(one) && typeof one.key === 'string' && typeof one.text === 'string' && typeof one.at === 'number'

/** What was typed at a place of a lesson and not sent; empty where nothing was, or too long ago. */
export function draftTextAt(key: string): string {
  const found = kept.find({ key, text: '', at: 0 })
  if (!found) return ''
  if (Date.now() - found.at <= draftLifetime) return found.text
  kept.remove(found)
  return ''
}

/** Keeps a text in this browser until it is sent; an empty one is none. */
export function saveDraftText(key: string, text: string): void {
  const one = { key, text, at: Date.now() }
  if (text === '') kept.remove(one)
  else kept.put(one)
}

/** All that was typed in a lesson and not sent, by key. */
export const draftTextsIn = (lessonId: string): Map<string, string> =>
  new Map(
    kept
      .all()
      .filter(({ key, at }) => key.startsWith(`${lessonId}|`) && Date.now() - at <= draftLifetime)
      .map(({ key, text }) => [key, text]),
  )

/** A lesson has ended: whoever takes the tablet next begins anew. */
export function deleteDraftTexts(lessonId: string): void {
  for (const key of draftTextsIn(lessonId).keys()) saveDraftText(key, '')
}
