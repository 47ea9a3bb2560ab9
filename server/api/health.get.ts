import { sql } from 'drizzle-orm'
import { useDatabase } from '../database/client'
import { defineRoute } from '../http/defineRoute'

/** Whether the server can reach its data; start scripts wait for this. */
export default defineRoute({
  handle: async () => {
    await useDatabase().execute(sql`select 1`)
    return { ready: true }
  },
})
