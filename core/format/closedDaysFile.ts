import { firstOf } from '../defined'
import ICAL from 'ical.js'
import Papa from 'papaparse'
import { addDays, daysBetween, isDay, type ClosedDays } from '../calendar'

/** What came of reading a file of closed days: the days, with what could not be taken in, or why it is none. */
export interface ClosedDaysRead {
  closed: ClosedDays[]
  /** What was left out or cut short, a sentence each. */
  notes: string[]
  problem: string | null
}

/** No holiday is longer, and no calendar reaches further ahead. */
const longest = 120
const horizonDays = 800
const mostRows = 400

/**
 * Reads days on which the school is closed from CSV (columns from, to, name) or from an iCalendar file. All-day
 * events are taken as closed days; repeated ones for about two years from `today`, as a calendar may have no end.
 * Nothing is changed: what comes back is looked at first.
 * @param today year-month-day
 * @example readClosedDays('from,to,name\n2026-04-06,2026-04-17,spring holiday', '2026-03-01').closed.length // 1
 */
export function readClosedDays(text: string, today: string): ClosedDaysRead {
  const plain = text.replace(/^\uFEFF/, '').replaceAll('\0', '')
  if (plain.trim() === '') return refused('The file is empty.')
  const read = /^\s*BEGIN:VCALENDAR/i.test(plain) ? fromICalendar(plain, today) : fromCsv(plain)
  if (read.problem === null && read.closed.length === 0)
    return { ...read, problem: read.notes[0] ?? 'We found no closed days in this file.' }
  return { ...read, closed: withoutTwins(read.closed) }
}

const refused = (problem: string): ClosedDaysRead => ({ closed: [], notes: [], problem })

function fromCsv(text: string): ClosedDaysRead {
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  const rows = parsed.data.map((row) => row.map((cell) => cell.trim()))
  const header = firstOf(rows).map((cell) => cell.toLowerCase())
  const [from, to, name] = ['from', 'to', 'name'].map((wanted) =>
    header.findIndex((cell) => cell === wanted || (wanted === 'from' && (cell === 'date' || cell === 'day'))),
  ) as [number, number, number]
  if (from < 0)
    return refused('The first line must name the columns: from, to, name. Days are written like 2026-04-06.')
  if (rows.length - 1 > mostRows)
    return refused(`${rows.length - 1} lines are too many. Use at most ${mostRows}.`)
  const closed: ClosedDays[] = []
  const notes: string[] = []
  for (const [index, row] of rows.slice(1).entries()) {
    const first = row[from] ?? ''
    const last = (to >= 0 ? row[to] : '') || first
    const what = ((name >= 0 ? row[name] : '') ?? '').slice(0, 60)
    if (!isDay(first) || !isDay(last))
      notes.push(
        `Line ${index + 2}: “${(isDay(first) ? last : first).slice(0, 20)}” isn’t a day. Write it like 2026-04-06.`,
      )
    else if (last < first) notes.push(`Line ${index + 2}: it ends before it begins.`)
    else if (daysBetween(first, last) > longest)
      notes.push(`Line ${index + 2}: longer than ${longest} days. Is the year right?`)
    else closed.push({ from: first, to: last, name: what })
  }
  return { closed, notes, problem: null }
}

function fromICalendar(text: string, today: string): ClosedDaysRead {
  let events: ICAL.Event[]
  const { first, isCut } = firstEvents(text)
  try {
    events = new ICAL.Component(ICAL.parse(first))
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one))
  } catch {
    return refused('This calendar file is damaged. Save it again from where it came.')
  }
  const closed: ClosedDays[] = []
  const notes: string[] = []
  const until = addDays(today, horizonDays)
  let timed = 0
  let endless = 0
  for (const event of events) {
    const start = event.startDate
    if (!start?.isDate) {
      timed += 1
      continue
    }
    const length = Math.max(0, daysBetween(dayOf(start), dayOf(event.endDate ?? start)) - 1)
    if (length > longest) {
      notes.push(`“${(event.summary ?? '').slice(0, 40)}” is longer than ${longest} days and was left out.`)
      continue
    }
    const name = (event.summary ?? '').slice(0, 60)
    if (!event.isRecurring()) closed.push({ from: dayOf(start), to: addDays(dayOf(start), length), name })
    else {
      const repeated = daysOfRepeated(event, until)
      if (repeated === null) {
        const which = name ? `“${name.slice(0, 40)}”` : 'An entry without a name'
        notes.push(`${which} repeats in a way that we can’t read, so it was left out.`)
        continue
      }
      if (repeated.isEndless) endless += 1
      for (const first of repeated.days)
        if (addDays(first, length) >= today && closed.length < mostRows)
          closed.push({ from: first, to: addDays(first, length), name })
    }
    if (closed.length >= mostRows) {
      notes.push(`Only the first ${mostRows} were taken.`)
      break
    }
  }
  if (isCut) notes.push(`Only the first ${mostRows} entries were looked at.`)
  if (timed > 0)
    notes.push(
      `${timed} ${timed === 1 ? 'entry has' : 'entries have'} a time of day and was not taken for a closed day.`,
    )
  if (endless > 0) notes.push(`Repeats without an end were read up to ${until}.`)
  return { closed, notes, problem: null }
}

/** The beginning of a calendar with as many entries as are looked at: the rest need not be read. */
function firstEvents(text: string): { first: string; isCut: boolean } {
  const begins = /^BEGIN:VEVENT\b/gim
  for (let count = 0; begins.exec(text) !== null; count++)
    if (count === mostRows)
      return {
        first: `${text.slice(0, begins.lastIndex - 'BEGIN:VEVENT'.length)}END:VCALENDAR\r\n`,
        isCut: true,
      }
  return { first: text, isCut: false }
}

/** The days on which an event that repeats begins, up to a day; null where its rule cannot be followed. */
function daysOfRepeated(event: ICAL.Event, until: string): { days: string[]; isEndless: boolean } | null {
  const days: string[] = []
  try {
    const each = event.iterator()
    for (let next = each.next(); next && days.length < mostRows * 10; next = each.next()) {
      if (dayOf(next) > until) return { days, isEndless: true }
      days.push(dayOf(next))
    }
    return { days, isEndless: false }
  } catch {
    return null
  }
}

const dayOf = (time: ICAL.Time) =>
  `${String(time.year).padStart(4, '0')}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}`

function withoutTwins(closed: ClosedDays[]): ClosedDays[] {
  const seen = new Set<string>()
  return closed
    .filter((one) => {
      const key = `${one.from} ${one.to}`
      return seen.has(key) ? false : seen.add(key)
    })
    .sort((a, b) => (a.from < b.from ? -1 : 1))
}
