import { planLimits } from '#core/plan'
import type { Entry, EntrySource, OldReading } from '#core/entries'
import { amount, id, line, localId, moment, openLine, unit, wholeNumber } from './common'
import { distinct } from './distinct'
import Joi from './joi'
import { choice, list, named, object, orNull, otherwise, rule } from './typed'

/** Practice does not count; a repeat stays in its slot; so tries hardly go beyond the plan's. */
export const mostTries = planLimits.tries + 10

const given = choice('typed', 'chosen', 'suggested')
/** An order of levels holds their identifiers. */
const value = Joi.alternatives<number | string>(amount(-1e6, 1e6), line(planLimits.levels * 70))

/** What every entry says beside what was seen, also as pages of an earlier version send it. */
const about = {
  id,
  groupId: id,
  tryNumber: wholeNumber(1, mostTries),
  status: choice('counted', 'set-aside'),
  reason: openLine(160),
  // What the demo school brings along comes through no door.
  source: choice<EntrySource>('sheet', 'desk', 'import'),
  takenAt: moment,
  supersedes: orNull(id),
}
const saysWhy = ({ status, reason }: Pick<Entry, 'status' | 'reason'>) =>
  status === 'set-aside' && reason === '' ? 'Say why this try does not count.' : null

const entryFields = {
  ...about,
  levelId: orNull(localId),
  moment: openLine(64),
  fields: named(localId, object({ typed: openLine(200), given, value }), planLimits.levels),
  note: openLine(160),
  readWith: orNull(object({ instrument: openLine(60), unit, mark: amount(1e-9, 1e6) })),
}
const sawSomething = rule((one: Entry) =>
  one.status === 'counted' && Object.keys(one.fields).length === 0
    ? 'A counted entry needs something that was seen.'
    : saysWhy(one),
)
const entry = object(entryFields).custom(sawSomething)

/** An entry as an archived lesson has it; it may be one of the demo school. */
export const archivedEntry = object({
  ...entryFields,
  source: choice<EntrySource>('sheet', 'desk', 'import', 'demo'),
}).custom(sawSomething)

/** One number for each try, as pages of an earlier version send it. */
const oldReading = object({
  ...about,
  levelId: localId,
  value: orNull(amount(-1e6, 1e6)),
  typed: openLine(60),
  // Readings that waited on a device since before this was told were typed.
  given: otherwise(given, 'typed'),
}).custom(
  rule((one: OldReading) =>
    one.status === 'counted' && one.value === null ? 'A counted reading needs a number.' : saysWhy(one),
  ),
)

const atOnce = { 'array.max': 'Send at most 400 entries at once.' }

export const entriesSchema = object({
  entries: list(entry, 400).min(1).custom(distinct('id')).messages(atOnce),
})

export const oldReadingsSchema = object({
  readings: list(oldReading, 400).min(1).custom(distinct('id')).messages(atOnce),
})
