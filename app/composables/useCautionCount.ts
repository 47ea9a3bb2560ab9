import { computed, watch, type Ref } from 'vue'
import { later } from '../loading/lazy'

const store = later(() => import('../stores/cautions'))

/**
 * How many usual cautions the open lesson has, for a screen whose first words do without them.
 * @param asked whether that has to be known now
 * @returns null until it is known
 */
export function useCautionCount(asked: Ref<boolean>) {
  watch(asked, (now) => now && void store(), { immediate: true })
  return computed(() => store.there.value?.useCautions().cautions.length ?? null)
}
