import type { TickDto } from '#shared/types/api'
import { isObject, keptVersion, readKept } from './readKept'

/** A tick on its way to the server. */
export interface KeptTick extends TickDto {
  lessonId: string
}

const prefix = 'jolly-beaker-tick-'
const keyOf = ({ lessonId, materialId, place }: KeptTick) => `${prefix}${lessonId}|${materialId}|${place}`

/** Ticks kept in this browser until the server has them, each with an entry of its own: a store cupboard may have no network. */
export const keptTicks = {
  all(): KeptTick[] {
    return readKept(prefix, understoodTick)
  },
  put(tick: KeptTick): void {
    try {
      localStorage.setItem(keyOf(tick), JSON.stringify({ version: keptVersion, ...tick }))
    } catch (error) {
      console.error('This browser keeps no copy of unsent ticks:', error)
    }
  },
  remove(tick: KeptTick): void {
    localStorage.removeItem(keyOf(tick))
  },
}

function understoodTick(kept: unknown): KeptTick | null {
  if (!isObject(kept)) return null
  const { lessonId, materialId, place, amount } = kept
  const isTick =
    typeof lessonId === 'string' &&
    typeof materialId === 'string' &&
    typeof place === 'string' &&
    typeof amount === 'number'
  return isTick ? { lessonId, materialId, place, amount } : null
}
