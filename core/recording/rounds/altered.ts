import { valueField } from '../numberOf'
import type { Entry } from '../../entries'

/** The field that says what was altered before a round. */
export const alteredField = 'altered'

/** The most letters that may be said of it. */
export const alteredLetters = 120

/**
 * A score that was typed with what was altered behind a colon: "9: folded the sides".
 * @example typedWithAltered('9: folded the sides') // { value: '9', altered: 'folded the sides' }
 */
export function typedWithAltered(text: string): { value: string; altered: string } {
  // A clock has a colon too, with digits on both sides.
  const at = text.search(/:(?!\d)/u)
  return at < 0
    ? { value: text, altered: '' }
    : {
        value: text.slice(0, at).trim(),
        altered: text
          .slice(at + 1)
          .trim()
          .slice(0, alteredLetters),
      }
}

/**
 * The fields of an entry with what was altered in a field of its own.
 * @example withAltered({ value: { typed: '9: folded', … } }).altered.value // 'folded'
 */
export function withAltered(fields: Entry['fields']): Entry['fields'] {
  const typed = typedWithAltered(fields[valueField]?.typed ?? '')
  const altered = typed.altered || fields[alteredField]?.typed.trim() || ''
  const { [alteredField]: _before, ...others } = fields
  return altered === ''
    ? others
    : { ...others, [alteredField]: { typed: altered, given: 'typed', value: altered } }
}

/** What an entry says was altered; empty where it says nothing. */
export const alteredIn = ({ fields }: Pick<Entry, 'fields'>): string =>
  String(fields[alteredField]?.value ?? '')
