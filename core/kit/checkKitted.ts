import { thingNamed } from '../catalogue'
import { capital, listed } from '../quantity'
import type { KitLine } from './kitAmounts'
import type { MadeReady } from './madeReady'
import type { PlannedTask } from './preparing/tasks'
import type { Availability } from './stock/reservations'
import { amountOf, amountWords } from './typed/describeLine'

/** One thing that the Kitted check has to say. */
export interface KitFinding {
  code:
    'closed-day' | 'nothing' | 'children' | 'no-amount' | 'making' | 'short' | 'unlisted' | 'no-day' | 'late'
  severity: 'mend' | 'think'
  reason: string
  /** The key of the need that is short, where one is. */
  need?: string
}

/** What the Kitted check says of a lesson's kit. */
export interface KitCheck {
  state: 'good' | 'think' | 'mend'
  findings: KitFinding[]
}

/** What the Kitted check looks at. */
export interface KitState {
  lines: readonly KitLine[]
  made: readonly (MadeReady | { kind: 'problem'; message: string } | null)[]
  availability: readonly Availability[]
  tasks: readonly PlannedTask[]
  /** The tasks that somebody has ticked as done, by id. */
  done: ReadonlySet<string>
  children: number
  /** Today and the day of the lesson, year-month-day. */
  today: string
  lessonDay: string
  /** Why the school has no lessons on that day; null on a school day. */
  closed: string | null
}

/**
 * Whether a need is met without looking into the cupboard: water comes from the tap, sheets from the printer.
 * @example isAlwaysThere('recording sheet') // true
 */
export function isAlwaysThere(name: string): boolean {
  const thing = thingNamed(name)
  return (
    thing !== null &&
    (thing.room || ['water', 'warm water', 'hot water', 'recording sheet'].includes(thing.name))
  )
}

/**
 * The Kitted check: whether the trays can be packed from the list alone and everything will be there in time.
 * @returns `good` when nothing is short, unknown or late; `mend` where a tray would be incomplete
 * @example checkKitted(state).findings[0].reason // '2 balances are short: …'
 */
export function checkKitted(state: KitState): KitCheck {
  const findings = [...amountFindings(state), ...stockFindings(state), ...taskFindings(state)]
  const worst = findings.some((one) => one.severity === 'mend')
    ? 'mend'
    : findings.length > 0
      ? 'think'
      : 'good'
  return { state: worst, findings: findings.sort((a, b) => rank(a) - rank(b)) }
}

const rank = (one: KitFinding) => (one.severity === 'mend' ? 0 : 1)

function* amountFindings({ lines, made, children }: KitState): Generator<KitFinding> {
  if (lines.length === 0)
    yield {
      code: 'nothing',
      severity: 'mend',
      reason: 'Nothing would be on the trays. Type what a group needs.',
    }
  const perChild = lines.filter((line) => line.material.per === 'child')
  if (perChild.length > 0 && children === 0)
    yield {
      code: 'children',
      severity: 'mend',
      reason: `No children are counted in this class, so ${listed(perChild.map((line) => line.material.name))} would be missing.`,
    }
  for (const { material, total } of lines)
    if (total === 0 && !(material.per === 'child' && children === 0))
      yield {
        code: 'no-amount',
        severity: 'think',
        reason: `${capital(material.name || 'A line without a name')} comes to nothing. Say how much, or take it out.`,
      }
  for (const one of made)
    if (one?.kind === 'problem') yield { code: 'making', severity: 'mend', reason: one.message }
}

function* stockFindings({ availability, today, lessonDay }: KitState): Generator<KitFinding> {
  if (lessonDay < today) return
  const looked = availability.filter((one) => one.short > 0 && !isAlwaysThere(one.need.name))
  for (const { need, available, held } of looked.filter((one) => one.supply !== null)) {
    const others = held.map((one) => `${amountWords(one.amount, need.unit)} with ${one.title}`)
    yield {
      code: 'short',
      severity: 'mend',
      need: need.key,
      reason: `You need ${amountOf(need.amount, need.unit, need.name)} and have ${available > 0 ? `only ${amountWords(available, need.unit)}` : 'none'}${others.length ? ` (${listed(others)})` : ''}.`,
    }
  }
  const unlisted = looked.filter((one) => one.supply === null)
  if (unlisted.length > 0)
    yield {
      code: 'unlisted',
      severity: 'think',
      reason: `${unlisted.length === 1 ? 'One thing is' : `${unlisted.length} things are`} not in the store cupboard’s list, so look for ${unlisted.length === 1 ? 'it' : 'them'}: ${listed(unlisted.map((one) => one.need.name))}.`,
    }
}

function* taskFindings({ tasks, done, today, lessonDay, closed }: KitState): Generator<KitFinding> {
  if (closed !== null && lessonDay >= today)
    yield {
      code: 'closed-day',
      severity: 'think',
      reason: `There are no lessons on the day of this one (${closed}). Move it, or look at the school’s calendar.`,
    }
  for (const { id, what, day, note } of tasks) {
    if (done.has(id)) continue
    if (day === null) yield { code: 'no-day', severity: 'mend', reason: `${capital(what)}: ${note}` }
    else if (day < today && lessonDay >= today)
      yield { code: 'late', severity: 'think', reason: `${capital(what)}: its day has gone by. Is it done?` }
  }
}
