import { sql } from 'drizzle-orm'
import { useDatabase } from '../database/client'
import { ApiError } from '../errors/apiError'
import { defineRoute } from '../http/defineRoute'

const within = 2000

/** Whether the server can reach its data; start scripts wait for this. It answers while the database hangs, too. */
export default defineRoute({
  right: 'anyone',
  handle: async () => {
    const late = new Promise<false>((done) => setTimeout(() => done(false), within).unref())
    const answer = useDatabase()
      .execute(sql`select 1`)
      .then(() => true)
    if (!(await Promise.race([answer, late])))
      throw new ApiError('failed', 'The database does not answer at the moment.')
    return { ready: true }
  },
})
