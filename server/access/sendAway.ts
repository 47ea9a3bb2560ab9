import { useHub } from '../live/hub'
import { forgetVisitors } from './visitor'

/**
 * Lets sessions that were ended or changed take effect at once: nobody is taken for who they were, and their streams end. A screen whose
 * session goes on comes back by itself.
 */
export function sendAway(sessionIds: readonly string[]): void {
  forgetVisitors()
  useHub().disconnect(sessionIds)
}
