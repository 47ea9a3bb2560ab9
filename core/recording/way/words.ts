import type { Slot } from '../../entries'
import type { Plan } from '../../plan'

/** What a way of recording and its parts are called. */
export interface WayWords {
  /** What a list of ways calls it. */
  name: string
  /** What the class does, said before the thing measured: "measure", "count". */
  verb: string
  /** What one entry of a try is, said after "Type". */
  oneEntry: string
  /** What one repeat is called, and several. */
  tryWord: readonly [one: string, many: string]
  /** What stands above the only try of a slot, in place of "try 1 of 1"; null where that stands. */
  onlyTry: string | null
  /** A slot in words, without its group: "20 cm, try 2, before". */
  slotName: (plan: Plan, slot: Slot) => string
  /** A moment as it is written in a file. */
  momentSaid: (plan: Plan, moment: string) => string
  /** A moment as it stands behind what is read then: "after 10 min", "of rice". */
  momentPhrase: (plan: Plan, moment: string) => string
}
