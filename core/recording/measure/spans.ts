import { convertUnit } from '../../quantity'
import type { Plan } from '../../plan'

const words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']

/** A distance told in whole lengths of the instrument, and what is told beside them. */
export interface Spans {
  /** How far the whole lengths reach, in the unit of what is measured. */
  length: number
  /** The text of the rest; empty where there is none. */
  rest: string
}

/**
 * A distance longer than the instrument, told in its lengths: "2 ruler lengths and 14 cm", "two rulers + 14". Null where
 * the text tells no lengths of anything.
 * @example inSpans('2 rulers and 14 cm', plan) // { length: 200, rest: '14 cm' } with a metre stick
 */
export function inSpans(text: string, { measured }: Pick<Plan, 'measured'>): Spans | null {
  const { instrument, unit } = measured
  const name = instrument.name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  const found = new RegExp(
    String.raw`^\s*(\d{1,2}|${words.join('|')})\s*(?:[x×]\s*)?(?:(?:whole|full) )?(?:${name}s?|(?:met(?:re|er) )?(?:rulers?|sticks?|tapes?))(?: lengths?)?\s*(?:(?:and|plus|\+|,)?\s*(\d.*?))?\s*$`,
    'iu',
  ).exec(text)
  if (!found) return null
  const spans = words.indexOf(found[1]!.toLowerCase()) + 1 || Number(found[1])
  return { length: spans * convertUnit(instrument.greatest, instrument.unit, unit), rest: found[2] ?? '' }
}
