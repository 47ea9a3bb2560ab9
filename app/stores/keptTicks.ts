import type { TickDto } from '#shared/types/api'

/** A tick on its way to the server. */
export interface KeptTick extends TickDto {
  lessonId: string
}

const prefix = 'jolly-beaker-tick-'
const keyOf = ({ lessonId, materialId, place }: KeptTick) => `${prefix}${lessonId}|${materialId}|${place}`

/** Ticks kept in this browser until the server has them, each with an entry of its own: a store cupboard may have no network. */
export const keptTicks = {
  all(): KeptTick[] {
    const found: KeptTick[] = []
    for (let index = 0; index < localStorage.length; index++) {
      const key = localStorage.key(index)!
      if (!key.startsWith(prefix)) continue
      try {
        found.push(JSON.parse(localStorage.getItem(key)!) as KeptTick)
      } catch {
        localStorage.removeItem(key)
      }
    }
    return found
  },
  put(tick: KeptTick): void {
    try {
      localStorage.setItem(keyOf(tick), JSON.stringify(tick))
    } catch (error) {
      console.error('This browser keeps no copy of unsent ticks:', error)
    }
  },
  remove(tick: KeptTick): void {
    localStorage.removeItem(keyOf(tick))
  },
}
