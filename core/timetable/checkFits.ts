import type { Plan } from '../plan'
import { wayOf } from '../recording'
import { bindingOf, type Binding } from './binding'
import type { LessonStep } from './lessonSteps'
import { lessonTime } from './lessonTime'
import { minutesWords } from './minutesWords'
import { testingOf, type FitsContext, type Testing } from './testingOf'
import type { ClassMinutes } from './usualTimes'

/** Whether a lesson ends before the bell, and what it takes. */
export interface FitsCheck {
  /** `none` while there is nothing to test. */
  state: 'good' | 'think' | 'mend' | 'none'
  /** "About 38 of 45 minutes, 7 to spare." */
  sentence: string
  minutes: ClassMinutes
  /** How long the longest of its lessons takes, in whole minutes. */
  takes: number
  /** What it takes at the least, however the groups are ordered. */
  least: number
  /** The steps of each lesson. */
  lessons: LessonStep[][]
  /** The testing of each lesson. */
  parts: Testing[]
  binding: Binding
  /** What else there is to know: the days after. */
  besides: string
}

/** A lesson with less than a tenth to spare is worth a thought: estimates are estimates. */
const slack = 0.1

/**
 * Whether the lesson fits, worked out from the plan: the steps of the class, and the testing of all groups with what they share. Everything
 * that nobody has said is an estimate, so that it says "about".
 * @example checkFits(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }).sentence // 'About 32 of 45 minutes, 13 to spare.'
 */
export function checkFits(plan: Plan, context: FitsContext): FitsCheck {
  const { minutes, parts, lessons, totals, takes, problem, isEmpty } = lessonTime(plan, context)
  const binding = bindingOf(plan, context, parts)
  const longest = totals.indexOf(takes)
  const saved = (parts[longest]?.seconds ?? 0) - (parts[longest]?.bound ?? 0)
  const base = { minutes, takes, least: Math.max(0, takes - Math.floor(saved / 60)), lessons, parts, binding }
  if (problem) return { ...base, state: 'mend', sentence: problem, besides: '' }
  if (isEmpty) return { ...base, state: 'none', sentence: '', besides: '' }
  return { ...base, ...said(takes, minutes.lesson, lessons.length), besides: daysAfter(plan, context) }
}

function said(takes: number, has: number, lessons: number): Pick<FitsCheck, 'state' | 'sentence'> {
  const each = lessons > 1 ? ' in each lesson' : ''
  const spare = Math.floor(has - takes)
  if (has <= 0) return { state: 'mend', sentence: 'The lesson has no minutes. Say how long it is.' }
  if (spare < 0)
    return {
      state: 'mend',
      sentence: `About ${takes} minutes${each}: ${-spare} more than the lesson has.`,
    }
  return {
    state: spare < has * slack ? 'think' : 'good',
    sentence: `About ${takes} of ${has} minutes${each}, ${spare === 0 ? 'none' : spare} to spare.`,
  }
}

/** Fetching what stands somewhere and putting it back, and watering one container, in seconds: stated assumptions. */
const [fetchSeconds, wateringSeconds] = [120, 15]
const isWatered =
  /\bwater(?:ed|ing|s)?\b[^.]*\b(?:each|every|daily|day|morning)\b|\bkeep\b[^.]*\b(?:moist|damp|wet)\b/i

/** Where it goes on over days, what each day after the first takes. */
function daysAfter(plan: Plan, context: FitsContext): string {
  const { days, daysAfter: apart } = wayOf(plan).needs(plan.recording)
  if (days < 3) return ''
  const { groups, seconds } = testingOf(plan, context, new Map(), 1)
  const waters = plan.steps.some((step) => isWatered.test(step))
  const containers = groups.map((acts) => new Set(acts.map((act) => `${act.levelId}|${act.tryNumber}`)).size)
  const watering = waters ? wateringSeconds * Math.max(0, ...containers) : 0
  const doing = waters ? 'fetching, watering and reading take' : 'fetching and reading take'
  const when = apart ? 'later days' : 'school days after'
  return `On each of the ${days - 1} ${when}, ${doing} about ${minutesWords(fetchSeconds + watering + seconds)}.`
}
