import { ApiError } from '../errors/apiError'
import { defineRoute } from '../http/defineRoute'

/** Addresses under /api that are none. */
export default defineRoute({
  right: 'anyone',
  handle: () => {
    throw new ApiError('not-found', 'There is nothing at this address.')
  },
})
