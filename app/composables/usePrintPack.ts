import { computed } from 'vue'
import { useNotices } from '../stores/notices'
import { usePack } from '../stores/pack'
import { usePrintLesson } from './usePrintLesson'

/** Opens the lesson named in the address of a print view together with its kit. */
export function usePrintPack() {
  const { store, ready: opened } = usePrintLesson()
  const pack = usePack()
  const id = String(useRoute().params.id)
  void useNotices().attempt(() => pack.load(id))
  return { store, pack, ready: computed(() => opened.value && pack.loadedFor === id) }
}
