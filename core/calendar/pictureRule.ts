import { endOfMonth, formatISO, parseISO } from 'date-fns'

/** When pictures that children took are deleted: with their school year, with the next one, or never. */
export const pictureKeeping = ['this-year', 'next-year', 'for-good'] as const

/** How long a school keeps the pictures that children took. */
export interface PictureRule {
  keep: (typeof pictureKeeping)[number]
  /** The month with which a school year ends, 1 to 12. */
  yearEnds: number
}

/** Until the end of the next school year, which ends in July. */
export const usualPictureRule: PictureRule = { keep: 'next-year', yearEnds: 7 }

/**
 * The last day on which a picture is kept; null where it is kept for good.
 * @param taken the day on which it was taken
 * @example pictureKeptUntil('2026-03-09', { keep: 'next-year', yearEnds: 7 }) // '2027-07-31'
 */
export function pictureKeptUntil(taken: string, { keep, yearEnds }: PictureRule): string | null {
  if (keep === 'for-good') return null
  const day = parseISO(taken)
  const isAfterEnd = day.getMonth() + 1 > yearEnds
  const year = day.getFullYear() + (isAfterEnd ? 1 : 0) + (keep === 'next-year' ? 1 : 0)
  return formatISO(endOfMonth(new Date(year, yearEnds - 1, 1)), { representation: 'date' })
}
