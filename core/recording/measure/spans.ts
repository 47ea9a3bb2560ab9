import { itemAt } from '../../defined'
import { convertUnit, parseQuantity, stripRoundingNoise } from '../../quantity'
import type { Plan } from '../../plan'

const words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']

/** A distance told in whole lengths of the instrument, and what is told beside them. */
export interface Spans {
  /** How far the whole lengths reach, in the unit of what is measured. */
  length: number
  /** The text of the rest; empty where there is none. */
  rest: string
  /** How many pieces were laid end to end, the rest among them. */
  pieces: number
}

/**
 * A distance longer than the instrument, told in its lengths: "2 ruler lengths and 11 cm", "two rulers + 11"; or in sticks laid end to
 * end, whose length is said: "2 sticks of 30 cm and 11 cm". Null where the text tells no lengths of anything.
 * @example inSpans('2 rulers and 11 cm', plan) // { length: 200, rest: '11 cm', pieces: 3 } with a metre stick
 */
export function inSpans(text: string, { measured }: Pick<Plan, 'measured'>): Spans | null {
  const { instrument, unit } = measured
  const name = instrument.name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  const found = new RegExp(
    String.raw`^\s*(\d{1,2}|${words.join('|')})\s*(?:[x×]\s*)?(?:(?:whole|full) )?(?:${name}s?|(?:met(?:re|er) )?(?:rulers?|sticks?|tapes?))(?: lengths?)?\s*(?:(?:and|plus|\+|,)?\s*(\d.*?))?\s*$`,
    'iu',
  ).exec(text)
  if (!found) return inSticks(text, measured)
  return laidOut(itemAt(found, 1), convertUnit(instrument.greatest, instrument.unit, unit), found[2])
}

const laid = new RegExp(
  String.raw`^\s*(\d{1,2}|${words.join('|')})\s*(?:[x×]\s*)?\p{L}+(?: \p{L}+)? of (\d.*?)\s*(?:(?:and|plus|\+|,)\s*(\d.*?))?\s*$`,
  'iu',
)

/** Sticks whose own length is told; null where the text tells of none, or where that is no length. */
function inSticks(text: string, measured: Plan['measured']): Spans | null {
  const found = laid.exec(text)
  if (!found) return null
  const each = parseQuantity(itemAt(found, 2), measured.unit, measured.instrument.smallestMark)
  if (!each.ok) return null
  return laidOut(itemAt(found, 1), each.value, found[3])
}

function laidOut(told: string, each: number, rest = ''): Spans {
  const count = words.indexOf(told.toLowerCase()) + 1 || Number(told)
  return { length: stripRoundingNoise(count * each), rest, pieces: count + (rest === '' ? 0 : 1) }
}
