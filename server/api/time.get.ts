import { defineRoute } from '../http/defineRoute'
import { schoolTime } from '../running/schoolTime'

/** What time it is here: all devices of a lesson go by it, whatever their own clocks say. */
export default defineRoute({ right: 'anyone', handle: () => Promise.resolve(schoolTime()) })
