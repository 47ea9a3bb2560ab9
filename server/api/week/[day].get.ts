import { getRouterParam } from 'h3'
import { isDay } from '#core/calendar'
import { useDatabase } from '../../database/client'
import { ApiError } from '../../errors/apiError'
import { defineRoute } from '../../http/defineRoute'
import { classesOf } from '../../queries/people/classAccess'
import { getWeek } from '../../queries/week'

export default defineRoute({
  right: 'teacher',
  handle: ({ event, visitor }) => {
    const day = getRouterParam(event, 'day') ?? ''
    if (!isDay(day)) throw new ApiError('invalid', 'Write the day as year-month-day, like 2026-03-09.')
    return getWeek(useDatabase(), day, classesOf(visitor))
  },
})
