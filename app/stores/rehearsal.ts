import { useDebounceFn } from '@vueuse/core'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { scoredPlan } from '#core/comparison'
import { unitDefinition } from '#core/quantity'
import { isRehearsable, type RankedNeighbour, type Rehearsal } from '#core/rehearsal'
import type { RehearsalJob, RehearsalNews, RehearsalOrder } from '../workers/rehearsal.worker'
import { useLesson } from './lesson'

/** Long enough for the next key of a fast typist, short enough to feel immediate. */
const waitFor = 60

/** Rehearses the open plan in the background, anew after each change that matters; a running one is given up. */
export const useRehearsal = defineStore('rehearsal', () => {
  const store = useLesson()
  const rehearsal = shallowRef<Rehearsal | null>(null)
  const neighbours = shallowRef<RankedNeighbour[]>([])
  const running = ref(false)
  /** How much of the rehearsal is done, from 0 to 1. */
  const share = ref(0)
  let worker: Worker | null = null
  /** The order that is being worked on; news of an earlier one comes too late. */
  let number = 0

  /** What there is to rehearse, or null while the plan or the teacher's answers are not ready. */
  const job = computed<RehearsalJob | null>(() => {
    if (!store.lesson) return null
    const { plan } = store
    if (!isRehearsable(plan)) return null
    return {
      plan,
      expected: plan.expected,
      time: store.timeContext,
      // What an instrument must reach is known of what is read, not of what is worked out.
      cupboard: scoredPlan(plan) === plan ? store.open.school.cupboard : [],
    }
  })
  /** Words, materials and pictures of a plan change nothing in its rehearsal. */
  const essence = computed(() => {
    if (!job.value) return ''
    const {
      levels,
      comparison,
      changed,
      recording,
      measured,
      tries,
      whoTests,
      summary,
      rounding,
      best,
      expected,
      keptSame,
    } = job.value.plan
    return JSON.stringify([
      store.open.id,
      levels,
      comparison,
      changed.kind,
      recording,
      measured.unit,
      // How far something goes says how long it takes.
      unitDefinition(measured.unit).dimension === 'time' ? keptSame : null,
      measured.instrument,
      tries,
      whoTests,
      summary,
      rounding,
      best,
      expected,
      job.value.time.groups,
    ])
  })

  function stop() {
    send(null)
    running.value = false
  }

  function send(next: RehearsalJob | null) {
    if (!next && !worker) return
    worker ??= open()
    // Plans come from a reactive store; a worker takes plain copies only.
    const order: RehearsalOrder = { number: ++number, job: next && JSON.parse(JSON.stringify(next)) }
    worker.postMessage(order)
  }

  function open(): Worker {
    const made = new Worker(new URL('../workers/rehearsal.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<RehearsalNews>) => {
      if (data.number !== number) return
      if (data.kind === 'neighbours') {
        neighbours.value = data.neighbours
        running.value = false
      } else {
        rehearsal.value = data.rehearsal
        share.value = data.rehearsal.classes / data.of
      }
    }
    made.onerror = () => (running.value = false)
    return made
  }

  const start = useDebounceFn(() => {
    neighbours.value = []
    running.value = job.value !== null
    if (!job.value) rehearsal.value = null
    send(job.value)
  }, waitFor)

  watch(
    () => store.lesson?.id,
    () => {
      // What is still being rehearsed is of the lesson before.
      number++
      rehearsal.value = null
      neighbours.value = []
    },
  )
  watch(essence, start, { immediate: true })
  return { rehearsal, neighbours, running, share, stop }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useRehearsal, import.meta.hot))
