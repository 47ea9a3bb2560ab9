import type { EntryValidation } from './entryValidation'

/** What becomes of something that was typed or pressed. */
export type Answer<Value extends number | string = number | string> =
  | { does: 'nothing' }
  | { does: 'ask'; about: Exclude<EntryValidation<Value>, { state: 'empty' }> }
  | { does: 'keep'; value: Value }

/**
 * The one rule for whatever is entered, on a Sheet and on the Desk: what looks like a slip is asked about once, and the same answer given
 * again is kept; what cannot be read, or reads two ways, is asked about until it can.
 * @param again whether the same has been asked about already, or is left behind
 * @example answerTo({ state: 'value', value: 13, hints: [] }, false) // { does: 'keep', value: 13 }
 */
export function answerTo<Value extends number | string>(
  entry: EntryValidation<Value>,
  again: boolean,
): Answer<Value> {
  if (entry.state === 'empty') return { does: 'nothing' }
  if (entry.state !== 'value' || (entry.hints.length > 0 && !again)) return { does: 'ask', about: entry }
  return { does: 'keep', value: entry.value }
}
