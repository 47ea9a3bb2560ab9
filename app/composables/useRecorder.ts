import { newId } from '#core/plan'
import { hasSameValues, slotKey, type Entry, type EntrySource, type Given, type Slot } from '#core/entries'
import { atField, readWithOf, valueField, wayOf } from '#core/recording'
import { useEntryQueue } from '../stores/sending/entryQueue'
import { useLesson } from '../stores/lesson'

/** What was seen for one slot. */
export interface Entered {
  slot: Slot
  fields: Entry['fields']
  /** What somebody says about it. */
  note?: string
}

/**
 * One number, word or order as the fields of an entry.
 * @example valueFields('12,5', 'typed', 12.5) // { value: { typed: '12,5', given: 'typed', value: 12.5 } }
 */
export const valueFields = (typed: string, given: Given, value: number | string): Entry['fields'] => ({
  [valueField]: { typed, given, value },
})

/**
 * When something was really read, as a field of an entry.
 * @example readTimeFields('11:30', 11.5) // { at: { typed: '11:30', given: 'typed', value: 11.5 } }
 */
export const readTimeFields = (typed: string, value: number | string): Entry['fields'] => ({
  [atField]: { typed, given: 'typed', value },
})

/** Recording for one device: every act makes a new entry, none changes an old one. */
export function useRecorder(source: EntrySource) {
  const store = useLesson()
  const queue = useEntryQueue()

  function make({ groupId, levelId, tryNumber, moment }: Slot, changes: Partial<Entry>): Entry {
    return {
      groupId,
      levelId,
      tryNumber,
      moment,
      id: newId(),
      fields: {},
      note: '',
      readWith: readWithOf(store.plan, moment),
      status: 'counted',
      reason: '',
      source,
      takenAt: new Date().toISOString(),
      supersedes: null,
      ...changes,
    }
  }

  const send = (entries: Entry[]) => entries.length > 0 && queue.send(store.open.id, entries)
  const stateOf = (slot: Slot) => store.slots.get(slotKey(slot))
  const countedAt = (slot: Slot) => stateOf(slot)?.counted ?? null

  /** Records what was seen in a slot; where something stands already, the new entry corrects it. */
  const record = (slot: Slot, fields: Entry['fields'], note?: string) =>
    recordAll([{ slot, fields, ...(note === undefined ? {} : { note }) }])

  /**
   * The fields as the server will understand them, with the time that was typed beside a number; a correction without one was read
   * when the corrected reading was.
   */
  function asSeen(slot: Slot, fields: Entry['fields']): Entry['fields'] {
    const way = wayOf(store.plan)
    const also = Object.fromEntries(
      Object.entries(countedAt(slot)?.fields ?? {}).filter(([name]) => way.extraFields.includes(name)),
    )
    const understood = way.understand(store.plan, {
      fields: { ...also, ...fields },
      readWith: readWithOf(store.plan, slot.moment),
      moment: slot.moment,
    })
    return understood.ok ? understood.fields : { ...also, ...fields }
  }

  /**
   * Records many at once, leaving out those that say what stands there already.
   * @returns what was recorded
   */
  function recordAll(entered: Entered[]): Entry[] {
    const recorded = entered.flatMap(({ slot, fields, note }) => {
      const before = countedAt(slot)
      const seen = asSeen(slot, fields)
      if (before && hasSameValues(before, { fields: seen, readWith: readWithOf(store.plan, slot.moment) }))
        return []
      return [make(slot, { fields: seen, note: note ?? before?.note ?? '', supersedes: before?.id ?? null })]
    })
    send(recorded)
    return recorded
  }

  /** Lets an entry stand again as it was, in the unit that it was read in. */
  function putBack({ fields, note, readWith, ...slot }: Entry) {
    send([make(slot, { fields, note, readWith, supersedes: countedAt(slot)?.id ?? null })])
  }

  const asideOf = (before: Entry, reason: string) =>
    make(before, {
      fields: before.fields,
      note: before.note,
      readWith: before.readWith,
      status: 'set-aside',
      reason,
      supersedes: before.id,
    })

  /** Takes the entry of a slot out of the count, with a reason; the slot is then open for a repeat. */
  function setAside(slot: Slot, reason: string): Entry | null {
    const before = countedAt(slot)
    if (!before) return null
    const aside = asideOf(before, reason)
    send([aside])
    return aside
  }

  /** Of entries that two devices made for one slot the one that counts; the others are set aside. */
  function choose(chosen: Entry) {
    const others = stateOf(chosen)?.contested.filter((one) => one.id !== chosen.id) ?? []
    send(others.map((one) => asideOf(one, 'another entry was chosen')))
  }

  /** Records anew in place of whatever stands there, also where two devices have written. */
  function startOver(slot: Slot, fields: Entry['fields'], reason: string) {
    const contested = stateOf(slot)?.contested ?? []
    send(contested.map((one) => asideOf(one, reason)))
    record(slot, fields)
  }

  /** Notes a try that went wrong, with what was read and said of it if anything was: one entry that never counts. */
  function noteSpoilt(slot: Slot, reason: string, fields: Entry['fields'], note: string) {
    send([make(slot, { status: 'set-aside', reason, fields, note })])
  }

  /** Says something about an entry: "pressed the button late". It counts as before. */
  function addNote(entry: Entry, note: string) {
    const { fields, readWith, status, reason, takenAt } = entry
    if (note !== entry.note)
      send([make(entry, { fields, readWith, status, reason, takenAt, note, supersedes: entry.id })])
  }

  /** Counts an entry again that was set aside. */
  function countAgain({ fields, note, readWith, ...aside }: Entry) {
    if (Object.keys(fields).length === 0 || countedAt(aside)) return
    send([make(aside, { fields, note, readWith, supersedes: aside.id })])
  }

  return {
    record,
    recordAll,
    putBack,
    startOver,
    setAside,
    choose,
    noteSpoilt,
    addNote,
    countAgain,
    countedAt,
  }
}
