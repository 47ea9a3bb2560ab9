import { newId } from '#core/plan'
import { slotKey, type Reading, type ReadingSource, type Slot } from '#core/record'
import { useLesson } from '../stores/lesson'
import { useReadingQueue } from '../stores/readingQueue'

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
    status: 'counted',
    reason: '',
    source,
    takenAt: new Date().toISOString(),
    supersedes: null,
    ...changes,
  })

  const countedAt = (slot: Slot) => store.slots.get(slotKey(slot))?.counted ?? null

  /** Records a value in a slot; where one stands already, the new one corrects it. */
  function record(slot: Slot, value: number, typed: string) {
    recordAll([{ slot, value, typed }])
  }

  /** Records many values at once, leaving out those that say what stands there already. */
  function recordAll(entries: { slot: Slot; value: number; typed: string }[]) {
    const fresh = entries.flatMap(({ slot, value, typed }) => {
      const before = countedAt(slot)
      if (before?.value === value) return []
      return [make(slot, { value, typed: typed.slice(0, 60), supersedes: before?.id ?? null })]
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
      status: 'set-aside',
      reason,
      supersedes: before.id,
    })
    queue.send(store.open.id, [aside])
    return aside
  }

  /** Notes a try that went wrong before it could be read. */
  function noteSpoilt(slot: Slot, reason: string) {
    queue.send(store.open.id, [make(slot, { status: 'set-aside', reason })])
  }

  /** Counts a reading again that was set aside. */
  function countAgain(aside: Reading) {
    if (aside.value === null || countedAt(aside)) return
    queue.send(store.open.id, [make(aside, { value: aside.value, typed: aside.typed, supersedes: aside.id })])
  }

  return { record, recordAll, setAside, noteSpoilt, countAgain, countedAt }
}
