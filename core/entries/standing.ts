import { slotKey, type Entry } from './entry'

/**
 * The entries that stand: those that no other entry supersedes, in the order given. It does not matter in which order a
 * correction and what it corrects arrive.
 * @example standingEntries([first, { ...second, supersedes: first.id }]) // [second]
 */
export function standingEntries(entries: readonly Entry[]): Entry[] {
  const superseded = new Set(
    entries.flatMap((entry) => (entry.supersedes === null ? [] : [entry.supersedes])),
  )
  return entries.filter((entry) => !superseded.has(entry.id))
}

/**
 * What stands in one slot. Where two devices have filled it, neither entry counts until somebody has chosen:
 * `counted` is null then, and `contested` holds both.
 */
export interface SlotState {
  counted: Entry | null
  contested: Entry[]
  setAside: Entry[]
}

/** What stands of all that was ever recorded: made once from the entries, and read by all that follows from them. */
export interface Standing {
  /** By slot key; a slot that nothing was recorded for is not there. */
  slots: ReadonlyMap<string, SlotState>
  /** The entries that stand and count, one in a slot. */
  counted: readonly Entry[]
}

/**
 * What stands of these entries.
 * @param entries every entry ever made, in any order
 * @example standingOf(entries).slots.get('leaf|h20|1|')?.counted?.fields.value // { typed: '11', given: 'typed', value: 11 }
 */
export function standingOf(entries: readonly Entry[]): Standing {
  const slots = slotStates(entries)
  return { slots, counted: [...slots.values()].flatMap((state) => state.counted ?? []) }
}

function slotStates(entries: readonly Entry[]): Map<string, SlotState> {
  const states = new Map<string, SlotState>()
  for (const entry of standingEntries(entries)) {
    const key = slotKey(entry)
    const state = states.get(key) ?? { counted: null, contested: [], setAside: [] }
    if (entry.status === 'set-aside') state.setAside.push(entry)
    else if (state.contested.length > 0) state.contested.push(entry)
    else if (state.counted) {
      state.contested = [state.counted, entry]
      state.counted = null
    } else state.counted = entry
    states.set(key, state)
  }
  return states
}
