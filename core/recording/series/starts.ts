import { slotKey, type Slot, type SlotState } from '../../entries'
import { atField, startMoment } from './moments'

/**
 * The place where the start of a container is kept.
 * @example startOf(slot).moment // 'start'
 */
export const startOf = (slot: Slot): Slot => ({ ...slot, moment: startMoment })

/**
 * When the container of a slot was started, in ms since 1970; null where nobody has pressed Start. Where two devices pressed, it
 * began with the first.
 * @example startedAt(states, slot) // 1773046800000
 */
export function startedAt(states: ReadonlyMap<string, SlotState>, slot: Slot): number | null {
  const state = states.get(slotKey(startOf(slot)))
  const pressed = state ? [...(state.counted ? [state.counted] : []), ...state.contested] : []
  const times = pressed.flatMap(({ fields }) => {
    const at = fields[atField]?.value
    return typeof at === 'string' ? [Date.parse(at)] : []
  })
  return times.length === 0 ? null : Math.min(...times)
}
