import ICAL from 'ical.js'
import { addDays } from '../calendar'

/** One entry of a calendar file: something to do on a day. */
export interface CalendarEntry {
  /** Stays the same when the file is written again, so that a calendar replaces it. */
  id: string
  day: string
  title: string
  about: string
}

/**
 * An iCalendar file with one all-day entry for each task.
 * @param stamp when it is written, as ISO text
 * @example tasksCalendar([{ id: 'a', day: '2026-03-06', title: 'freeze ice', about: '' }], stamp) // 'BEGIN:VCALENDAR…'
 */
export function tasksCalendar(entries: readonly CalendarEntry[], stamp: string): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', '-//Jolly Beaker//EN')
  for (const { id, day, title, about } of entries) {
    const event = new ICAL.Component('vevent')
    event.updatePropertyWithValue('uid', `${id}@jolly-beaker`)
    event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(stamp), true))
    event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(day))
    event.updatePropertyWithValue('dtend', ICAL.Time.fromDateString(addDays(day, 1)))
    event.updatePropertyWithValue('summary', title)
    if (about !== '') event.updatePropertyWithValue('description', about)
    event.updatePropertyWithValue('transp', 'TRANSPARENT')
    calendar.addSubcomponent(event)
  }
  return `${calendar.toString()}\r\n`
}
