import { RateLimiterMemory } from 'rate-limiter-flexible'
import { ApiError } from '../errors/apiError'

/** Ten a second for a minute: no children write so fast, a program does. */
const mostWrites = 600
const perMinute = new RateLimiterMemory({ points: mostWrites, duration: 60 })

/**
 * Counts what a tablet writes, so that one gone wild keeps nobody else waiting. What it sends is kept there and sent again.
 * @throws ApiError once it was too much
 */
export async function countWrite(sessionId: string): Promise<void> {
  const { consumedPoints } = (await perMinute.get(sessionId)) ?? { consumedPoints: 0 }
  if (consumedPoints >= mostWrites)
    throw new ApiError('busy', 'This tablet is sending too much at once. It goes on by itself in a minute.')
  await perMinute.penalty(sessionId)
}
