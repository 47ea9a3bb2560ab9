import { stems, thingNamed } from '../../catalogue'
import type { Plan, Preparing } from '../../plan'
import {
  addDays,
  canPrepareOn,
  closedReason,
  daysBetween,
  preparingDayBy,
  schoolDaysBefore,
  weekday,
  type SchoolCalendar,
} from '../../calendar'
import type { KitLine } from '../kitAmounts'
import { amountOf } from '../typed/describeLine'

/** Something to do before a lesson or while it goes on, and when. */
export type PreparingTask = Preparing

/** A task with the day on which to do it. */
export interface PlannedTask extends PreparingTask {
  /** Year-month-day; null when no day does. */
  day: string | null
  /** Why it is on another day than it would be, or on none; empty when it is on its own day. */
  note: string
  /** Where it has no day: the open day before, with how many nights before the lesson that is. */
  instead: { day: string; nights: number } | null
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
      const isPutDown = plan.preparing.some((task) => makesIt(task.what, material.name))
      const made = material.made &&
        !isPutDown && {
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
  return [...own, ...plan.preparing]
}

/** Whether a task that was put down makes a thing: "make the dough", but not "make a hole in each lid" where lids are cut. */
function makesIt(task: string, name: string): boolean {
  const made = /\b(?:make|mix|cut|knead)(?: up)? (?:(?:the|an?|some|our|all|enough) )*(.+)$/i.exec(task)?.[1]
  const [first, own] = [stems(made ?? '')[0], stems(name)[0]]
  return first !== undefined && first.stem === own?.stem
}

/**
 * When to do each task: as late as it can be done, on a day when somebody is in school. Where that day is closed, the open day before, as
 * long as it keeps until the lesson; where it does not, or the test depends on its time, no day does, and it says so with what can be done
 * instead. What is done again and again has each of its days, and over closed days a word on who does it.
 *
 * @param lessonDay the day of the lesson, year-month-day
 * @param lastDay its last day, where it goes on over days
 * @example planTasks([freezeIce], '2026-03-09', calendar)[0].day // the Friday before; Sunday where somebody is in at weekends
 */
export function planTasks(
  tasks: readonly PreparingTask[],
  lessonDay: string,
  calendar: SchoolCalendar,
  lastDay = lessonDay,
): PlannedTask[] {
  return tasks
    .flatMap((task) =>
      task.due === 'every'
        ? planCare(task, lessonDay, lastDay, calendar)
        : [planTask(task, lessonDay, calendar)],
    )
    .sort((a, b) => ((a.day ?? '') < (b.day ?? '') ? -1 : (a.day ?? '') > (b.day ?? '') ? 1 : 0))
}

/** The day on which a task would be due if the school were always open. */
function dueDay({ nights, due }: PreparingTask, lessonDay: string, calendar: SchoolCalendar): string {
  if (due === 'school-days') return schoolDaysBefore(calendar, lessonDay, nights)
  if (due === 'weekday') return addDays(lessonDay, -((weekday(lessonDay) - nights + 6) % 7) - 1)
  return addDays(lessonDay, -nights)
}

const nightsWord = (count: number) => `${count} ${count === 1 ? 'night' : 'nights'}`
const daysWord = (count: number) => `${count} ${count === 1 ? 'day' : 'days'}`

function planTask(task: PreparingTask, lessonDay: string, calendar: SchoolCalendar): PlannedTask {
  const wanted = dueDay(task, lessonDay, calendar)
  if (canPrepareOn(calendar, wanted)) return { ...task, day: wanted, note: '', instead: null }
  const reason = closedReason(calendar, wanted) ?? 'closed'
  const day = preparingDayBy(calendar, wanted)
  if (day === null)
    return { ...task, day: null, note: 'The school calendar has no school day before it.', instead: null }
  const early = daysBetween(day, wanted)
  const instead = { day, nights: daysBetween(day, lessonDay) }
  if (task.exact)
    return {
      ...task,
      day: null,
      note: `It should begin on a day that is closed (${reason}), and how long it takes is part of the test. Ask somebody to begin it then, begin it ${daysWord(early)} earlier for every group alike, or move the lesson.`,
      instead,
    }
  if (task.keeps !== null && early > task.keeps)
    return {
      ...task,
      day: null,
      note: `It would be due on a day that is closed (${reason}) and keeps only ${task.keeps === 0 ? 'until the next day' : `${nightsWord(task.keeps)} longer`}. Ask somebody to do it then, or move the lesson.`,
      instead,
    }
  return {
    ...task,
    day,
    note: `${daysWord(early)} early, as the day it would be due is closed (${reason}). Keep it until the lesson.`,
    instead: null,
  }
}

/** Care while a test goes on: each of its days, or the open day before a gap, which then has to last. */
function planCare(
  task: PreparingTask,
  lessonDay: string,
  lastDay: string,
  calendar: SchoolCalendar,
): PlannedTask[] {
  const every = Math.max(1, task.nights)
  const found = new Map<string, PlannedTask>()
  for (let day = lessonDay; day <= lastDay; day = addDays(day, every)) {
    const open = canPrepareOn(calendar, day) ? day : preparingDayBy(calendar, day)
    const at = open !== null && open >= lessonDay ? open : null
    const key = at ?? day
    const gap = at === day ? '' : closedGap(calendar, day)
    found.set(key, {
      ...task,
      id: `${task.id}-${key}`,
      day: at,
      note: gap === '' ? (found.get(key)?.note ?? '') : gap,
      instead: null,
    })
  }
  return [...found.values()]
}

const closedGap = (calendar: SchoolCalendar, day: string) =>
  `Nobody is in school afterwards (${closedReason(calendar, day) ?? 'closed'}): give enough to last, ask somebody to come in, or begin the test earlier in the week.`
