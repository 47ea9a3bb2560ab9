import { RateLimiterMemory } from 'rate-limiter-flexible'
import { ApiError } from '../errors/apiError'

const day = 24 * 60 * 60

interface Limits {
  /** How many wrong tries are let through without a delay. */
  free: number
  /** The longest delay, in seconds. Each further wrong try doubles it. */
  longest: number
}

/** Counts wrong tries of somebody, and makes them wait longer and longer. */
export function failedAttempts({ free, longest }: Limits) {
  const wrong = new RateLimiterMemory({ keyPrefix: 'wrong', points: Number.MAX_SAFE_INTEGER, duration: day })
  const waiting = new RateLimiterMemory({ keyPrefix: 'waiting', points: 1, duration: 1 })

  return {
    /** How many seconds somebody has to wait; 0 where they may try. */
    async delay(key: string): Promise<number> {
      const blocked = await waiting.get(key)
      return blocked && blocked.msBeforeNext > 0 ? Math.ceil(blocked.msBeforeNext / 1000) : 0
    },
    async failed(key: string): Promise<void> {
      const { consumedPoints } = await wrong.penalty(key)
      if (consumedPoints >= free)
        await waiting.block(key, Math.min(2 ** (consumedPoints - free + 1), longest))
    },
    async succeeded(key: string): Promise<void> {
      await wrong.delete(key)
    },
    /** How many wrong tries are counted. */
    count: async (key: string): Promise<number> => (await wrong.get(key))?.consumedPoints ?? 0,
  }
}

/** What somebody hears who has to wait. */
export const waitFirst = (seconds: number): ApiError =>
  new ApiError('busy', `Too many wrong tries. Wait ${waitWords(seconds)}, then try again.`)

/** "12 seconds", or "5 minutes". */
const waitWords = (seconds: number): string => {
  const minutes = Math.ceil(seconds / 60)
  if (seconds <= 90) return seconds === 1 ? 'one second' : `${seconds} seconds`
  return `${minutes} minutes`
}
