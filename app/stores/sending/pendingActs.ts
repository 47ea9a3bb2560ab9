import type { PredictionAnswer } from '#core/conclusion'
import type { PredictionStep } from '#core/plan'
import { reviewKey, type Review, type ReviewPair } from '#core/review'
import type { Note } from '#core/wonder'
import { pendingStore } from './pendingStore'
import { isObject } from './readKept'

/** What somebody did that is on its way to the server; the newest of one key is the one that counts. */
export type Act = { lessonId: string } & (
  | {
      kind: 'prediction'
      groupId: string
      seat: number
      answer: PredictionAnswer
      because: string
      /** Before testing, where an earlier page said nothing. */
      step?: PredictionStep
    }
  | { kind: 'note'; note: Note }
  | { kind: 'note-removed'; note: Note }
  /** With what was seen there before, unless it is to take the place of whatever stands there now. */
  | ({ kind: 'review'; was?: ReviewTexts } & ReviewPair & ReviewTexts)
  | ({ kind: 'review-answer'; was?: string } & ReviewPair & Pick<Review, 'answer'>)
)

type ReviewTexts = Pick<Review, 'convinced' | 'question'>

/** An act with when it was done, and why it was refused if it was. */
export interface PendingAct {
  act: Act
  at: string
  message?: string
}

/** What an act is about: a later one about the same takes its place. */
export function actKey(act: Act): string {
  switch (act.kind) {
    case 'prediction':
      return `${act.lessonId}|prediction|${act.groupId}|${act.seat}|${act.step ?? 'before'}`
    case 'note':
    case 'note-removed':
      return `${act.lessonId}|note|${act.note.id}`
    case 'review':
    case 'review-answer':
      return `${act.lessonId}|${act.kind}|${reviewKey(act)}`
  }
}

const storeFor = (state: string) =>
  pendingStore<PendingAct>(`jolly-beaker-act-${state}-`, ({ act }) => actKey(act), parseAct)

/** Acts on their way to the server, and those that it has refused. */
export const pendingActs = { waiting: storeFor('waiting'), refused: storeFor('refused') }

/** In the order in which they were done. */
export const byTime = (a: PendingAct, b: PendingAct) => a.at.localeCompare(b.at)

function parseAct(kept: unknown): PendingAct | null {
  if (!isObject(kept) || typeof kept.at !== 'string' || !isAct(kept.act)) return null
  const { act, at, message } = kept
  return { act, at, ...(typeof message === 'string' ? { message } : {}) }
}

function isAct(act: unknown): act is Act {
  if (!isObject(act) || typeof act.lessonId !== 'string') return false
  if (act.kind === 'prediction')
    return (
      typeof act.groupId === 'string' &&
      typeof act.seat === 'number' &&
      typeof act.because === 'string' &&
      isObject(act.answer)
    )
  const areTexts = (...all: unknown[]) => all.every((one) => typeof one === 'string')
  if (act.kind === 'review') return areTexts(act.byGroupId, act.ofGroupId, act.convinced, act.question)
  if (act.kind === 'review-answer') return areTexts(act.byGroupId, act.ofGroupId, act.answer)
  return (
    (act.kind === 'note' || act.kind === 'note-removed') &&
    isObject(act.note) &&
    areTexts(act.note.id, act.note.kind, act.note.text)
  )
}
