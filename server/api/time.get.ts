import { defineRoute } from '../http/defineRoute'

/** What time it is here: all devices of a lesson go by it, whatever their own clocks say. */
export default defineRoute({ handle: () => Promise.resolve({ now: Date.now() }) })
