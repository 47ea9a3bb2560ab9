import { getRequestHeader, type H3Event } from 'h3'
import { ApiError } from '../errors/apiError'
import { hostName, ownNames } from './ownNames'

const namesStandFor = 10_000
let names = { of: ownNames(), at: 0 }

/** An address may come and go with a network cable. */
function currentNames(): Set<string> {
  if (Date.now() - names.at > namesStandFor) names = { of: ownNames(), at: Date.now() }
  return names.of
}

/**
 * Answers to the machine's own names only, and lets no page of another site write here through a teacher's browser.
 * @throws ApiError
 */
export function refuseForeignSites(event: H3Event): void {
  const host = getRequestHeader(event, 'host')
  const name = hostName(host)
  if (name === null || !currentNames().has(name))
    throw new ApiError(
      'not-allowed',
      'Jolly Beaker doesn’t know this address. Use an address of the school’s machine, or ask whoever looks after it to add this name to JOLLY_NAMES.',
    )
  if (event.method === 'GET' || event.method === 'HEAD') return
  const origin = getRequestHeader(event, 'origin')
  if (origin && URL.canParse(origin) && new URL(origin).host === host) return
  if (!origin && !getRequestHeader(event, 'sec-fetch-site')) return
  throw new ApiError(
    'not-allowed',
    'Another website tried to write here. Open Jolly Beaker itself and try again.',
  )
}
