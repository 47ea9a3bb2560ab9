/** PostgreSQL's code of an error, where it is one of its own. */
export function sqlState(error: unknown): string | undefined {
  const cause = (error as { cause?: unknown } | null)?.cause ?? error
  return (cause as { code?: string } | null)?.code
}

/** Whether a statement failed because a row with the same key is there already. */
export const isUniqueViolation = (error: unknown) => sqlState(error) === '23505'

/** Whether a statement gave up waiting for what somebody else holds. */
export const wasHeldTooLong = (error: unknown) => sqlState(error) === '55P03'

/** Whether two programs waited for each other, or one was overtaken, and the database let this one go: it may try again. */
export const wasInTheWay = (error: unknown) => ['40P01', '40001'].includes(sqlState(error) ?? '')
