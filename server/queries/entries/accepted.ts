import { firstOf } from '#core/defined'
import type { Plan } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import type { Entry } from '#core/entries'
import { mostEntries, readWithOf, usesInstrument, wayOf } from '#core/recording'
import type { FieldProblem } from '#shared/schemas'
import { ApiError } from '../../errors/apiError'
import { refuseUnconfirmed } from '../safety'
import type { OpenLesson } from './openLesson'

/** New entries as the plan reads them now; what was kept under an older one stays as it was kept. Throws what cannot be kept. */
export function accepted(given: Entry[], { plan, groupIds, stands, kept }: OpenLesson): Entry[] {
  const most = mostEntries(plan, groupIds)
  if (kept + given.length > most)
    throw new ApiError(
      'conflict',
      `This lesson has room for ${most.toLocaleString('en')} entries and has ${kept.toLocaleString('en')} already. What you typed stays on this device. Start another lesson, or write on paper.`,
    )
  const fresh = understood(given, plan)
  const problems = [...placeProblems(fresh, plan, new Set(groupIds))]
  if (problems.length > 0) throw new ApiError('invalid', firstOf(problems).message, problems)
  if (fresh.some((one) => one.status === 'counted')) refuseUnconfirmed(stands)
  return fresh
}

/** What was read in another kind of unit says nothing here. */
const isOfKind = (one: Entry, plan: Plan) =>
  one.readWith === null ||
  !usesInstrument(plan) ||
  unitDefinition(one.readWith.unit).dimension ===
    unitDefinition(wayOf(plan).planAt(plan, one.moment).measured.unit).dimension

/** Each entry with the values that its own texts give. */
function understood(sent: Entry[], plan: Plan): Entry[] {
  return sent.map((one, index) => {
    if (!isOfKind(one, plan)) {
      const message = 'This was read in another kind of unit. Reload the page.'
      throw new ApiError('invalid', message, [{ path: `entries.${index}.readWith.unit`, message }])
    }
    const read = wayOf(plan).understand(plan, one)
    // Pages of an earlier version do not say what they read with; it was by the plan that stands.
    const readWith = usesInstrument(plan) ? (one.readWith ?? readWithOf(plan, one.moment)) : null
    if (read.ok) return { ...one, fields: read.fields, readWith }
    throw new ApiError('invalid', read.message, [
      { path: `entries.${index}.fields.${read.field}`, message: read.message },
    ])
  })
}

function* placeProblems(fresh: Entry[], plan: Plan, groupIds: Set<string>): Generator<FieldProblem> {
  const levelIds = new Set(plan.levels.map((level) => level.id))
  // Groups that share levels read what any of them may read.
  const slots = wayOf(plan).slots({ ...plan, whoTests: 'all-levels' }, '', 0)
  const moments = new Set([...slots.map((slot) => slot.moment), ...wayOf(plan).optionalMoments(plan)])
  const places = new Set(slots.map(({ levelId, moment }) => `${levelId}|${moment}`))
  const hasLevels = slots.some((slot) => slot.levelId !== null)
  for (const [index, one] of fresh.entries()) {
    if (!groupIds.has(one.groupId))
      yield { path: `entries.${index}.groupId`, message: 'This group is not in the class. Reload the page.' }
    if (one.levelId !== null && !levelIds.has(one.levelId))
      yield {
        path: `entries.${index}.levelId`,
        message: 'This level is no longer in the plan. Reload the page.',
      }
    if (slots.length > 0 && hasLevels !== (one.levelId !== null))
      yield {
        path: `entries.${index}.levelId`,
        message: 'Say which level this was read at. Reload the page.',
      }
    if (slots.length > 0 && !moments.has(one.moment))
      yield { path: `entries.${index}.moment`, message: 'Nothing is read at this moment. Reload the page.' }
    else if (
      levelIds.has(one.levelId ?? '') &&
      !places.has(`${one.levelId}|${one.moment}`) &&
      !wayOf(plan).optionalMoments(plan).includes(one.moment)
    )
      yield { path: `entries.${index}.moment`, message: 'Nothing goes in this place. Reload the page.' }
  }
}
