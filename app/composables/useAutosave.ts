import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { FieldProblem } from '#shared/schemas'
import { problemWords, RequestProblem } from '../api/request'

/** Milliseconds after the last change. */
const saveAfter = 600
const tryAgainAfter = 3000

/** What the server said to something that it did not take. */
interface Refusal {
  text: string
  message: string
  fields: FieldProblem[]
}

/** Something on a page of settings that is saved by itself, a moment after it was changed. */
export interface Autosave<T> {
  /** What stands on the page; null until it has been fetched. */
  value: Ref<T | null>
  /** Whether the server has what stands here, is about to have it, or has refused it. */
  state: Readonly<Ref<'saved' | 'waiting' | 'refused'>>
  /** Why what stands here is not saved. */
  problem: Readonly<Ref<string | null>>
  fields: Readonly<Ref<FieldProblem[]>>
  /** Puts on the page what the server has. */
  take: (now: T) => void
  /** Saves at once; says whether the server has all of it now. */
  saveNow: () => Promise<boolean>
}

/**
 * Saves something by itself, a moment after it was changed, one save at a time. What is typed while a save is on its way is saved next;
 * what the server fails at is sent until it has it; what it refuses stays on the page with its reason until it is changed.
 */
export function useAutosave<T>(save: (value: T) => Promise<unknown>): Autosave<T> {
  const value = ref<T | null>(null) as Ref<T | null>
  const saved = ref('null')
  const refusal = shallowRef<Refusal | null>(null)
  const text = computed(() => JSON.stringify(value.value))
  const standing = computed(() => (refusal.value?.text === text.value ? refusal.value : null))
  const state = computed(() =>
    text.value === saved.value ? 'saved' : standing.value ? 'refused' : 'waiting',
  )
  let saving: Promise<void> = Promise.resolve()
  let again: ReturnType<typeof setTimeout> | undefined
  const saveSoon = useDebounceFn(saveNow, saveAfter)
  watch(text, () => state.value === 'waiting' && void saveSoon())

  function take(now: T): void {
    value.value = now
    saved.value = text.value
    refusal.value = null
  }

  async function saveNow(): Promise<boolean> {
    await (saving = saving.then(attempt))
    return state.value === 'saved'
  }

  async function attempt(): Promise<void> {
    clearTimeout(again)
    const sent = text.value
    if (sent === saved.value) return
    try {
      await save(JSON.parse(sent) as T)
      saved.value = sent
      refusal.value = null
    } catch (error) {
      const known = error instanceof RequestProblem ? error : null
      refusal.value = { text: sent, message: problemWords(error), fields: known?.problem.fields ?? [] }
      if (known?.passes) again = setTimeout(() => void saveNow(), tryAgainAfter)
    }
  }
  onScopeDispose(() => clearTimeout(again))

  return {
    value,
    state,
    problem: computed(() => standing.value?.message ?? null),
    fields: computed(() => standing.value?.fields ?? []),
    take,
    saveNow,
  }
}
