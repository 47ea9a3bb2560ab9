/** PostgreSQL's code for a row that exists already. */
const uniqueViolation = '23505'

/** Whether a statement failed because a row with the same key is there already. */
export function isUniqueViolation(error: unknown): boolean {
  const cause = (error as { cause?: unknown } | null)?.cause ?? error
  return (cause as { code?: string } | null)?.code === uniqueViolation
}
