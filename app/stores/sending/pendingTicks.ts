import { tickKey } from '#shared/lesson/applyEvent'
import type { TickDto } from '#shared/types/api'
import { pendingStore } from './pendingStore'
import { isObject } from './readKept'

/** A tick on its way to the server. */
export interface PendingTick extends TickDto {
  lessonId: string
}

/** Ticks on their way to the server: a store cupboard may have no network. */
export const pendingTicks = pendingStore<PendingTick>(
  'jolly-beaker-tick-',
  (tick) => `${tick.lessonId}|${tickKey(tick)}`,
  understoodTick,
)

function understoodTick(kept: unknown): PendingTick | null {
  if (!isObject(kept)) return null
  const { lessonId, materialId, place, amount } = kept
  const isTick =
    typeof lessonId === 'string' &&
    typeof materialId === 'string' &&
    typeof place === 'string' &&
    typeof amount === 'number'
  return isTick ? { lessonId, materialId, place, amount } : null
}
