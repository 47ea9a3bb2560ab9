import { defined } from '../../defined'
import type { Entry } from '../../entries'
import { valueField } from '../numberOf'
import type { Understood } from '../way'
import { atField, startMoment } from './moments'
import { readTime, timeTypedWith } from './timeTyped'

/** What an entry says, as it is sent. */
type Sent = Pick<Entry, 'fields' | 'readWith' | 'moment'>

/**
 * Reads an entry that may say when it was really taken, as a field of its own or behind an @: the time apart, the rest as the way reads
 * it. What was typed stays as it was typed.
 * @param rest reads the entry without its time
 * @example understoodWithTime(entry, 'minute', rest) // fields of the value and of the time
 */
export function understoodWithTime(
  { fields, readWith, moment }: Sent,
  per: 'minute' | 'day',
  rest: (sent: Sent) => Understood,
): Understood {
  const { [atField]: at, ...others } = fields
  if (moment === startMoment) return understoodStart(fields)
  if (Object.keys(others).length === 0 && !at) return { ok: true, fields }
  const typed = others[valueField] ? timeTypedWith(others[valueField].typed) : null
  const understood = rest({
    fields: typed
      ? { ...others, [valueField]: { ...defined(others[valueField]), typed: typed.value } }
      : others,
    readWith,
    moment,
  })
  if (!understood.ok) return understood
  const value = understood.fields[valueField]
  const kept: Entry['fields'] = value
    ? { [valueField]: { ...value, typed: defined(others[valueField]).typed } }
    : {}
  const time = typed?.time ?? at?.typed ?? null
  if (time === null) return { ok: true, fields: kept }
  const read = readTime(time, per)
  if (!read.ok) return { ok: false, field: atField, message: read.message }
  return { ok: true, fields: { ...kept, [atField]: { typed: time, given: 'typed', value: read.value } } }
}

/** Pressed when a container is started: the time of the server, which all devices go by. */
function understoodStart(fields: Entry['fields']): Understood {
  const at = fields[atField]
  if (!at || Object.keys(fields).length > 1 || Number.isNaN(Date.parse(at.typed)))
    return { ok: false, field: atField, message: 'Say when it was started. Press Start again.' }
  return {
    ok: true,
    fields: { [atField]: { typed: at.typed, given: 'typed', value: new Date(at.typed).toISOString() } },
  }
}
