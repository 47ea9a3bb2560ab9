import { ApiError, statusOf } from '../errors/apiError'
import { toApiError } from './defineRoute'
import type { NitroErrorHandler } from 'nitropack/types'

/** Problems outside of any route: unknown addresses and everything unforeseen. */
const handler: NitroErrorHandler = (error, event) => {
  const problem =
    error.statusCode === 404 || error.statusCode === 405
      ? new ApiError('not-found', 'There is nothing at this address.')
      : toApiError(error.cause ?? error)
  const { res } = event.node
  if (res.headersSent) return void res.end()
  res.statusCode = statusOf[problem.code]
  res.setHeader('content-type', 'application/json; charset=utf-8')
  res.end(JSON.stringify(problem.toBody()))
}

export default handler
