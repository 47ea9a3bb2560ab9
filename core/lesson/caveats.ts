import { firstOf } from '../defined'
import { leavesToGroups } from '../fair'
import { levelName, type Plan } from '../plan'
import { capital, listed } from '../quantity'
import { setUps, wayOf } from '../recording'
import type { Entry, Standing } from '../entries'

/** More notes than these are counted and not told. */
const notesTold = 3
/** Nothing went wrong with the test where a number was only typed wrongly. */
const noMishap = 'typed by mistake'

/**
 * What a result should be read beside: readings that were set aside, notes on those that count, instruments that changed on the way, and
 * what else was known to differ between levels or groups. A sentence each, with no child's name but what somebody typed.
 * @example caveatsOf(plan, standing) // []
 */
export function caveatsOf(plan: Plan, { slots, counted }: Standing): string[] {
  const aside = [...slots.values()].flatMap((state) => state.setAside)
  return [
    ...setAsideSaid(aside),
    ...notesSaid(plan, [...counted, ...aside]),
    ...instrumentsSaid(counted),
    ...propertiesSaid(plan),
    ...looseSaid(plan),
  ]
}

function setAsideSaid(aside: readonly Entry[]): string[] {
  const reasons = aside.map(({ reason }) => reason).filter((reason) => reason !== noMishap)
  if (reasons.length === 0) return []
  const counts = [...new Set(reasons)].map((reason) => ({
    reason,
    count: reasons.filter((one) => one === reason).length,
  }))
  const why =
    counts.length === 1
      ? firstOf(counts).reason
      : listed(counts.map(({ reason, count }) => `${count} ${reason}`))
  return [
    reasons.length === 1
      ? `One reading was set aside: ${why}.`
      : `${reasons.length} readings were set aside: ${why}.`,
  ]
}

function notesSaid(plan: Plan, entries: readonly Entry[]): string[] {
  const noted = entries.filter(({ note }) => note.trim() !== '')
  const told = noted
    .slice(0, notesTold)
    .map((entry) => `${capital(wayOf(plan).slotName(plan, entry))}: “${entry.note.trim()}”.`)
  const more = noted.length - told.length
  return more > 0 ? [...told, more === 1 ? 'There is one more note.' : `There are ${more} more notes.`] : told
}

const instrumentsSaid = (counted: readonly Entry[]): string[] =>
  setUps(counted)
    .filter((instruments) => instruments.length > 1)
    .map(
      (instruments) =>
        `Not everything was read with the same instrument: ${listed(instruments.map((one) => `${one.entries} with the ${one.instrument}`))}.`,
    )

const looseSaid = ({ keptSame }: Plan): string[] =>
  keptSame
    .filter(({ loose, name, how }) => loose && name.trim() !== '' && leavesToGroups(how))
    .map(
      ({ name, how }) => `The ${name.trim()} could not be kept the same: ${how.trim().replace(/\.$/, '')}.`,
    )

function propertiesSaid(plan: Plan): string[] {
  return plan.properties.flatMap(({ name, at }) => {
    const stated = plan.levels.flatMap((level) => {
      const value = at[level.id]?.trim() ?? ''
      return value === '' ? [] : [{ level, value }]
    })
    const differs = stated.some(({ value }) => value.toLowerCase() !== firstOf(stated).value.toLowerCase())
    if (!differs || name.trim() === '') return []
    const told = stated.map(({ level, value }) => `${levelName(plan, level)} ${value}`)
    return [`The ${name.trim()} differed, too: ${listed(told)}.`]
  })
}
