import { slotKey, type Reading } from './reading'

/**
 * The readings that stand: those that no other reading supersedes, in the order given.
 * @example currentReadings([first, { ...second, supersedes: first.id }]) // [second]
 */
export function currentReadings(readings: readonly Reading[]): Reading[] {
  const superseded = new Set(
    readings.flatMap((reading) => (reading.supersedes === null ? [] : [reading.supersedes])),
  )
  return readings.filter((reading) => !superseded.has(reading.id))
}

/** What stands in one slot: at most one counted reading, and whatever was set aside before it. */
export interface SlotState {
  counted: Reading | null
  setAside: Reading[]
}

/**
 * What stands in each slot, by slot key. A slot that nothing was recorded for is not in the map.
 * @example slotStates(readings).get('g|l|1')?.counted?.value // 62
 */
export function slotStates(readings: readonly Reading[]): Map<string, SlotState> {
  const states = new Map<string, SlotState>()
  for (const reading of currentReadings(readings)) {
    const key = slotKey(reading)
    const state = states.get(key) ?? { counted: null, setAside: [] }
    if (reading.status === 'counted') state.counted = reading
    else state.setAside.push(reading)
    states.set(key, state)
  }
  return states
}
