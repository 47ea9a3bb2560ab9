import { useEventListener } from '@vueuse/core'
import type { Autosave } from './useAutosave'

/** Nothing is lost by leaving a page: what waits is saved first, and where it cannot be, the teacher is asked. */
export function useSaveOnLeave(...all: Pick<Autosave<unknown>, 'state' | 'saveNow'>[]): void {
  onBeforeRouteLeave(async () => {
    const done = await Promise.all(all.map((one) => one.saveNow()))
    return done.every(Boolean) || window.confirm('Your last change isn’t saved yet. Leave anyway?')
  })
  useEventListener('beforeunload', (event) => {
    if (all.some(({ state }) => state.value !== 'saved')) event.preventDefault()
  })
}
