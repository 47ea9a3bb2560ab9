import { defineEventHandler, setResponseHeaders } from 'h3'
import { refuseForeignSites } from '../access/refuseForeignSites'
import { refused, toApiError } from '../http/defineRoute'

/** Data are shown by our own pages only, kept by nobody on the way, and taken for nothing but what they are. */
const headers = {
  'cache-control': 'no-store',
  'x-content-type-options': 'nosniff',
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
}

export default defineEventHandler((event) => {
  if (!event.path.startsWith('/api/')) return
  setResponseHeaders(event, headers)
  try {
    refuseForeignSites(event)
  } catch (error) {
    return refused(event, toApiError(error))
  }
})
