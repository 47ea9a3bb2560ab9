import { itemAt } from '../../defined'
import { thingNamed } from '../../catalogue'
import type { Plan } from '../../plan'
import {
  addDays,
  canPrepareOn,
  closedReason,
  daysBetween,
  preparingDayBy,
  type SchoolCalendar,
} from '../../calendar'
import type { KitLine } from '../kitAmounts'
import { amountOf } from '../typed/describeLine'

/** Something to do before a lesson, and how long it takes. */
export interface PreparingTask {
  id: string
  what: string
  nights: number
  keeps: number | null
}

/** A task with the day on which to do it. */
export interface PlannedTask extends PreparingTask {
  /** Year-month-day; null when no day does. */
  day: string | null
  /** Why it is on another day than it would be, or on none; empty when it is on its own day. */
  note: string
}

/**
 * What a kit needs done before the lesson: what the catalogue says of its things (freeze, soak, sow, charge), what
 * is mixed and cut, and what the teacher has put down.
 * @example tasksFor(plan, lines).map((task) => task.what) // ['freeze 12 cubes of ice', 'cut 24 card, 12 x 8 cm']
 */
export function tasksFor(plan: Plan, lines: readonly KitLine[]): PreparingTask[] {
  const own = lines
    .filter((line) => line.total > 0)
    .flatMap(({ material, total }): PreparingTask[] => {
      const what = amountOf(total, material.unit, material.name)
      const ahead = thingNamed(material.name)?.ahead
      const made = material.made && {
        id: `made-${material.id}`,
        nights: 0,
        keeps: material.made.kind === 'pieces' || material.made.kind === 'lengths' ? null : 1,
        what: `${material.made.kind === 'pieces' || material.made.kind === 'lengths' ? 'cut' : 'mix'} ${what}`,
      }
      return [
        ...(ahead
          ? [
              {
                id: `ahead-${material.id}`,
                what: `${ahead.act} ${what}`,
                nights: ahead.nights,
                keeps: ahead.keeps,
              },
            ]
          : []),
        ...(made ? [made] : []),
      ]
    })
  return [...own, ...plan.preparing.map(({ id, what, nights, keeps }) => ({ id, what, nights, keeps }))]
}

/**
 * When to do each task: as late as it can be done, on a day when somebody is in school. Where that day is closed,
 * the open day before, as long as it keeps until the lesson; where it does not, no day does, and it says so.
 *
 * @param lessonDay the day of the lesson, year-month-day
 * @example planTasks([freezeIce], '2026-03-09', calendar)[0].day // the Friday before; Sunday where somebody is in at weekends
 */
export function planTasks(
  tasks: readonly PreparingTask[],
  lessonDay: string,
  calendar: SchoolCalendar,
): PlannedTask[] {
  return tasks
    .map((task) => planTask(task, lessonDay, calendar))
    .sort((a, b) => ((a.day ?? '') < (b.day ?? '') ? -1 : (a.day ?? '') > (b.day ?? '') ? 1 : 0))
}

function planTask(task: PreparingTask, lessonDay: string, calendar: SchoolCalendar): PlannedTask {
  const wanted = addDays(lessonDay, -task.nights)
  if (canPrepareOn(calendar, wanted)) return { ...task, day: wanted, note: '' }
  const reason = closedReason(calendar, wanted) ?? 'closed'
  const day = preparingDayBy(calendar, wanted)
  if (day === null) return { ...task, day: null, note: 'The school calendar has no school day before it.' }
  const early = daysBetween(day, wanted)
  if (task.keeps !== null && early > task.keeps)
    return {
      ...task,
      day: null,
      note: `It would be due on a day that is closed (${reason}) and keeps only ${task.keeps === 0 ? 'until the next day' : `${task.keeps} ${task.keeps === 1 ? 'night' : 'nights'} longer`}. Ask somebody to do it then, or move the lesson.`,
    }
  return {
    ...task,
    day,
    note: `${early} ${early === 1 ? 'day' : 'days'} early, as the day it would be due is closed (${reason}). Keep it until the lesson.`,
  }
}

/**
 * Reads a task as a teacher types it: "freeze ice 1 night before", "soak beans overnight", "sow 5 days before", "label cups".
 * @returns the task without an id, or what to type instead
 * @example understandTask('sow the cress 5 days before').task.nights // 5
 */
export function understandTask(
  text: string,
): { ok: true; task: Omit<PreparingTask, 'id'> } | { ok: false; message: string } {
  const typed = text.replace(/\s+/g, ' ').trim()
  if (typed === '')
    return { ok: false, message: 'Type what to do and when, like “freeze ice 1 night before”.' }
  const counted =
    /,?\s*\b(?:for )?(?:(\d+|one|two|three|four|five|six|seven)\s*(hours?|nights?|days?|weeks?)\b\s*(?:before|ahead|earlier|in advance)?|(an?|the)\s+(week)\s+(?:before|ahead|earlier|in advance))/i.exec(
      typed,
    )
  const overnight = /,?\s*\b(?:overnight|the (?:night|day|evening) before|the evening)\b/i.exec(typed)
  const asWord = ['one', 'two', 'three', 'four', 'five', 'six', 'seven']
  let nights = 0
  if (counted) {
    const word = (counted[1] ?? 'one').toLowerCase()
    const number = asWord.indexOf(word) + 1 || Number(word)
    // What takes a few hours is done on the morning itself.
    const unit = counted[2] ?? itemAt(counted, 4)
    nights = /hour/i.test(unit)
      ? number < 4
        ? 0
        : Math.ceil(number / 24)
      : number * (/week/i.test(unit) ? 7 : 1)
  } else if (overnight) nights = 1
  if (nights > 120) return { ok: false, message: 'That is too long before. Use at most 120 days.' }
  const what = typed
    .replace((counted ?? overnight)?.[0] ?? '', '')
    .replace(/[\s,.]+$/, '')
    .trim()
  if (what === '')
    return {
      ok: false,
      message: 'What is to be done? Type it before the day, like “freeze ice 1 night before”.',
    }
  if (what.length > 120) return { ok: false, message: 'This is too long. Use at most 120 letters.' }
  return { ok: true, task: { what, nights, keeps: keepsFor(what) } }
}

/** What grows or goes off cannot be done long before; all else keeps. */
function keepsFor(what: string): number | null {
  if (/\b(?:soak\w*|boil\w*|warm\w*|heat\w*|bake\w*)\b/i.test(what)) return 0
  return /\b(?:sow\w*|sprout\w*|plant\w*|grow\w*|mix\w*|pick\w*|collect\w*)\b/i.test(what) ? 1 : null
}
