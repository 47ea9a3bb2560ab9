import { formatISO } from 'date-fns'

/** Today by the school machine's own clock, year-month-day. */
export const today = (): string => formatISO(new Date(), { representation: 'date' })
