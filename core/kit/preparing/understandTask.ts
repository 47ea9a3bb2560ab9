import type { Preparing } from '../../plan'
import { findWhen, saysBefore, type FoundWhen } from './whenWords'

/** A task as it was read, without an id; or what to type instead. */
export type UnderstoodTask = { ok: true; task: Omit<Preparing, 'id'> } | { ok: false; message: string }

const longest = 120

/**
 * Reads a task as a teacher types it: "freeze ice 1 night before", "sow cress ten days before", "10 school days ahead order card",
 * "soak beans 24 h before", "2 days in water", "water the pots every other day", "ask for the hall the Friday before".
 * @returns the task without an id, or what to type instead
 * @example understandTask('sow the cress 5 days before').task.nights // 5
 */
export function understandTask(text: string): UnderstoodTask {
  const typed = text.replace(/\s+/g, ' ').trim()
  if (typed === '')
    return { ok: false, message: 'Type what to do and when, like “freeze ice 1 night before”.' }
  const found = findWhen(typed)
  if (!found && saysBefore.test(typed))
    return { ok: false, message: 'When is that? Type it like “5 days before” or “the Friday before”.' }
  const count = countOf(found)
  if (count > longest) return { ok: false, message: `That is too long before. Use at most ${longest} days.` }
  // What takes its time is told by it: "2 days in water".
  const what = (found && !found.isDuration ? typed.replace(found.words, '') : typed)
    .replace(/^[\s,.:]+|[\s,.]+$/g, '')
    .trim()
  if (what === '' || what === found?.words.trim())
    return {
      ok: false,
      message: 'What is to be done? Type it before the day, like “freeze ice 1 night before”.',
    }
  if (what.length > 120) return { ok: false, message: 'This is too long. Use at most 120 letters.' }
  return { ok: true, task: { what, keeps: keepsFor(what, found), ...fieldsOf(found) } }
}

const countOf = (found: FoundWhen | null): number => {
  if (!found) return 0
  const { when } = found
  return when.kind === 'nights' ? when.nights : when.kind === 'weekday' ? 0 : when.days
}

function fieldsOf(found: FoundWhen | null): Pick<Preparing, 'nights' | 'due' | 'exact'> {
  if (!found) return { nights: 0 }
  const { when, exact } = found
  switch (when.kind) {
    case 'nights':
      return { nights: when.nights, ...(exact ? { exact } : {}) }
    case 'school-days':
      return { nights: when.days, due: 'school-days' }
    case 'weekday':
      return { nights: when.weekday, due: 'weekday' }
    case 'every':
      return { nights: when.days, due: 'every' }
  }
}

/** What grows or goes off cannot be done long before; all else keeps. */
function keepsFor(what: string, found: FoundWhen | null): number | null {
  if (found?.exact) return 0
  if (/\b(?:soak\w*|boil\w*|warm\w*|heat\w*|bake\w*)\b/i.test(what)) return 0
  return /\b(?:sow\w*|sprout\w*|plant\w*|grow\w*|mix\w*|pick\w*|collect\w*)\b/i.test(what) ? 1 : null
}
