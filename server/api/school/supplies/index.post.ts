import { defined } from '#core/defined'
import { suppliesFileSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { ApiError } from '../../../errors/apiError'
import { defineRoute } from '../../../http/defineRoute'
import { listSupplies } from '../../../queries/supplies'
import { takeInSupplies } from '../../../queries/weighed'
import { readInThread } from '../../../threads/inThread'

export default defineRoute({
  right: 'teacher',
  body: suppliesFileSchema,
  limit: 300_000,
  handle: async ({ body }) => {
    const { rows, problem } = await readInThread(
      'previewSupplies',
      body.csv,
      await listSupplies(useDatabase()),
    )
    const bad = rows.filter((row) => row.problem !== null)
    const first = bad[0]
    if (problem ?? first)
      throw new ApiError(
        'invalid',
        problem ?? `Line ${defined(first).line}: ${defined(first).problem}`,
        bad.map((row) => ({ path: `csv.${row.line}`, message: defined(row.problem) })),
      )
    return takeInSupplies(useDatabase(), rows)
  },
})
