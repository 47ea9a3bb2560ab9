import { newId } from '#core/plan'
import { slotKey, type Given, type Reading, type ReadingSource, type Slot } from '#core/record'
import { useLesson } from '../stores/lesson'
import { useReadingQueue } from '../stores/readingQueue'

/** One number for one slot, and how it came from what was typed. */
export interface Entered {
  slot: Slot
  value: number
  typed: string
  given: Given
}

/** Recording for one device: every act makes a new reading, none changes an old one. */
export function useRecorder(source: ReadingSource) {
  const store = useLesson()
  const queue = useReadingQueue()

  const make = (slot: Slot, changes: Partial<Reading>): Reading => ({
    groupId: slot.groupId,
    levelId: slot.levelId,
    tryNumber: slot.tryNumber,
    id: newId(),
    value: null,
    typed: '',
    given: 'typed',
    status: 'counted',
    reason: '',
    source,
    takenAt: new Date().toISOString(),
    supersedes: null,
    ...changes,
  })

  const countedAt = (slot: Slot) => store.slots.get(slotKey(slot))?.counted ?? null

  /** Records a value in a slot; where one stands already, the new one corrects it. */
  function record(slot: Slot, value: number, typed: string, given: Given = 'typed') {
    recordAll([{ slot, value, typed, given }])
  }

  /** Records many values at once, leaving out those that say what stands there already. */
  function recordAll(entries: Entered[]) {
    const fresh = entries.flatMap(({ slot, value, typed, given }) => {
      const before = countedAt(slot)
      if (before?.value === value) return []
      return [make(slot, { value, typed, given, supersedes: before?.id ?? null })]
    })
    if (fresh.length > 0) queue.send(store.open.id, fresh)
  }

  /** Takes the reading of a slot out of the count, with a reason; the slot is then open for a repeat. */
  function setAside(slot: Slot, reason: string): Reading | null {
    const before = countedAt(slot)
    if (!before) return null
    const aside = make(slot, {
      value: before.value,
      typed: before.typed,
      given: before.given,
      status: 'set-aside',
      reason,
      supersedes: before.id,
    })
    queue.send(store.open.id, [aside])
    return aside
  }

  /** Notes a try that went wrong, with what was read of it if anything was: one reading that never counts. */
  function noteSpoilt(slot: Slot, reason: string, read: { value: number; typed: string } | null) {
    queue.send(store.open.id, [make(slot, { status: 'set-aside', reason, ...read })])
  }

  /** Counts a reading again that was set aside. */
  function countAgain(aside: Reading) {
    if (aside.value === null || countedAt(aside)) return
    queue.send(store.open.id, [
      make(aside, { value: aside.value, typed: aside.typed, given: aside.given, supersedes: aside.id }),
    ])
  }

  return { record, recordAll, setAside, noteSpoilt, countAgain, countedAt }
}
