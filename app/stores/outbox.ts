import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { applyEvent } from '#shared/lesson/applyEvent'
import type { LessonDto } from '#shared/types/api'
import { request, RequestProblem } from '../api/request'
import { backingOff } from './backingOff'
import { keptActs, keyOfAct, type Act, type KeptAct } from './keptActs'

/** The lesson as it will be once the server has told of an act. */
function withAct(lesson: LessonDto, { act, at }: KeptAct): LessonDto {
  const { seq } = lesson
  if (act.kind === 'note') return applyEvent(lesson, { kind: 'note', note: act.note, seq })
  if (act.kind === 'note-removed') return applyEvent(lesson, { kind: 'note-removed', id: act.note.id, seq })
  const { groupId, seat, answer, because } = act
  const late = lesson.entries.some((entry) => entry.groupId === groupId)
  const prediction = { groupId, seat, answer, because, madeAt: at, late }
  return applyEvent(lesson, { kind: 'prediction', prediction, seq })
}

/** How an act is sent; each is the same however often it comes. */
function sendAct(act: Act): Promise<unknown> {
  const id = act.lessonId
  if (act.kind === 'prediction') {
    const { groupId, seat, answer, because } = act
    return request('PUT', '/api/lessons/:id/predictions/:groupId', {
      params: { id, groupId },
      body: { seat, answer, because },
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
  const waiting = shallowRef<KeptAct[]>(keptActs.all('waiting'))
  const refused = shallowRef<KeptAct[]>(keptActs.all('refused'))
  /** Whether what waits does not get through. */
  const offline = ref(false)
  /** Those that this browser keeps nowhere else. */
  const here = new WeakSet<KeptAct>()
  let busy = false
  let undone: (lessonId: string) => void = () => {}
  const retry = backingOff(() => void flush())

  const without = (all: readonly KeptAct[], act: Act) =>
    all.filter((one) => keyOfAct(one.act) !== keyOfAct(act))

  function send(act: Act): Promise<void> {
    const kept = { act, at: new Date().toISOString() }
    if (!keptActs.put('waiting', kept)) here.add(kept)
    waiting.value = [...without(waiting.value, act), kept]
    return flush()
  }

  async function flush(): Promise<void> {
    if (busy) return
    busy = true
    const tried = new Set<KeptAct>()
    const untried = () => waiting.value.find((one) => !tried.has(one))
    try {
      for (let one = untried(); one; one = untried()) {
        tried.add(one)
        await deliver(one)
      }
      offline.value = waiting.value.length > 0
    } catch {
      offline.value = true
    } finally {
      busy = false
    }
    if (waiting.value.length === 0) retry.well()
    else retry.again()
  }

  /** One that the server fails at waits for the next time and holds up no other. */
  async function deliver(one: KeptAct): Promise<void> {
    if (!here.has(one) && !keptActs.isNewest('waiting', one)) {
      waiting.value = waiting.value.filter((other) => other !== one)
      return
    }
    try {
      await sendAct(one.act)
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.passes) return
      // What was done anew meanwhile is on its way, and this is no longer wanted.
      if (!waiting.value.includes(one)) return
      // What is to be taken off and is not there has been taken off.
      if (one.act.kind !== 'note-removed' || error.status !== 404) refuse({ ...one, message: error.message })
    }
    // What was changed once more while it was on its way stays.
    if (!waiting.value.includes(one)) return
    keptActs.remove('waiting', one.act)
    waiting.value = waiting.value.filter((other) => other !== one)
    if (refused.value.some((other) => other.at === one.at)) undone(one.act.lessonId)
  }

  function refuse(kept: KeptAct): void {
    keptActs.put('refused', kept)
    refused.value = [...without(refused.value, kept.act), kept]
  }

  function dismiss({ act }: KeptAct): void {
    keptActs.remove('refused', act)
    refused.value = without(refused.value, act)
  }

  function sendAgain(one: KeptAct): Promise<void> {
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
