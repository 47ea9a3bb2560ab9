import { defineEventHandler, setResponseStatus } from 'h3'
import { mayEnter } from '../access/mayEnter'
import { statusOf } from '../http/apiError'
import { toApiError } from '../http/defineRoute'

export default defineEventHandler((event) => {
  if (!event.path.startsWith('/api/')) return
  try {
    mayEnter(event)
  } catch (error) {
    const problem = toApiError(error)
    setResponseStatus(event, statusOf[problem.code])
    return problem.toBody()
  }
})
