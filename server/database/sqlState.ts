/** PostgreSQL's code of an error, or the system's, of the innermost: a query wraps that of its driver. */
export function sqlState(error: unknown): string | undefined {
  const { cause, code } = (error ?? {}) as { cause?: unknown; code?: string }
  return cause === undefined || cause === null ? code : sqlState(cause)
}

/** Whether what lies on the disk cannot be read: a page whose checksum is wrong, an index that leads nowhere, a file that is gone. */
export const isDamage = (error: unknown) =>
  ['XX001', 'XX002', '58P01', '58030'].includes(sqlState(error) ?? '')

/** Whether there is no room left on the disk. */
export const isDiskFull = (error: unknown) => ['53100', 'ENOSPC'].includes(sqlState(error) ?? '')

/** Whether the database takes too long for an answer, or has none to give now. */
export const isDatabaseTimeout = (error: unknown) =>
  [
    '57014',
    '55P03',
    '25P03',
    '53300',
    '57P03',
    'CONNECT_TIMEOUT',
    'CONNECTION_CLOSED',
    'ECONNREFUSED',
  ].includes(sqlState(error) ?? '')

/** Whether a statement failed because a row with the same key is there already. */
export const isUniqueViolation = (error: unknown) => sqlState(error) === '23505'

/** Whether a statement gave up waiting for what somebody else holds. */
export const isLockTimeout = (error: unknown) => sqlState(error) === '55P03'

/** Whether two programs waited for each other, or one was overtaken, and the database let this one go: it may try again. */
export const isWriteConflict = (error: unknown) => ['40P01', '40001'].includes(sqlState(error) ?? '')
