/**
 * Writes to the server's log what kind of error happened where. Its words are left out: those of a database repeat what was sent, and
 * children's words and pictures are nobody's to read there.
 */
export function logProblem(error: unknown): void {
  console.error(describeProblem(error))
}

/** Names, codes and places of an error and its causes. */
export function describeProblem(error: unknown): string {
  if (!(error instanceof Error)) return `An unknown problem (${typeof error})`
  const { code } = error as { code?: unknown }
  // The stack begins with the words, which may be of several lines.
  const places = (error.stack ?? '')
    .replace(error.message, () => '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
  return [
    error.name + (typeof code === 'string' ? ` ${code}` : ''),
    ...places,
    ...(error.cause === undefined ? [] : [`because of ${describeProblem(error.cause)}`]),
  ].join('\n')
}
