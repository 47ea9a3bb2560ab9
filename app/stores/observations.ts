import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { observationsAt, standingObservations, withObservation, type Observation } from '#core/observation'
import { newId } from '#core/plan'
import type { ObservationChange, ObservationInput } from '#shared/types/api'
import { request, RequestProblem } from '../api/request'
import { pendingObservations, type PendingObservation } from './sending/pendingObservations'
import { sender } from './sending/sender'
import { useLesson } from './lesson'
import { useNotices } from './notices'

/**
 * What was seen beside all that is measured. New observations wait in the browser until the server has them, photos and all; sending
 * one twice is harmless.
 */
export const useObservations = defineStore('observations', () => {
  const lesson = useLesson()
  const notices = useNotices()
  const waiting = shallowRef<PendingObservation[]>([])
  const refused = shallowRef<PendingObservation[]>([])
  const sending = sender({ waiting: () => waiting.value, deliver })
  // What waited when this browser was closed comes first; nothing is sent before it is known.
  const opened = pendingObservations.all().then((kept) => {
    waiting.value = kept.filter((one) => one.message === undefined)
    refused.value = kept.filter((one) => one.message !== undefined)
  })

  const standing = computed(() => standingObservations(lesson.open.observations))
  const onBoard = computed(() => standingObservations(lesson.open.observations, 'board'))
  const takenOff = computed(() => lesson.open.observations.filter((one) => one.removed))
  const at = (slot: Parameters<typeof observationsAt>[1]) => observationsAt(lesson.open.observations, slot)

  async function add(input: ObservationInput): Promise<void> {
    await opened
    const kept = { id: newId(), lessonId: lesson.open.id, input }
    waiting.value = [...waiting.value, kept]
    await pendingObservations.put(kept)
    void flush()
  }

  async function flush(): Promise<void> {
    await opened
    await sending.flush()
  }

  /** What the server will never take is set apart with its reason. */
  async function deliver(one: PendingObservation): Promise<[PendingObservation]> {
    const params = { id: one.lessonId, observationId: one.id }
    try {
      show(
        one.lessonId,
        await request('PUT', '/api/lessons/:id/observations/:observationId', {
          params,
          body: one.input,
          takes: 'picture',
        }),
      )
      await pendingObservations.remove(one.id)
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.passes) return [one]
      const kept = { ...one, message: error.message }
      await pendingObservations.put(kept)
      refused.value = [...refused.value, kept]
    }
    waiting.value = waiting.value.filter((other) => other.id !== one.id)
    return [one]
  }

  function show(lessonId: string, observation: Observation) {
    if (lesson.lesson?.id === lessonId)
      lesson.patch({ observations: withObservation(lesson.open.observations, observation) })
  }

  /** Sends what was refused once more, perhaps changed; it is another one then. */
  async function sendAgain(one: PendingObservation): Promise<void> {
    await add(one.input)
    await dismiss(one.id)
  }

  async function dismiss(id: string): Promise<void> {
    refused.value = refused.value.filter((one) => one.id !== id)
    await pendingObservations.remove(id)
  }

  /** @returns whether the server has taken it */
  async function change({ id }: Observation, changes: ObservationChange): Promise<boolean> {
    const { id: lessonId } = lesson.open
    const done = await notices.attempt(async () => {
      show(
        lessonId,
        await request('PATCH', '/api/lessons/:id/observations/:observationId', {
          params: { id: lessonId, observationId: id },
          body: changes,
        }),
      )
      return true
    })
    return done === true
  }

  async function takeOff(one: Observation): Promise<void> {
    if (!(await change(one, { removed: true }))) return
    const kept = one.picture ? 'Its picture is kept too, until you delete it for good' : 'It is kept'
    notices.tell(`It is taken off. ${kept}: in Test, under “Taken off”.`, () => {
      void change(one, { removed: false })
    })
  }

  /** The one thing that cannot be undone: the photo or sketch is gone for good. */
  async function deletePicture({ id }: Observation): Promise<void> {
    const { id: lessonId } = lesson.open
    const params = { id: lessonId, observationId: id }
    await notices.attempt(async () => {
      show(
        lessonId,
        await request('DELETE', '/api/lessons/:id/observations/:observationId/picture', { params }),
      )
      notices.tell('The picture is deleted for good.')
    })
  }

  return {
    waiting,
    refused,
    offline: sending.offline,
    standing,
    onBoard,
    takenOff,
    at,
    add,
    flush,
    sendAgain,
    dismiss,
    change,
    takeOff,
    deletePicture,
  }
})
