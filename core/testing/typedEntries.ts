import { orderedLevels, type Plan } from '../plan'
import type { Entry, Slot } from '../entries'
import { letterAt, usesInstrument, wayOf } from '../recording'

/**
 * What may be typed in a slot of a plan's way, as an entry keeps it: the levels come in as they are listed, the last of two has more, the
 * second word is seen, and numbers are as given.
 */
export function typedFor(plan: Plan, slot: Pick<Slot, 'levelId' | 'moment'>, number = 12): Entry['fields'] {
  const way = wayOf(plan)
  const at: Slot = { groupId: '', tryNumber: 1, ...slot }
  const ids = orderedLevels(plan).map((level) => level.id)
  const letters = ids.map((_, index) => letterAt(index))
  const last = letters[Math.max(ids.indexOf(slot.levelId ?? ''), ids.indexOf(slot.moment))]
  const words = way.fields(plan)[0]?.choices?.map((choice) => choice.typed) ?? []
  // Whichever the way takes: a number where there is an instrument, a word of its scale, all letters, or one of two.
  const texts = usesInstrument(plan) ? [String(number)] : [words[1] ?? '', letters.join(' '), last ?? '']
  for (const typed of texts) {
    const entry = way.check(plan, typed, { slot: at, others: [], row: [] })
    if (entry.state === 'value') return { value: { typed, given: 'typed', value: entry.value } }
  }
  throw new Error(`nothing can be typed in ${slot.levelId} of a plan of ${plan.recording.kind}`)
}
