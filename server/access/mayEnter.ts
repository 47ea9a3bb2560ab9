import { getRequestHeader, type H3Event } from 'h3'
import { ApiError } from '../http/apiError'

/**
 * The one place that decides who may do what. Today: whoever reaches this machine may, but no page of
 * another site may write here through a teacher's browser. Sign-in and group codes will stand here.
 */
export function mayEnter(event: H3Event): void {
  if (event.method === 'GET' || event.method === 'HEAD') return
  const origin = getRequestHeader(event, 'origin')
  const host = getRequestHeader(event, 'host')
  if (origin && URL.canParse(origin) && new URL(origin).host === host) return
  if (!origin && !getRequestHeader(event, 'sec-fetch-site')) return
  throw new ApiError(
    'not-allowed',
    'Another website tried to write here. Open Jolly Beaker itself and try again.',
  )
}
