import { computed, watch, type Ref } from 'vue'
import { lazy } from '../loading/lazy'

const store = lazy(() => import('../stores/cautions'))

/**
 * How many usual cautions the open lesson has, for a screen whose first words do without them.
 * @param asked whether that has to be known now
 * @returns null until it is known
 */
export function useCautionCount(asked: Ref<boolean>) {
  watch(asked, (now) => now && void store(), { immediate: true })
  return computed(() => store.loaded.value?.useCautions().cautions.length ?? null)
}
