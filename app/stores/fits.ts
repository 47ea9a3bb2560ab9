import { useDebounceFn } from '@vueuse/core'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { isRehearsable } from '#core/rehearsal'
import { keepingTheAnswer, type FitsCheck, type WayToFit } from '#core/timetable'
import type { TimetableJob, TimetableNews, TimetableOrder } from '../workers/timetable.worker'
import { useLesson } from './lesson'

/** Long enough for the next key of a fast typist, short enough to feel immediate. */
const waitFor = 60

/** Whether the open lesson ends before the bell, worked out again in the background after each change that matters. */
export const useFits = defineStore('fits', () => {
  const lesson = useLesson()
  const fits = shallowRef<FitsCheck | null>(null)
  const found = shallowRef<WayToFit[] | null>(null)
  const shows = shallowRef<ReadonlyMap<string, number>>(new Map())
  /** Whether the time could not be worked out, so that nobody waits for it. */
  const failed = ref(false)
  let worker: Worker | null = null
  /** The order that is being worked on; news of an earlier one comes too late. */
  let number = 0

  const job = computed<TimetableJob | null>(() => {
    if (!lesson.lesson) return null
    const { plan } = lesson
    return {
      plan,
      context: lesson.timeContext,
      rehearsed: isRehearsable(plan),
    }
  })
  /** Words and pictures of a plan change nothing in its time. */
  const essence = computed(() => {
    if (!job.value) return ''
    const {
      title: _title,
      question: _question,
      steps: _steps,
      keptSame: _same,
      background: _about,
      ...plan
    } = job.value.plan
    return JSON.stringify([lesson.open.id, { ...job.value, plan }])
  })

  function open(): Worker {
    const made = new Worker(new URL('../workers/timetable.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<TimetableNews>) => {
      if (data.number !== number) return
      failed.value = false
      if (data.kind === 'fits') fits.value = data.fits
      else if (data.kind === 'ways') found.value = data.ways
      else shows.value = new Map([...shows.value, [data.id, data.change]])
    }
    made.onerror = () => {
      failed.value = true
      fits.value = null
    }
    return made
  }

  const start = useDebounceFn(() => {
    if (!job.value) return
    worker ??= open()
    found.value = null
    shows.value = new Map()
    // Plans come from a reactive store; a worker takes plain copies only.
    const order: TimetableOrder = { number: ++number, job: JSON.parse(JSON.stringify(job.value)) }
    worker.postMessage(order)
  }, waitFor)
  watch(
    () => lesson.lesson?.id,
    () => {
      // What is still being worked out is of the lesson before.
      number++
      fits.value = null
      found.value = null
    },
  )
  watch(essence, start, { immediate: true })

  /** What would make it fit; null until that is worked out. */
  const waysNow = computed(() => found.value && keepingTheAnswer(found.value, shows.value))

  return { fits, failed, ways: waysNow }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useFits, import.meta.hot))
