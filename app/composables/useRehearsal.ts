import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { RankedNeighbour, Rehearsal } from '#core/rehearsal'
import { useLesson } from '../stores/lesson'
import type { RehearsalJob, RehearsalNews } from '../workers/rehearsal.worker'

const waitFor = 120

/** Rehearses the open plan in the background, anew after each change that matters; a running one is given up. */
export function useRehearsal() {
  const store = useLesson()
  const rehearsal = shallowRef<Rehearsal | null>(null)
  const neighbours = shallowRef<RankedNeighbour[]>([])
  const running = ref(false)
  let left = false
  let worker: Worker | null = null

  /** What there is to rehearse, or null while the plan or the teacher's answers are not ready. */
  const job = computed<RehearsalJob | null>(() => {
    const { plan } = store
    const settled = plan.levels.filter((level) =>
      plan.changed.kind === 'number' ? level.value !== null : level.name.trim() !== '',
    )
    if (!plan.expected || plan.tries < 1 || settled.length < 2 || settled.length < plan.levels.length)
      return null
    return { plan, expected: plan.expected, groups: store.groups.length }
  })
  /** Words, materials and pictures of a plan change nothing in its rehearsal. */
  const essence = computed(() => {
    if (!job.value) return ''
    const { levels, changed, measured, tries, whoTests, summary, rounding, best, expected } = job.value.plan
    return JSON.stringify([
      levels,
      changed.kind,
      measured.unit,
      measured.instrument,
      tries,
      whoTests,
      summary,
      rounding,
      best,
      expected,
      job.value.groups,
    ])
  })

  function stop() {
    worker?.terminate()
    worker = null
    running.value = false
  }

  const start = useDebounceFn(() => {
    stop()
    neighbours.value = []
    if (left) return
    if (!job.value) return void (rehearsal.value = null)
    running.value = true
    worker = new Worker(new URL('../workers/rehearsal.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<RehearsalNews>) => {
      if (data.kind === 'neighbours') {
        neighbours.value = data.neighbours
        stop()
      } else rehearsal.value = data.rehearsal
    }
    worker.onerror = stop
    // Plans come from a reactive store; a worker takes plain copies only.
    worker.postMessage(JSON.parse(JSON.stringify(job.value)))
  }, waitFor)

  watch(essence, start, { immediate: true })
  onScopeDispose(() => {
    left = true
    stop()
  })
  return { rehearsal, neighbours, running, stop }
}
