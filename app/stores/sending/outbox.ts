import { acceptHMRUpdate, defineStore } from 'pinia'
import { reviewKey } from '#core/review'
import { applyEvent } from '#shared/lesson/applyEvent'
import type { LessonDto } from '#shared/types/api'
import { request } from '~/api/request'
import { byTime, pendingActs, actKey, type Act, type PendingAct } from './pendingActs'
import { sendingQueue, type Refused } from './sendingQueue'

/** The lesson as it will be once the server has told of an act. */
function withAct(lesson: LessonDto, { act, at }: PendingAct): LessonDto {
  const { seq } = lesson
  if (act.kind === 'note') return applyEvent(lesson, { kind: 'note', note: act.note, seq })
  if (act.kind === 'note-removed') return applyEvent(lesson, { kind: 'note-removed', id: act.note.id, seq })
  if (act.kind === 'review' || act.kind === 'review-answer') {
    const { lessonId: _lesson, kind: _kind, was: _was, ...said } = act
    const before = lesson.reviews.find((one) => reviewKey(one) === reviewKey(act))
    const review = { convinced: '', question: '', answer: '', madeAt: at, removed: false, ...before, ...said }
    return applyEvent(lesson, { kind: 'review', review, seq })
  }
  const { groupId, seat, answer, because, step = 'before' } = act
  const known = lesson.entries.filter((entry) => entry.groupId === groupId).length
  const late = step === 'before' && known > 0
  const prediction = { groupId, seat, answer, because, madeAt: at, late, step, known }
  return applyEvent(lesson, { kind: 'prediction', prediction, seq })
}

/** How an act is sent; each is the same however often it comes. */
function sendAct(act: Act): Promise<unknown> {
  const id = act.lessonId
  if (act.kind === 'prediction') {
    const { groupId, seat, answer, because, step = 'before' } = act
    return request('PUT', '/api/lessons/:id/predictions/:groupId', {
      params: { id, groupId },
      body: { seat, answer, because, step },
    })
  }
  if (act.kind === 'review') {
    const { byGroupId: groupId, ofGroupId: hostId, convinced, question, was } = act
    return request('PUT', '/api/lessons/:id/reviews/:groupId/:hostId', {
      params: { id, groupId, hostId },
      body: { convinced, question, ...(was ? { was } : {}) },
    })
  }
  if (act.kind === 'review-answer') {
    const { byGroupId: groupId, ofGroupId: hostId, answer, was } = act
    return request('PUT', '/api/lessons/:id/reviews/:groupId/:hostId/answer', {
      params: { id, groupId, hostId },
      body: { answer, ...(was === undefined ? {} : { was }) },
    })
  }
  const { id: noteId, ...body } = act.note
  const params = { id, noteId }
  return act.kind === 'note'
    ? request('PUT', '/api/lessons/:id/notes/:noteId', { params, body })
    : request('DELETE', '/api/lessons/:id/notes/:noteId', { params })
}

/**
 * Predictions, notes and what groups leave with each other, on their way to the server. They are kept in the browser until the server has them or refuses them, so that a
 * lost connection, a server in trouble or a closed lid loses nothing.
 */
export const useOutbox = defineStore('outbox', () => {
  const queue = sendingQueue<PendingAct>({
    waiting: pendingActs.waiting,
    refusedStore: pendingActs.refused,
    keyOf: ({ act }) => actKey(act),
    lessonOf: ({ act }) => act.lessonId,
    inOrder: byTime,
    send: (_lessonId, items) => Promise.all(items.map(({ act }) => sendAct(act))),
    // What is to be taken off and is not there has been taken off.
    isDone: ({ act }, error) => act.kind === 'note-removed' && error.status === 404,
    isCurrent: (one) => pendingActs.waiting.find(one)?.at === one.at,
  })
  const { waiting, refused, offline, flush, dismiss } = queue

  const send = (act: Act): Promise<void> => queue.add({ act, at: new Date().toISOString() })

  /** Sends what was refused once more, now knowingly in the place of what stands there. */
  function sendAgain(one: Refused<PendingAct>): Promise<void> {
    void dismiss(one)
    return send('was' in one.act ? { ...one.act, was: undefined } : one.act)
  }

  /** A lesson as it will be once everything has arrived. */
  const withWaiting = (lesson: LessonDto): LessonDto =>
    waiting.value.filter(({ act }) => act.lessonId === lesson.id).reduce(withAct, lesson)

  return { waiting, refused, offline, send, flush, dismiss, sendAgain, withWaiting }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useOutbox, import.meta.hot))
