import { formatISO } from 'date-fns'

/** Returns today as YYYY-MM-DD, by the clock of this machine. */
export const currentDay = (): string => formatISO(new Date(), { representation: 'date' })
