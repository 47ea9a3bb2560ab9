import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { applyEvent } from '#shared/lesson/applyEvent'
import type { LessonDto } from '#shared/types/api'
import { request, RequestProblem } from '~/api/request'
import { byTime, pendingActs, actKey, type Act, type PendingAct } from './pendingActs'
import { sender } from './sender'

/** The lesson as it will be once the server has told of an act. */
function withAct(lesson: LessonDto, { act, at }: PendingAct): LessonDto {
  const { seq } = lesson
  if (act.kind === 'note') return applyEvent(lesson, { kind: 'note', note: act.note, seq })
  if (act.kind === 'note-removed') return applyEvent(lesson, { kind: 'note-removed', id: act.note.id, seq })
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
  const { id: noteId, ...body } = act.note
  const params = { id, noteId }
  return act.kind === 'note'
    ? request('PUT', '/api/lessons/:id/notes/:noteId', { params, body })
    : request('DELETE', '/api/lessons/:id/notes/:noteId', { params })
}

/**
 * Predictions and notes on their way to the server. They are kept in the browser until the server has them or refuses them, so that a
 * lost connection, a server in trouble or a closed lid loses nothing.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = shallowRef<PendingAct[]>(pendingActs.waiting.all().sort(byTime))
  const refused = shallowRef<PendingAct[]>(pendingActs.refused.all().sort(byTime))
  /** Those that this browser keeps nowhere else. */
  const here = new WeakSet<PendingAct>()
  let undone: (lessonId: string) => void = () => {}
  const { offline, flush } = sender({ waiting: () => waiting.value, deliver })

  const without = (all: readonly PendingAct[], act: Act) =>
    all.filter((one) => actKey(one.act) !== actKey(act))

  function send(act: Act): Promise<void> {
    const kept = { act, at: new Date().toISOString() }
    if (!pendingActs.waiting.put(kept)) here.add(kept)
    waiting.value = [...without(waiting.value, act), kept]
    return flush()
  }

  async function deliver(one: PendingAct): Promise<[PendingAct]> {
    // Another tab may have sent it, or done something newer.
    if (!here.has(one) && pendingActs.waiting.find(one)?.at !== one.at) {
      leave(one)
      return [one]
    }
    try {
      await sendAct(one.act)
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      // What was done anew meanwhile is on its way, and this is no longer wanted.
      if (error.passes || !waiting.value.includes(one)) return [one]
      // What is to be taken off and is not there has been taken off.
      if (one.act.kind !== 'note-removed' || error.status !== 404) refuse({ ...one, message: error.message })
    }
    // What was changed once more while it was on its way stays.
    if (!waiting.value.includes(one)) return [one]
    pendingActs.waiting.remove(one)
    leave(one)
    if (refused.value.some((other) => other.at === one.at)) undone(one.act.lessonId)
    return [one]
  }

  const leave = (one: PendingAct) => void (waiting.value = waiting.value.filter((other) => other !== one))

  function refuse(kept: PendingAct): void {
    pendingActs.refused.put(kept)
    refused.value = [...without(refused.value, kept.act), kept]
  }

  function dismiss(kept: PendingAct): void {
    pendingActs.refused.remove(kept)
    refused.value = without(refused.value, kept.act)
  }

  function sendAgain(one: PendingAct): Promise<void> {
    dismiss(one)
    return send(one.act)
  }

  /** A lesson as it will be once everything has arrived. */
  const withWaiting = (lesson: LessonDto): LessonDto =>
    waiting.value.filter(({ act }) => act.lessonId === lesson.id).reduce(withAct, lesson)

  /** Says what is to be done when something that is shown was refused. */
  const onUndone = (act: typeof undone) => void (undone = act)

  return { waiting, refused, offline, send, flush, dismiss, sendAgain, withWaiting, onUndone }
})
