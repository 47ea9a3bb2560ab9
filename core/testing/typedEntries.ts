import { orderedLevels, type Plan } from '../plan'
import type { Entry, Slot } from '../record'

/**
 * What may be typed in a slot of a plan's way, as an entry keeps it: the levels come in as they are listed, the last of two has more, the
 * second word is seen, and numbers are as given.
 */
export function typedFor(plan: Plan, slot: Pick<Slot, 'levelId' | 'moment'>, number = 12): Entry['fields'] {
  const field = (typed: string, value: number | string): Entry['fields'] => ({
    value: { typed, given: 'typed', value },
  })
  const ids = orderedLevels(plan).map((level) => level.id)
  const letters = ids.map((_, place) => String.fromCharCode(65 + place))
  switch (plan.recording.kind) {
    case 'race':
      return field(letters.join(' '), ids.join('>'))
    case 'pairs': {
      const last = Math.max(ids.indexOf(slot.levelId!), ids.indexOf(slot.moment))
      return field(letters[last]!, ids[last]!)
    }
    case 'word-scale':
      return field(plan.recording.words[1]!, plan.recording.words[1]!)
    default:
      return field(String(number), number)
  }
}
