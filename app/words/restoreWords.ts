import { format, parseISO } from 'date-fns'
import { countedThing, listed } from '#core/quantity'
import type { ArchivePreviewDto } from '#shared/types/archive'

/**
 * What restoring an archived lesson would do, in sentences.
 * @example restoreWords({ title: 'Ball bounce', readings: 72, … })[0] // 'Ball bounce, Monday 9 March 2026, Kestrel class: 72 readings.'
 */
export function restoreWords(lesson: ArchivePreviewDto): string[] {
  const { title, date, className, isNewClass, children, tests, readings, noticed, pictures, isHere } = lesson
  const held = [
    ...(tests > 1 ? [countedThing(tests, 'tests')] : []),
    readings > 0 ? countedThing(readings, 'readings') : 'no readings',
    ...(noticed > 0 ? [countedThing(noticed, 'observations')] : []),
    ...(pictures > 0 ? [countedThing(pictures, 'pictures')] : []),
  ]
  const day = format(parseISO(date), 'EEEE d MMMM yyyy')
  return [
    `${title || 'A lesson'}, ${day}, ${className}: ${listed(held)}.`,
    isNewClass
      ? `Its class isn’t here, so ${className} is added, ${
          children > 0
            ? `with the first ${children === 1 ? 'name of one child' : `names of ${children} children`}`
            : 'without children’s names'
        }.`
      : `It goes back to ${className}.`,
    ...(isHere ? ['This lesson is in the logbook already. Restoring adds it a second time.'] : []),
  ]
}
