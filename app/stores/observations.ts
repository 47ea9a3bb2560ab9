import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed } from 'vue'
import { observationsAt, standingObservations, withObservation, type Observation } from '#core/observation'
import { newId } from '#core/plan'
import type { ObservationChange, ObservationInput } from '#shared/types/api'
import { request } from '../api/request'
import { byId, pendingObservations, type PendingObservation } from './sending/pendingObservations'
import { sendingQueue, type Refused } from './sending/sendingQueue'
import { useLesson } from './lesson'
import { useNotices } from './notices'

/**
 * What was seen beside all that is measured. New observations wait in the browser until the server has them, photos and all; sending
 * one twice is harmless.
 */
export const useObservations = defineStore('observations', () => {
  const lesson = useLesson()
  const notices = useNotices()
  const queue = sendingQueue<PendingObservation>({
    waiting: pendingObservations.waiting,
    refusedStore: pendingObservations.refused,
    keyOf: ({ id }) => id,
    lessonOf: ({ lessonId }) => lessonId,
    inOrder: byId,
    send: async (id, items) => {
      for (const { id: observationId, input } of items)
        show(
          id,
          await request('PUT', '/api/lessons/:id/observations/:observationId', {
            params: { id, observationId },
            body: input,
            takes: 'picture',
          }),
        )
    },
  })

  const standing = computed(() => standingObservations(lesson.open.observations))
  const onBoard = computed(() => standingObservations(lesson.open.observations, 'board'))
  const takenOff = computed(() => lesson.open.observations.filter((one) => one.removed))
  const at = (slot: Parameters<typeof observationsAt>[1]) => observationsAt(lesson.open.observations, slot)

  /** Keeps a new observation and begins to send it. */
  const add = (input: ObservationInput) => queue.put({ id: newId(), lessonId: lesson.open.id, input })

  function show(lessonId: string, observation: Observation) {
    if (lesson.lesson?.id === lessonId)
      lesson.patch({ observations: withObservation(lesson.open.observations, observation) })
  }

  /** Sends what was refused once more, perhaps changed; it is another one then. */
  async function sendAgain(one: Refused<PendingObservation>): Promise<void> {
    await add(one.input)
    await queue.dismiss(one)
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
    waiting: queue.waiting,
    refused: queue.refused,
    offline: queue.offline,
    standing,
    onBoard,
    takenOff,
    at,
    add,
    flush: queue.flush,
    sendAgain,
    dismiss: queue.dismiss,
    change,
    takeOff,
    deletePicture,
  }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useObservations, import.meta.hot))
