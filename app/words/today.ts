import { formatISO } from 'date-fns'

/** Today as YYYY-MM-DD, by the clock of this device. */
export const today = (): string => formatISO(new Date(), { representation: 'date' })
